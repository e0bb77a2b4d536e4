import { distanceToOutline, isInsideOutline } from '../../geometry';
import type { Mm } from '../../units';
import type { LaidField } from './types';

/** Steps of it never come round to where they were: what is asked so lies evenly, and falls in step with nothing. */
export const GOLDEN = (Math.sqrt(5) - 1) / 2;

/** Where a cell lies to what of a part is painted; one on its edge by where its middle lies. */
export function placeOfCell(
	{ outline, holes }: LaidField['own'],
	x: Mm,
	y: Mm,
	wide: Mm,
	tall: Mm
): 'inside' | 'outside' | 'edge, in' | 'edge, out' {
	const inside = outline === null || isInsideOutline(outline, { x, y });
	const onEdge = outline !== null && distanceToOutline(outline, { x, y }) < Math.hypot(wide, tall) / 2;
	if (!inside && !onEdge) return 'outside';
	let cut = onEdge;
	let isIn = inside;
	for (const hole of holes) {
		const [left, top] = [x - hole.x, y - hole.y];
		const over = left > -wide / 2 && top > -tall / 2 && left < hole.width + wide / 2 && top < hole.height + tall / 2;
		if (!over) continue;
		if (hole.outline) {
			const at = { x: left, y: top };
			const isOver = isInsideOutline(hole.outline, at);
			const isFar = distanceToOutline(hole.outline, at) >= Math.hypot(wide, tall) / 2;
			if (isOver && isFar) return 'outside';
			if (isFar) continue;
			cut = true;
			if (isOver) isIn = false;
			continue;
		}
		if (left >= wide / 2 && top >= tall / 2 && left <= hole.width - wide / 2 && top <= hole.height - tall / 2) return 'outside';
		cut = true;
		if (left > 0 && top > 0 && left < hole.width && top < hole.height) isIn = false;
	}
	return cut ? (isIn ? 'edge, in' : 'edge, out') : 'inside';
}
