import type { Mm } from '../../../units';

/** Widths that most shelves have, mm, where the workshop says nothing of its own. */
export const TAPES: readonly Mm[] = [3, 6, 12, 18, 24, 36, 48];
/** A tape reaches over both ends of its run by this, mm. Source: methods 5. */
const OVER_END: Mm = 30;

/** Of ten strips laid side by side, in all mm: how wide one is, to a hundredth, and which tape of the shelf it is. Source: methods 5. */
export function measuredByTen(shelf: readonly Mm[], ten: Mm): { readonly tape: Mm; readonly width: Mm } {
	const width = Math.round(ten * 10) / 100;
	return { tape: shelf.reduce((best, one) => (Math.abs(one - width) < Math.abs(best - width) ? one : best)), width };
}

/** One or two tapes laid beside each other. */
export interface TapeSum {
	readonly width: Mm;
	readonly tapes: readonly Mm[];
}

/** Every width that one tape or two side by side make, widest tape first, narrowest width first; of equals the one of fewer tapes. Source: methods 5. */
export function sumTapes(tapes: readonly Mm[]): TapeSum[] {
	const own = [...new Set(tapes)].sort((a, b) => b - a);
	const sums = [
		...own.map((width) => ({ width, tapes: [width] })),
		...own.flatMap((first, i) => own.slice(i).map((second) => ({ width: first + second, tapes: [first, second] })))
	];
	return sums
		.sort((a, b) => a.width - b.width || a.tapes.length - b.tapes.length)
		.filter(({ width }, i, all) => i === 0 || width - all[i - 1]!.width > 1e-9);
}

/** The tapes that mask a strip along both its edges: itself where a tape is as wide, one over it where one edge is the end of the part, else one along each edge. */
export function tapesToMask(width: Mm, tapes: readonly Mm[], isEnd: boolean): readonly Mm[] {
	const sorted = [...tapes].sort((a, b) => a - b);
	const exact = sorted.find((tape) => Math.abs(tape - width) < 1e-9);
	if (exact !== undefined) return [exact];
	if (isEnd) return [sorted.find((tape) => tape >= width) ?? sorted.at(-1)!];
	const edge = sorted.findLast((tape) => tape <= width) ?? sorted[0]!;
	return [edge, edge];
}

/** Metres of each tape, the widest first, for strips that are laid once; each reaches over both ends of its run. Source: methods 5. */
export function metresOfTape(
	strips: readonly { readonly tapes: readonly Mm[]; readonly length: Mm }[]
): { readonly tape: Mm; readonly metres: number }[] {
	const sums = new Map<Mm, number>();
	for (const { tapes, length } of strips) for (const tape of tapes) sums.set(tape, (sums.get(tape) ?? 0) + (length + 2 * OVER_END) / 1000);
	return [...sums].sort(([a], [b]) => b - a).map(([tape, metres]) => ({ tape, metres }));
}
