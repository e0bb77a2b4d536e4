import type { Row, RunWish, RunPlace } from './types';

/** Every motif of a row with its own edges, mm; those at the ends cut in half where the row says so. */
export function placeSpots(row: Row, scale: number, wish: RunWish): RunPlace[] {
	const half = (scale * wish.motif) / 2;
	return Array.from({ length: row.motifs }, (_, k): RunPlace => {
		const centre = row.first + k * row.pitch;
		const cut = !row.cut ? 'none' : k === 0 ? 'left' : k === row.motifs - 1 ? 'right' : 'none';
		return { centre, from: cut === 'left' ? centre : centre - half, to: cut === 'right' ? centre : centre + half, cut };
	});
}
