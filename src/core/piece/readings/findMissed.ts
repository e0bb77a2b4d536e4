import type { Mm } from '../../units';
import { isWithin, type ChainReading } from './chainReading';

/** A reading that was left out, or taken down twice. */
export interface MissedReading {
	/** The one after which it is missing, or the one that stands twice. */
	readonly index: number;
	/** What is missing, mm; null where the reading should go. */
	readonly instead: Mm | null;
	/** What would be left unexplained, mm. */
	readonly residual: Mm;
	/** 0 where its neighbours say so, 1 where the sizes of the set do, 2 where only its length does. */
	readonly evidence: 0 | 1 | 2;
	/** What stands side by side cannot: said even where the error of reading could explain the length. */
	readonly odd?: boolean;
}

/** A piece of furniture has no drawer so many times as small, or as large, as another. */
const UNLIKE = 2.5;

/**
 * Readings that may have been missed (the chain falls short) or doubled (it is too long), by the gap that recurs, by the graduated
 * set, and by neighbours that cannot stand side by side; mm. `allowed` is what reading errors explain. Source: methods 1.
 */
export function findMissed(readings: readonly ChainReading[], residual: Mm, allowed: Mm): MissedReading[] {
	if (residual < 0) return findDoubled(readings, residual, allowed);
	/** The missing reading has an error of its own. */
	const within = allowed + Math.max(0, ...readings.map(({ resolution }) => resolution)) / 2;
	return [
		...[...missedSolids(readings, residual), ...missedGaps(readings, residual), ...missedOfSet(readings, residual)].filter((missed) =>
			isWithin(missed.residual, within)
		),
		...missedLike(readings, residual)
	];
}

function findDoubled(readings: readonly ChainReading[], residual: Mm, allowed: Mm): MissedReading[] {
	return readings.flatMap((reading, index): MissedReading[] => {
		const alike = (at: number) => readings[at] !== undefined && isWithin(readings[at]!.mm - reading.mm, reading.resolution);
		const left = residual + reading.mm;
		if (!isWithin(left, allowed - reading.resolution / 2)) return [];
		const beside = readings[index - 1];
		if (beside && alike(index - 1)) {
			const same = beside.role === reading.role;
			return [{ index, instead: null, residual: left, evidence: same ? 0 : 1, odd: same && reading.role === 'gap' }];
		}
		return alike(index - 2) ? [{ index, instead: null, residual: left, evidence: 2 }] : [];
	});
}

/** Two gaps side by side have lost what lay between; a chain that begins or ends with a gap, and not both, what lay beyond. */
function missedSolids(readings: readonly ChainReading[], residual: Mm): MissedReading[] {
	const solids = readings.filter(isSolid).map(({ mm }) => mm);
	const isLikely = solids.length === 0 || (residual > Math.min(...solids) / UNLIKE && residual < Math.max(...solids) * UNLIKE);
	if (!isLikely) return [];
	const gapAt = [0, -1].map((at) => readings.at(at)?.role === 'gap');
	const isOneEnd = gapAt[0] !== gapAt[1];
	return readings.flatMap((reading, index): MissedReading[] => {
		if (isSolid(reading)) return [];
		const next = readings[index + 1];
		const isEnd = isOneEnd && ((index === 0 && gapAt[0]) || next === undefined);
		if (!isEnd && (next === undefined || isSolid(next))) return [];
		return [{ index, instead: residual, residual: 0, evidence: 0, odd: hasGaps(readings) }];
	});
}

/** A gap as all others: where two fronts, or a front and the frame, stand side by side without one. */
function missedGaps(readings: readonly ChainReading[], residual: Mm): MissedReading[] {
	const gaps = readings.filter(({ role }) => role === 'gap').map(({ mm }) => mm);
	if (gaps.length === 0) return [];
	const usual = [...gaps].sort((a, b) => a - b)[Math.floor(gaps.length / 2)]!;
	return readings.slice(1).flatMap((reading, i): MissedReading[] => {
		const before = readings[i]!;
		if (!isSolid(before) || !isSolid(reading) || !(isFront(before) || isFront(reading))) return [];
		return [{ index: i, instead: usual, residual: residual - usual, evidence: 0, odd: hasGaps(readings) }];
	});
}

/** One more drawer with which all of them grow by the same. Needs three: two always make a line. */
function missedOfSet(readings: readonly ChainReading[], residual: Mm): MissedReading[] {
	const set = [...readings.keys()].filter((i) => readings[i]!.role === 'drawer');
	if (set.length < 3) return [];
	return Array.from({ length: set.length + 1 }, (_, gone) => gone).flatMap((gone): MissedReading[] => {
		const steps = set.map((index, k) => ({ step: k < gone ? k : k + 1, mm: readings[index]!.mm }));
		const [first, last] = [steps[0]!, steps.at(-1)!];
		const rise = (last.mm - first.mm) / (last.step - first.step);
		const expected = first.mm + rise * (gone - first.step);
		const tolerance = readings[set[0]!]!.resolution;
		const inStep = steps.every(({ step, mm }) => isWithin(first.mm + rise * (step - first.step) - mm, tolerance));
		if (!inStep || expected <= 0) return [];
		const index = gone === 0 ? Math.max(0, set[0]! - 1) : set[gone - 1]!;
		return [{ index, instead: expected, residual: residual - expected, evidence: 1 }];
	});
}

/** As long as one that is there: nothing else speaks for it. */
function missedLike(readings: readonly ChainReading[], residual: Mm): MissedReading[] {
	return readings.flatMap(({ mm, resolution }, index): MissedReading[] =>
		isWithin(residual - mm, resolution / 2) ? [{ index, instead: mm, residual: residual - mm, evidence: 2 }] : []
	);
}

/** One gap may be the only one; where there are more, they part all that moves. */
function hasGaps(readings: readonly ChainReading[]): boolean {
	return readings.filter(({ role }) => role === 'gap').length > 1;
}

function isSolid({ role }: ChainReading): boolean {
	return role !== 'gap';
}

function isFront({ role }: ChainReading): boolean {
	return role === 'drawer' || role === 'door';
}
