import type { Ring } from '../../geometry';
import { ringsForScale, type Motif } from '../../layout';
import type { Mm } from '../../units';

/** One sheet as a cutter takes it, mm from its top left corner. */
export interface CutSheet {
	readonly title: string;
	readonly width: Mm;
	readonly height: Mm;
	/** Outlines of the openings: cut through. */
	readonly cuts: readonly Ring[];
	/** Crosses at the corners and the middles of each motif's frame: drawn, or scored, not cut. */
	readonly register: readonly { readonly x1: Mm; readonly y1: Mm; readonly x2: Mm; readonly y2: Mm }[];
}

/** Left uncut round a motif where its sheet is not known, mm. */
const BORDER: Mm = 25;
const CROSS: Mm = 4;

/** A motif at a scale on its sheet: so many repeats as the sheet has, with its border, and a cross at each corner and each middle of their frames. */
export function describeCut(motif: Motif, scale: number): CutSheet {
	const { border, across, down } = motif.sheet ?? { border: BORDER, across: 1, down: 1 };
	const [w, h] = [motif.width * scale, motif.height * scale];
	const rings = ringsForScale(motif, scale);
	const places = Array.from({ length: across * down }, (_, i) => ({
		x: border + (i % across) * w,
		y: border + Math.floor(i / across) * h
	}));
	const xs = [0, 0.5, 1];
	const [width, height] = [across * w + 2 * border, down * h + 2 * border];
	/** Where the border is narrow a cross ends at the edge of the sheet. */
	const on = (value: Mm, most: Mm) => Math.min(most, Math.max(0, value));
	return {
		title: `${motif.name} at ${scale.toFixed(3)}`,
		width,
		height,
		cuts: places.flatMap(({ x, y }) => rings.map((ring) => ring.map((value, i) => value * scale + (i % 2 === 0 ? x : y)))),
		register: places.flatMap(({ x, y }) =>
			xs.flatMap((u) =>
				xs
					.filter((v) => u !== 0.5 || v !== 0.5)
					.flatMap((v) => {
						const [cx, cy] = [x + u * w, y + v * h];
						return [
							{ x1: on(cx - CROSS / 2, width), y1: cy, x2: on(cx + CROSS / 2, width), y2: cy },
							{ x1: cx, y1: on(cy - CROSS / 2, height), x2: cx, y2: on(cy + CROSS / 2, height) }
						];
					})
			)
		)
	};
}
