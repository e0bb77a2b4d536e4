import { flattenOutline, offsetInwards, subtractRings, type Outline, type Ring } from '../../../geometry';
import { isBoxOutline } from '../../../piece';
import type { Mm } from '../../../units';

/** What lies inside an outline between two distances from it (mm): a frame. Empty where the part is too narrow for its outer edge; without a hole where the inner one is lost. */
export function bandInside(outline: Outline, from: Mm, to: Mm): Ring[] {
	const outer = ringsAt(outline, from);
	if (outer.length === 0) return [];
	const inner = ringsAt(outline, to);
	return inner.length === 0 ? outer : subtractRings(outer, inner);
}

/** The same distance inside all round; of a box exact. */
export function ringsAt(outline: Outline, by: Mm): Ring[] {
	if (!isBoxOutline(outline)) return offsetInwards(outline, by);
	const ring = flattenOutline(outline);
	const xs = ring.filter((_, i) => i % 2 === 0);
	const ys = ring.filter((_, i) => i % 2 === 1);
	const [left, top, right, bottom] = [Math.min(...xs) + by, Math.min(...ys) + by, Math.max(...xs) - by, Math.max(...ys) - by];
	return right - left < 1e-6 || bottom - top < 1e-6 ? [] : [[left, top, right, top, right, bottom, left, bottom]];
}
