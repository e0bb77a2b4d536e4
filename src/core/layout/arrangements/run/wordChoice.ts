import { formatLength, type LengthUnit, type Mm } from '../../../units';
import { wordSize } from '../wordSize';
import type { FittedChoice } from './types';

const ENDS: Readonly<Record<string, string>> = {
	whole: 'from end to end',
	half: 'half motifs at the ends',
	free: 'free at the ends',
	ring: 'round'
};
const BY: Readonly<Record<string, string>> = {
	'scale-wish': 'the size you wished',
	'scale-least': 'as small as you allow',
	'scale-most': 'as large as it may be',
	size: 'a size that exists',
	'gap-wish': 'the gap you wished',
	'gap-least': 'as close as you allow',
	'gap-most': 'as open as you allow',
	clears: 'just clears a knob',
	centres: 'centred on the knobs',
	balance: 'a little less of both wishes',
	alone: 'one alone'
};

/** Motifs of a way that find nothing to lie on. */
export interface Swallowed {
	readonly front: string;
	readonly count: number;
}

/** One of the ranked fits as the painter reads it: how many, how large (a motif is so high at scale 1, mm), how far apart, and why. */
export function wordChoice(
	choice: FittedChoice,
	{ unit, hardware, height }: { readonly unit: LengthUnit; readonly hardware: 'avoid' | 'centre' | 'over'; readonly height: Mm },
	swallowed: readonly Swallowed[] = []
): { scale: number; title: string; reason: string; warning: string | null } {
	const { fit } = choice.fits[0]!;
	const hits = choice.fits.reduce((sum, { fit }) => sum + fit.hits, 0);
	const count = Math.max(
		0,
		(fit.ends === 'half' ? fit.count + 1 : fit.count) - (choice.fits.length === 1 ? (swallowed[0]?.count ?? 0) : 0)
	);
	const gap = fit.spots.length > 1 ? `, gap ${formatLength(fit.gap, unit).text}` : '';
	const gone = swallowed.map(({ front, count }) => `; ${count} left out on ${front}, where nothing is`).join('');
	const left = fit.leftOver > 0.5 ? `, ${formatLength(fit.leftOver / 2, unit).text} left at each end` : '';
	return {
		scale: fit.scale,
		title: `${wordSize(count, fit.scale * height, unit)}${gap}`,
		reason: `${BY[fit.by]}; ${ENDS[fit.ends]}${left}${gone}`,
		warning:
			hits === 0
				? null
				: hardware === 'centre'
					? `${hits} knob${hits > 1 ? 's' : ''} with no motif on the centre`
					: `${hits} motif${hits > 1 ? 's' : ''} on a knob`
	};
}
