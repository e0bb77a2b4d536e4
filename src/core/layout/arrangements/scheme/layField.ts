import { boundsOfRings, isInRings, offsetRing, flattenOutline, type Ring } from '../../../geometry';
import { doBoxesMeet, isBoxOutline, type Box, type Part } from '../../../piece';
import { type Mm, SAME } from '../../../units';

interface Size {
	readonly width: Mm;
	readonly height: Mm;
}

/** What is left of a part inside so wide a band (mm), as rings; none where nothing is. */
export function insideOf({ outline, width, height }: Pick<Part, 'outline' | 'width' | 'height'>, band: Mm): Ring[] {
	if (isBoxOutline(outline))
		return 2 * band < Math.min(width, height) ? [[band, band, width - band, band, width - band, height - band, band, height - band]] : [];
	return offsetRing(flattenOutline(outline, 0.01), -band);
}

/** Whether a box lies whole in some rings. */
export function liesIn({ x, y, width, height }: Box, rings: readonly Ring[]): boolean {
	/** A hair inwards: what touches the edge is inside. */
	const [left, top, right, bottom] = [x + SAME, y + SAME, x + width - SAME, y + height - SAME];
	return isInRings(left, top, rings) && !rings.some((ring) => doesCross(ring, left, top, right, bottom));
}

/** Whether a ring comes into a box: no edge of it may. */
function doesCross(ring: Ring, left: Mm, top: Mm, right: Mm, bottom: Mm): boolean {
	for (let i = 0, j = ring.length - 2; i < ring.length; j = i, i += 2) {
		const [x0, y0, x1, y1] = [ring[j]!, ring[j + 1]!, ring[i]!, ring[i + 1]!];
		if (Math.max(x0, x1) < left || Math.min(x0, x1) > right || Math.max(y0, y1) < top || Math.min(y0, y1) > bottom) continue;
		/** What of the edge lies between its sides, then between its top and its bottom. */
		let [from, to] = [0, 1];
		for (const [at, way, low, high] of [
			[x0, x1 - x0, left, right],
			[y0, y1 - y0, top, bottom]
		] as const) {
			if (way === 0) continue;
			const [a, b] = [(low - at) / way, (high - at) / way];
			from = Math.max(from, Math.min(a, b));
			to = Math.min(to, Math.max(a, b));
		}
		if (from <= to) return true;
	}
	return false;
}

/** What lies on the middle lines of a field, across and down: a motif or a gap. */
export const FIELD_WAYS = ['motif-motif', 'gap-motif', 'motif-gap', 'gap-gap'] as const;
export type FieldWay = (typeof FIELD_WAYS)[number];
/** Of each by its column and its row from the middle. */
export type FieldPlaces = readonly { readonly x: Mm; readonly y: Mm; readonly column: number; readonly row: number }[];

/**
 * Centres of as many whole motifs as fit, in a square field about the middle of a part (mm), each of its four ways: a motif or a gap on the
 * middle line, across and down. Clear of a box in the middle. Empty where nothing fits, or more than a texture would. Source: craft 10.
 */
export function layField({
	rings,
	middle,
	motif,
	gap,
	keepOff
}: {
	readonly rings: readonly Ring[];
	readonly middle: { readonly x: Mm; readonly y: Mm };
	readonly motif: Size;
	readonly gap: Mm;
	readonly keepOff: Box | null;
}): Readonly<Record<FieldWay, FieldPlaces>> {
	const [across, down] = [motif.width + gap, motif.height + gap];
	if (rings.length === 0 || across <= 0 || down <= 0) return NO_FIELDS;
	const box = boundsOfRings(rings);
	const reach = (half: Mm, step: Mm) => Math.ceil(half / step) + 1;
	const [nx, ny] = [reach((box.right - box.left) / 2, across), reach((box.bottom - box.top) / 2, down)];
	if (nx * ny > MOST) return TOO_DENSE;
	const lay = (px: number, py: number) => {
		const places: FieldPlaces[number][] = [];
		for (let row = -ny; row <= ny; row++)
			for (let column = -nx; column <= nx; column++) {
				const [x, y] = [middle.x + (column + px) * across, middle.y + (row + py) * down];
				const own = { x: x - motif.width / 2, y: y - motif.height / 2, ...motif };
				if ((keepOff === null || !doBoxesMeet(own, keepOff)) && liesIn(own, rings)) places.push({ x, y, column, row });
			}
		return places;
	};
	return { 'motif-motif': lay(0, 0), 'gap-motif': lay(0.5, 0), 'motif-gap': lay(0, 0.5), 'gap-gap': lay(0.5, 0.5) };
}

/** More than these in a quarter of a part are a texture. */
const MOST = 2000;
const NO_FIELDS: Readonly<Record<FieldWay, FieldPlaces>> = { 'motif-motif': [], 'gap-motif': [], 'motif-gap': [], 'gap-gap': [] };
/** What is given where they would be. */
export const TOO_DENSE: Readonly<Record<FieldWay, FieldPlaces>> = { ...NO_FIELDS };
