import { isWithin, type ChainReading } from './chainReading';
import type { Mm } from '../../units';
import { findSuspects, type Suspect } from './findSuspects';

export interface ChainCheck {
	/** Overall minus the sum of the readings, mm. */
	readonly residual: Mm;
	/** What reading errors can explain: half a resolution for each reading, mm. */
	readonly allowed: Mm;
	/** What they exceed three times in a thousand, mm; no more than `allowed`. */
	readonly likely: Mm;
	/** `rare`: reading errors can explain it, but hardly ever do. */
	readonly verdict: 'closed' | 'shared' | 'rare' | 'beyond';
	/** What each reading gained or lost, mm; all 0 unless the verdict is `shared` or `rare`. */
	readonly shares: readonly Mm[];
	/** At most three, the likeliest first; only where the verdict is `rare` or `beyond`. */
	readonly suspects: readonly Suspect[];
	/** Place of the reading that is to be taken again first, -1 for the overall length; null where none needs to be. */
	readonly again: number | null;
}

/**
 * Checks that a chain of readings (mm) adds up to the overall length (mm). A residual within the error of reading
 * is shared out in proportion to length, no reading moved by more than half its resolution; a larger one is
 * explained by suspects. Between what rounding is likely to do, 3 resolution sqrt(n/12), and the most that it can, it is shared, told as rare, and suspected too.
 * Source: methods 1.
 */
export function checkChain(overall: ChainReading, readings: readonly ChainReading[]): ChainCheck {
	const residual = overall.mm - readings.reduce((sum, reading) => sum + reading.mm, 0);
	const allowed = readings.reduce((sum, reading) => sum + reading.resolution / 2, 0);
	const likely = Math.min(allowed, 3 * Math.sqrt(readings.reduce((sum, { resolution }) => sum + resolution ** 2 / 12, 0)));
	const none = readings.map(() => 0);
	const found = { residual, allowed, likely, shares: none, suspects: [], again: null };
	if (isWithin(residual, 0)) return { ...found, residual: 0, verdict: 'closed' };
	const suspected = (suspects: readonly Suspect[]) => ({ suspects, again: suspects[0]?.index ?? coarsest(readings) });
	if (!isWithin(residual, allowed))
		return { ...found, verdict: 'beyond', ...suspected(findSuspects(overall, readings, residual, allowed)) };
	/** Within the error of reading, but for a gap that two fronts side by side have lost, or that stands twice, too little is more likely. */
	const odd = findSuspects(overall, readings, residual, allowed).filter(({ kind, neighbours }) => kind === 'missed-or-twice' && neighbours);
	if (odd.some((suspect) => 2 * Math.abs(suspect.residual) < Math.abs(residual))) return { ...found, verdict: 'beyond', ...suspected(odd) };
	const shares = shareResidual(residual, readings);
	if (isWithin(residual, likely)) return { ...found, verdict: 'shared', shares };
	return { ...found, verdict: 'rare', shares, ...suspected(findSuspects(overall, readings, residual, likely)) };
}

/** Where no single slip explains it: the reading that was taken most coarsely, the longest of them. */
function coarsest(readings: readonly ChainReading[]): number {
	return readings.reduce((best, { resolution, mm }, i) => {
		const known = readings[best]!;
		return resolution > known.resolution || (resolution === known.resolution && mm > known.mm) ? i : best;
	}, 0);
}

/** Water-filling: those that would move too far are held at their limit, and the others take the excess. */
function shareResidual(residual: Mm, readings: readonly ChainReading[]): Mm[] {
	const shares = readings.map(() => 0);
	const open = new Set(readings.keys());
	let left = Math.abs(residual);
	while (open.size > 0 && left > 0) {
		const length = [...open].reduce((sum, i) => sum + readings[i]!.mm, 0);
		if (length === 0) break;
		const full = [...open].filter((i) => (left * readings[i]!.mm) / length > readings[i]!.resolution / 2);
		if (full.length === 0) {
			for (const i of open) shares[i] = (left * readings[i]!.mm) / length;
			break;
		}
		for (const i of full) {
			shares[i] = readings[i]!.resolution / 2;
			left -= shares[i]!;
			open.delete(i);
		}
	}
	return shares.map((share) => share * Math.sign(residual));
}
