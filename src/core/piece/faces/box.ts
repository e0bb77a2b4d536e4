import { SAME, type Mm } from '../../units';

export interface Box {
	/** From the left and from the top edge of the face, mm. */
	readonly x: Mm;
	readonly y: Mm;
	readonly width: Mm;
	readonly height: Mm;
}

/** Whether two boxes have room in common; touching is none. */
export function doBoxesMeet(a: Box, b: Box): boolean {
	return a.x < b.x + b.width - SAME && b.x < a.x + a.width - SAME && a.y < b.y + b.height - SAME && b.y < a.y + a.height - SAME;
}
