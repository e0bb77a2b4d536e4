import { type Mm, ROUNDED } from '../../../units';
import { ENDS_BY_ID } from './ends';
import { clearLength } from './ends/shared';
import type { EndsId } from './schema';
import { costOfFit, WEIGHTS } from './costOfFit';
import { placeSpots } from './placeSpots';
import type { Decider, Ends, RunFit, RunWish } from './types';

type Touch = Pick<Candidate, 'scale' | 'by'>;

interface Candidate {
	readonly scale: number;
	readonly gap: Mm;
	readonly by: Decider;
}
/** Fits that differ by less than these are the same fit to a painter. */
const SAME_SCALE = 0.02;
const SAME_GAP: Mm = 2;
/** So that one count does not crowd out the others. */
const MOST_OF_COUNT = 3;
/** With so many fits in hand, a count that must cost more than all of them is not tried. */
const ENOUGH = 40;
/** Beyond this many touching lines their crossings are not tried, only where they cross a limit. */
const MOST_CROSSED_LINES = 64;

/**
 * Every good way to fit a run of motifs (mm) to a length, best first, a few for each count. Counts are tried one by one; for each the cost can only be least at a limit, at a preferred value, or
 * where a motif's edge just touches an obstacle, or where
 * below the wished scale the costs of scale and gap balance, so only those are tried. Empty where nothing fits. `onlyCount` leaves all other counts out. Source: methods 3.
 */
export function fitRunToLength(wish: RunWish, ends: EndsId, onlyCount: number | null = null): RunFit[] {
	if (!isPossible(wish)) return [];
	const kind = ENDS_BY_ID[ends];
	const fits: RunFit[] = [];
	for (const { count, bound } of countsByBound(kind, wish, onlyCount)) {
		if (fits.length >= ENOUGH && fits[ENOUGH - 1]!.cost <= bound) break;
		fits.push(...dropLikes(fitsOfCount(kind, count, wish)).map((fit) => spread(kind, fit, wish)));
		fits.sort(byCost);
	}
	return fits;
}

/** The counts that may stand, each with what it costs at least: what it would cost if there were no obstacles. */
function countsByBound(kind: Ends, wish: RunWish, only: number | null): { count: number; bound: number }[] {
	const clear: RunWish = { ...wish, obstacles: [] };
	const [least, most] = kind.countRange(wish);
	const counts: { count: number; bound: number }[] = [];
	for (let count = Math.max(least, only ?? least); count <= Math.min(most, only ?? most); count++) {
		const onCentre = kind.motifOnCentre(count);
		if (wish.middle !== 'either' && onCentre !== null && onCentre !== (wish.middle === 'motif')) continue;
		const bound = fitsOfCount(kind, count, clear)[0]?.cost;
		if (bound !== undefined) counts.push({ count, bound });
	}
	return counts.sort((a, b) => a.bound - b.bound);
}

function isPossible({ length, margin, motif, scale, gap }: RunWish): boolean {
	return (
		length - 2 * margin > 0 &&
		motif > 0 &&
		scale.least > 0 &&
		scale.least <= scale.most &&
		gap.least <= gap.most &&
		scale.least * motif + gap.least > 0
	);
}

/** A fit whose motifs are not set out one by one yet: many are judged, few are kept. */
type Judged = Omit<RunFit, 'spots'>;

function fitsOfCount(kind: Ends, count: number, wish: RunWish): Judged[] {
	const candidates = kind.gapThatCloses(count, 1, wish) === null ? freeCandidates(kind, count, wish) : closedCandidates(kind, count, wish);
	return candidates
		.filter(
			({ scale, gap }) => isWithin(scale, wish.scale) && isWithin(gap, wish.gap) && kind.leftOver(count, scale, gap, wish) >= -ROUNDED
		)
		.map((candidate) => judge(kind, count, candidate, wish))
		.sort(byCost);
}

function judge(kind: Ends, count: number, { scale, gap, by }: Candidate, wish: RunWish): Judged {
	const leftOver = Math.max(0, kind.leftOver(count, scale, gap, wish));
	return {
		ends: kind.id,
		count,
		scale,
		gap,
		by,
		leftOver,
		...costOfFit({ wish, scale, gap, row: kind.layRow(count, scale, gap, wish), leftOver })
	};
}

