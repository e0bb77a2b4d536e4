import { MOST_MOTIFS, type Ends } from '../types';
import { clearLength } from './shared';

/** A row in the middle with what is left shared by both ends: n s m + (n - 1) g <= L. Source: methods 3. */
export const free: Ends = {
	id: 'free',
	motifOnCentre: (count) => count % 2 === 1,
	countRange(wish) {
		const { scale, gap, motif } = wish;
		const most = (clearLength(wish) + gap.least) / (scale.least * motif + gap.least);
		return [1, Math.min(MOST_MOTIFS, Math.floor(most + 1e-9))];
	},
	gapThatCloses: () => null,
	scaleForGap: () => null,
	layRow(count, scale, gap, wish) {
		const pitch = scale * wish.motif + gap;
		return { first: wish.length / 2 - ((count - 1) / 2) * pitch, pitch, motifs: count, cut: false };
	},
	leftOver: (count, scale, gap, wish) => clearLength(wish) - count * scale * wish.motif - (count - 1) * gap
};
