import { MOST_MOTIFS, type Ends } from '../types';
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
	layRow: (count, scale, gap, wish) => ({ first: wish.margin, pitch: scale * wish.motif + gap, motifs: count + 1, cut: true }),
	leftOver: () => 0
};