function spread(kind: Ends, fit: Judged, wish: RunWish): RunFit {
	return { ...fit, spots: placeSpots(kind.layRow(fit.count, fit.scale, fit.gap, wish), fit.scale, wish) };
}

/** One degree of freedom: the scale. The gap is what closes the run. */
function closedCandidates(kind: Ends, count: number, wish: RunWish): Candidate[] {
	const at = (scale: number, by: Decider): Candidate => ({ scale, gap: kind.gapThatCloses(count, scale, wish)!, by });
	const scaleFor = (gap: Mm) => kind.scaleForGap(count, gap, wish)!;
	if (wish.sizes) return wish.sizes.map((size) => at(size, 'size'));
	if (count === 1 && kind.id === 'whole') return [{ scale: scaleFor(0), gap: wish.gap.wish, by: 'alone' }];
	return [
		at(wish.scale.wish, 'scale-wish'),
		at(scaleFor(wish.gap.wish), 'gap-wish'),
		at(wish.scale.least, 'scale-least'),
		at(wish.scale.most, 'scale-most'),
		at(scaleFor(wish.gap.least), 'gap-least'),
		at(scaleFor(wish.gap.most), 'gap-most'),
		...balancedScales(kind.gapThatCloses(count, 2, wish)! - kind.gapThatCloses(count, 1, wish)!, 0, wish).map((scale) =>
			at(scale, 'balance')
		),
		...touchingScales(kind, count, wish).map(({ scale, by }) => at(scale, by))
	];
}

/**
 * Below the wish the cost of scale is -ws ln(s/s0), which is hollow: where all else grows evenly with the scale, the sum
 * is least where the slopes balance, at s = ws / slope. The gap's slope is tried with both signs.
 */
function balancedScales(gapPerScale: Mm, leftOverPerScale: Mm, wish: RunWish): number[] {
	const slopes = [1, -1].map((sign) => (WEIGHTS.gap * sign * gapPerScale + WEIGHTS.leftOver * leftOverPerScale) / wish.motif);
	return slopes.filter((slope) => slope > 0).map((slope) => WEIGHTS.scale / slope);
}

/** Every scale at which an edge of a motif just touches an obstacle, or a centre falls on it. Edges move evenly with the scale. */
function touchingScales(kind: Ends, count: number, wish: RunWish): Touch[] {
	if (wish.obstacleRule === 'over') return [];
	const [low, high] = [1, 2];
	const rowAt = (scale: number) => kind.layRow(count, scale, kind.gapThatCloses(count, scale, wish)!, wish);
	const lowRow = rowAt(low);
	const highRow = rowAt(high);
	const centres = Array.from({ length: lowRow.motifs }, (_, k) => lowRow.first + k * lowRow.pitch);
	const drifts = centres.map((centre, k) => highRow.first + k * highRow.pitch - centre);
	return wish.obstacles.flatMap(({ from, to, fromScale }): Touch[] => [
		...(fromScale ? [{ scale: fromScale, by: 'clears' as const }] : []),
		...centres.flatMap((centre, k): Touch[] => {
			const drift = drifts[k]!;
			const scaleWhere = (half: Mm, target: Mm) => (target - centre + drift * low) / (drift + half);
			if (wish.obstacleRule === 'centre') return drift === 0 ? [] : [{ scale: scaleWhere(0, (from + to) / 2), by: 'centres' as const }];
			return [scaleWhere(wish.motif / 2, from), scaleWhere(-wish.motif / 2, to)].map((scale) => ({ scale, by: 'clears' as const }));
		})
	]);
}

