import { boundsOfRings, isInRings, offsetRing, flattenOutline, type Ring } from '../../../geometry';
import { isBoxOutline, type Box, type Part } from '../../../piece';
import type { Mm } from '../../../units';

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

const EPS = 1e-6;

/** Whether a box lies whole in some rings. */
export function liesIn({ x, y, width, height }: Box, rings: readonly Ring[]): boolean {
	/** A hair inwards: what touches the edge is inside. */
	const [left, top, right, bottom] = [x + EPS, y + EPS, x + width - EPS, y + height - EPS];
	const steps = [0, 0.25, 0.5, 0.75, 1];
	return steps.every((t) => {
		const [u, v] = [left + t * (right - left), top + t * (bottom - top)];
		return isInRings(u, top, rings) && isInRings(u, bottom, rings) && isInRings(left, v, rings) && isInRings(right, v, rings);
	});
}

/** What lies on the middle lines of a field, across and down: a motif or a gap. */
export const FIELD_WAYS = ['motif-motif', 'gap-motif', 'motif-gap', 'gap-gap'] as const;
export type FieldWay = (typeof FIELD_WAYS)[number];
export type FieldPlaces = readonly { readonly x: Mm; readonly y: Mm; readonly place: string }[];

/**
 * Centres of as many whole motifs as fit, in a square field about the middle of a part (mm), each of its four ways: a motif or a gap on the
 * middle line, across and down. Clear of a box in the middle. Empty where nothing fits, or more than a texture would. Source: craft 10.
 */
export function layField(
	rings: readonly Ring[],
	middle: { readonly x: Mm; readonly y: Mm },
	motif: Size,
	gap: Mm,
	keepOff: Box | null
): Readonly<Record<FieldWay, FieldPlaces>> {
	const [across, down] = [motif.width + gap, motif.height + gap];
	const none = { 'motif-motif': [], 'gap-motif': [], 'motif-gap': [], 'gap-gap': [] };
	if (rings.length === 0 || across <= 0 || down <= 0) return none;
	const box = boundsOfRings(rings);
	const reach = (half: Mm, step: Mm) => Math.ceil(half / step) + 1;
	const [nx, ny] = [reach((box.right - box.left) / 2, across), reach((box.bottom - box.top) / 2, down)];
	if (nx * ny > MOST) return none;
	const lay = (px: number, py: number) => {
		const places: { x: Mm; y: Mm; place: string }[] = [];
		for (let row = -ny; row <= ny; row++)
			for (let column = -nx; column <= nx; column++) {
				const [x, y] = [middle.x + (column + px) * across, middle.y + (row + py) * down];
				const own = { x: x - motif.width / 2, y: y - motif.height / 2, ...motif };
				if ((keepOff === null || !meets(own, keepOff)) && liesIn(own, rings)) places.push({ x, y, place: `${column},${row}` });
			}
		return places;
	};
	return { 'motif-motif': lay(0, 0), 'gap-motif': lay(0.5, 0), 'motif-gap': lay(0, 0.5), 'gap-gap': lay(0.5, 0.5) };
}

/** More than these are a texture. */
const MOST = 2000;

function meets(a: Box, b: Box): boolean {
	return a.x < b.x + b.width - EPS && b.x < a.x + a.width - EPS && a.y < b.y + b.height - EPS && b.y < a.y + a.height - EPS;
}
