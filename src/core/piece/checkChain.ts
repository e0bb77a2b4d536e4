import { isWithin, type ChainReading } from './chainReading';
import type { Mm } from '../units';
import { findSuspects, type Suspect } from './findSuspects';

export interface ChainCheck {
	/** Overall minus the sum of the readings, mm. */
	readonly residual: Mm;
	/** What reading errors can explain: half a resolution for each reading, mm. */
	readonly allowed: Mm;
	readonly verdict: 'closed' | 'shared' | 'beyond';
	/** What each reading gained or lost, mm; all 0 unless the verdict is `shared`. */
	readonly shares: readonly Mm[];
	/** At most three, the likeliest first; empty unless the verdict is `beyond`. */
	readonly suspects: readonly Suspect[];
}

/**
 * Checks that a chain of readings (mm) adds up to the overall length (mm). A residual within the error of reading
 * is shared out in proportion to length, no reading moved by more than half its resolution; a larger one is
 * explained by suspects. Source: methods 1.
 */
export function checkChain(overall: ChainReading, readings: readonly ChainReading[]): ChainCheck {
	const residual = overall.mm - readings.reduce((sum, reading) => sum + reading.mm, 0);
	const allowed = readings.reduce((sum, reading) => sum + reading.resolution / 2, 0);
	const none = readings.map(() => 0);
	if (isWithin(residual, 0)) return { residual: 0, allowed, verdict: 'closed', shares: none, suspects: [] };
	if (!isWithin(residual, allowed))
		return { residual, allowed, verdict: 'beyond', shares: none, suspects: findSuspects(overall, readings, residual) };
	/** Within the error of reading, but for a gap that two fronts side by side have lost, or that stands twice, too little is more likely. */
	const odd = findSuspects(overall, readings, residual).filter(({ kind, neighbours }) => kind === 'missed-or-twice' && neighbours);
	if (odd.some((suspect) => 2 * Math.abs(suspect.residual) < Math.abs(residual)))
		return { residual, allowed, verdict: 'beyond', shares: none, suspects: odd };
	return { residual, allowed, verdict: 'shared', shares: shareResidual(residual, readings), suspects: [] };
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