/** Two degrees of freedom, scale and gap: the cost is least where two of the lines that bound or bend it cross. */
function freeCandidates(kind: Ends, count: number, wish: RunWish): Candidate[] {
	const limits = freeLimits(count, wish);
	const touches = freeTouches(count, wish);
	const found: Candidate[] = [];
	const cross = (p: Line, q: Line) => {
		const candidate = crossLines(p, q, wish);
		if (candidate) found.push(candidate);
	};
	limits.forEach((line, i) => {
		for (let j = i + 1; j < limits.length; j++) cross(line, limits[j]!);
		for (const touch of touches) cross(line, touch);
	});
	for (const line of [...limits, ...touches]) {
		if (line.b === 0 || line.a === 0 || wish.sizes) continue;
		const gapPerScale = -line.a / line.b;
		const leftOverPerScale = -count * wish.motif - (count - 1) * gapPerScale;
		for (const scale of balancedScales(gapPerScale, leftOverPerScale, wish)) cross({ a: 1, b: 0, c: scale, by: 'balance' }, line);
	}
	if (touches.length <= MOST_CROSSED_LINES) touches.forEach((line, i) => touches.slice(i + 1).forEach((other) => cross(line, other)));
	return found;
}

/** a s + b g = c */
interface Line {
	readonly a: number;
	readonly b: number;
	readonly c: number;
	readonly by: Decider;
}

function freeLimits(count: number, wish: RunWish): Line[] {
	const scales: [number, Decider][] = wish.sizes
		? wish.sizes.map((size) => [size, 'size'])
		: [
				[wish.scale.wish, 'scale-wish'],
				[wish.scale.least, 'scale-least'],
				[wish.scale.most, 'scale-most']
			];
	const gaps: [Mm, Decider][] = [
		[wish.gap.wish, 'gap-wish'],
		[wish.gap.least, 'gap-least'],
		[wish.gap.most, 'gap-most']
	];
	return [
		...scales.map(([c, by]) => ({ a: 1, b: 0, c, by })),
		...gaps.map(([c, by]) => ({ a: 0, b: 1, c, by })),
		{ a: count * wish.motif, b: count - 1, c: clearLength(wish), by: 'alone' as const }
	];
}

function freeTouches(count: number, wish: RunWish): Line[] {
	if (wish.obstacleRule === 'over') return [];
	return wish.obstacles.flatMap(({ from, to, fromScale }): Line[] => [
		...(fromScale ? [{ a: 1, b: 0, c: fromScale, by: 'clears' as const }] : []),
		...Array.from({ length: count }, (_, k) => k - (count - 1) / 2).flatMap((k): Line[] => {
			const line = (half: number, target: Mm, by: Decider) => ({ a: (k + half) * wish.motif, b: k, c: target - wish.length / 2, by });
			if (wish.obstacleRule === 'centre') return [line(0, (from + to) / 2, 'centres')];
			return [line(0.5, from, 'clears'), line(-0.5, to, 'clears')];
		})
	]);
}

/** Where two lines cross, if that is within the limits of the wish. */
function crossLines(p: Line, q: Line, { scale: scales, gap: gaps }: RunWish): Candidate | null {
	const det = p.a * q.b - q.a * p.b;
	if (Math.abs(det) < 1e-12) return null;
	const scale = (p.c * q.b - q.c * p.b) / det;
	if (!isWithin(scale, scales)) return null;
	const gap = (p.a * q.c - q.a * p.c) / det;
	if (!isWithin(gap, gaps)) return null;
	const decider = [p.by, q.by].find((by) => by === 'centres' || by === 'clears') ?? (p.by === 'alone' ? q.by : p.by);
	return { scale, gap, by: decider };
}

/** The best few that a painter would tell apart. */
function dropLikes(fits: readonly Judged[]): Judged[] {
	const kept: Judged[] = [];
	for (const fit of fits) {
		const like = kept.some((other) => Math.abs(other.scale - fit.scale) < SAME_SCALE && Math.abs(other.gap - fit.gap) < SAME_GAP);
		if (!like) kept.push(fit);
		if (kept.length === MOST_OF_COUNT) break;
	}
	return kept;
}

function isWithin(value: number, { least, most }: { readonly least: number; readonly most: number }): boolean {
	return value >= least - ROUNDED && value <= most + ROUNDED;
}

function byCost(a: Judged, b: Judged): number {
	return a.cost - b.cost || a.count - b.count || a.scale - b.scale;
}
