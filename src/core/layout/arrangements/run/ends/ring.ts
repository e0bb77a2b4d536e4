import { MOST_MOTIFS, type Ends } from '../types';
import { clearLength } from './shared';

/** A closed ring or border line: n (s m + g) = C. Source: methods 3. */
export const ring: Ends = {
	id: 'ring',
	motifOnCentre: () => null,
	countRange(wish) {
		const most = clearLength(wish) / (wish.scale.least * wish.motif + wish.gap.least);
		return [1, Math.min(MOST_MOTIFS, Math.floor(most + 1e-9))];
	},
	gapThatCloses: (count, scale, wish) => clearLength(wish) / count - scale * wish.motif,
	scaleForGap: (count, gap, wish) => (clearLength(wish) / count - gap) / wish.motif,
	layRow: (count, scale, gap, wish) => ({
		first: wish.margin + (scale * wish.motif) / 2,
		pitch: scale * wish.motif + gap,
		motifs: count,
		cut: false
	}),
	leftOver: () => 0
};
