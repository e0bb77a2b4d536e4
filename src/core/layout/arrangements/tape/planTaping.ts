import type { Mm } from '../../../units';
import type { Band } from '../stripes/fitStripes';
import type { TapeStrip } from '../types';
import { sumTapes, tapesToMask } from './tapes';

/**
 * The tapes of one part in the order of laying, from the middle outwards: gaps are masks; by tape the stripes are spacers, pulled
 * before painting. What is left at an end is masked where the last band is a stripe. Source: methods 5.
 */
export function planTaping({
	bands,
	length,
	runOf,
	school,
	tapes
}: {
	readonly bands: readonly Band[];
	readonly length: Mm;
	readonly runOf: (band: { from: Mm; to: Mm }) => Mm;
	readonly school: 'tape' | 'measure';
	readonly tapes: readonly Mm[];
}): TapeStrip[] {
	const sums = sumTapes(tapes);
	const sumFor = (width: Mm) => sums.find((sum) => Math.abs(sum.width - width) < 1e-6)?.tapes;
	const inOrder = [...bands].sort((a, b) => Math.abs(a.at) - Math.abs(b.at) || a.at - b.at);
	const strips = inOrder.flatMap((band): TapeStrip[] => {
		const { from, to, isStripe } = band;
		if (isStripe && school === 'measure') return [];
		const own = (school === 'tape' && sumFor(to - from)) || tapesToMask(to - from, tapes, false);
		return [{ from, to, use: isStripe ? 'spacer' : 'mask', tapes: own, length: runOf(band) }];
	});
	const ends = ([bands[0], bands.at(-1)] as const).flatMap((band, i): TapeStrip[] => {
		if (!band?.isStripe) return [];
		const end = i === 0 ? { from: 0, to: band.from } : { from: band.to, to: length };
		if (end.to - end.from < 1e-6) return [];
		return [{ ...end, use: 'mask', tapes: tapesToMask(end.to - end.from, tapes, true), length: runOf(end) }];
	});
	return [...strips, ...ends];
}
