import { distanceToOutline, isInsideOutline, type Outline } from '../../geometry';
import type { Mm } from '../../units';
import type { LaidField } from './types';

/** Steps of it never come round to where they were: what is asked so lies evenly, and falls in step with nothing. */
export const GOLDEN = (Math.sqrt(5) - 1) / 2;

/** Where a cell lies to what of a part is painted. */
export function placeOfCell({ outline, holes }: LaidField['own'], x: Mm, y: Mm, wide: Mm, tall: Mm): 'inside' | 'outside' | 'edge' {
	const inside = outline === null || isInsideOutline(outline, { x, y });
	const onEdge = outline !== null && distanceToOutline(outline, { x, y }) < Math.hypot(wide, tall) / 2;
	if (!inside && !onEdge) return 'outside';
	let cut = onEdge;
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
			continue;
		}
		if (left >= wide / 2 && top >= tall / 2 && left <= hole.width - wide / 2 && top <= hole.height - tall / 2) return 'outside';
		cut = true;
	}
	return cut ? 'edge' : 'inside';
}

/** How much of a cell on an edge is painted, from 0 to 1: what boxes take off it exactly, what a curve takes by how far off that runs. */
export function shareOfCell({ outline, holes }: LaidField['own'], x: Mm, y: Mm, wide: Mm, tall: Mm): number {
	let share = outline === null ? 1 : shareInside(outline, x, y, wide, tall);
	for (const hole of holes) {
		if (hole.outline) {
			share -= shareInside(hole.outline, x - hole.x, y - hole.y, wide, tall);
			continue;
		}
		const across = Math.min(x + wide / 2, hole.x + hole.width) - Math.max(x - wide / 2, hole.x);
		const down = Math.min(y + tall / 2, hole.y + hole.height) - Math.max(y - tall / 2, hole.y);
		if (across > 0 && down > 0) share -= (across * down) / (wide * tall);
	}
	return Math.max(0, share);
}

/** As if the outline ran straight through the cell. */
function shareInside(outline: Outline, x: Mm, y: Mm, wide: Mm, tall: Mm): number {
	const far = distanceToOutline(outline, { x, y }) / Math.sqrt(wide * tall);
	return far >= 1
		? Number(isInsideOutline(outline, { x, y }))
		: Math.min(1, Math.max(0, 0.5 + (isInsideOutline(outline, { x, y }) ? far : -far)));
}
