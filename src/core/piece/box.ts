import type { Mm } from '../units';

export interface Box {
	/** From the left and from the top edge of the face, mm. */
	readonly x: Mm;
	readonly y: Mm;
	readonly width: Mm;
	readonly height: Mm;
}
