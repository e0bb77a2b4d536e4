import { MOST_MOTIFS, type Ends } from '../types';
import { clearLength } from './shared';

/** Whole motifs from end to end: n s m + (n - 1) g = L. Source: methods 3. */
export const whole: Ends = {
	id: 'whole',
	motifOnCentre: (count) => count % 2 === 1,
	countRange(wish) {
		const length = clearLength(wish);
		const { scale, gap, motif } = wish;
		const most = (length + gap.least) / (scale.least * motif + gap.least);
		return [1, Math.min(MOST_MOTIFS, Math.floor(most + 1e-9))];
	},
	gapThatCloses(count, scale, wish) {
		const left = clearLength(wish) - count * scale * wish.motif;
		if (count === 1) return Math.abs(left) < 1e-6 ? wish.gap.wish : Number.NaN;
		return left / (count - 1);
	},
	scaleForGap: (count, gap, wish) => (clearLength(wish) - (count - 1) * gap) / (count * wish.motif),
	layRow: (count, scale, gap, wish) => ({
		first: wish.margin + (scale * wish.motif) / 2,
		pitch: scale * wish.motif + gap,
		motifs: count,
		cut: false
	}),
	leftOver: () => 0
};
