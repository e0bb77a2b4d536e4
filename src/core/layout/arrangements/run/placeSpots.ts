import type { Ends, Row, RunWish, Spot } from './types';

/** Every motif of a row with its own edges, mm; those at the ends cut in half where the kind of ends says so. */
export function placeSpots(kind: Ends, row: Row, scale: number, wish: RunWish): Spot[] {
	const half = (scale * wish.motif) / 2;
	return Array.from({ length: row.motifs }, (_, k): Spot => {
		const centre = row.first + k * row.pitch;
		const cut = !kind.cutsEnds ? 'none' : k === 0 ? 'left' : k === row.motifs - 1 ? 'right' : 'none';
		return { centre, from: cut === 'left' ? centre : centre - half, to: cut === 'right' ? centre : centre + half, cut };
	});
}
