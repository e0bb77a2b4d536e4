import { MOST_MOTIFS, type Ends, type Spot } from '../run/types';
import { clearLength } from './shared';

/** Half motifs at both ends: n (s m + g) = L, centres at k (s m + g), k = 0..n. Source: methods 3. */
export const half: Ends = {
	id: 'half',
	motifOnCentre: (count) => count % 2 === 0,
	countRange(wish) {
		const most = clearLength(wish) / (wish.scale.least * wish.motif + wish.gap.least);
		return [1, Math.min(MOST_MOTIFS, Math.floor(most + 1e-9))];
	},
	gapThatCloses: (count, scale, wish) => clearLength(wish) / count - scale * wish.motif,
	scaleForGap: (count, gap, wish) => (clearLength(wish) / count - gap) / wish.motif,
	placeSpots(count, scale, gap, wish): Spot[] {
		const size = scale * wish.motif;
		const start = wish.margin;
		const end = wish.length - wish.margin;
		return Array.from({ length: count + 1 }, (_, k) => {
			const centre = start + k * (size + gap);
			const cut = k === 0 ? 'left' : k === count ? 'right' : 'none';
			return { centre, from: Math.max(start, centre - size / 2), to: Math.min(end, centre + size / 2), cut };
		});
	},
	leftOver: () => 0
};
