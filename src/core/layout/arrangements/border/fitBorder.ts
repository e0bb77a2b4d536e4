import { type Mm, ROUNDED } from '../../../units';
import type { Border } from './schema';

export interface BorderWish {
	/** Lengths of the sides along the centre line of the strip, at a scale, mm: of opposite sides that are as long, each by itself. */
	readonly sidesAt: (scale: number) => readonly Mm[];
	/** `ring`: one side without corners. */
	readonly corners: Border['corners'] | 'ring';
	/** Length of a corner block along the line, and of the motif, at scale 1. */
	readonly corner: Mm;
	readonly motif: Mm;
	readonly scale: { readonly least: number; readonly most: number; readonly wish: number };
	readonly gap: { readonly least: Mm; readonly most: Mm; readonly wish: Mm };
	/** Sizes that exist, where the scale is not free. */
	readonly sizes?: readonly number[];
	/** Counts that are pinned, by the order of sides of different length. */
	readonly pinned?: readonly (number | null)[];
}

export type BorderBy = 'size' | 'scale-wish' | 'scale-least' | 'scale-most' | 'gap-wish' | 'gap-least' | 'gap-most' | 'alike' | 'balance';

export interface BorderFit {
	readonly scale: number;
	/** Motifs on each side, and the gap between them there, mm. */
	readonly counts: readonly number[];
	readonly gaps: readonly Mm[];
	readonly by: BorderBy;
	readonly cost: number;
	readonly terms: { readonly scale: number; readonly gap: number; readonly alike: number };
}

const WEIGHTS = { scale: 2, gap: 1, alike: 1 };
/** What is free along a side, as it changes with the scale: a + b s + c s2. */
interface Free {
	readonly a: number;
	readonly b: number;
	readonly c: number;
	/** Places of the sides that are as long. */
	readonly sides: readonly number[];
}
interface Candidate {
	readonly scale: number;
	readonly by: BorderBy;
}

/** Lengths nearer than this are one length, mm. */
const ALIKE: Mm = 0.005;
/** A limit of the gap may be missed by what a curve's length strays from its square law, mm. */
const SLACK: Mm = 0.01;
const MOST_MOTIFS = 400;
const KEPT = 40;

/**
 * Every good way to close a border (mm) at one scale, best first. Along each side
 * 2 s c + n s m + (n + 1) g = side with blocks, n (s m + g) = the centre line where it is mitred, mirrored or runs round. Counts are
 * tried; for each the cost can only be least at a limit, at a wish, where the gaps of two sides are alike, or where its slopes balance.
 * Cost = 2 |ln(s/s0)| + mean |g - g0|/m + (widest - narrowest gap)/m. Source: methods 3.
 */
export function fitBorder(wish: BorderWish): BorderFit[] {
	const { scale, gap, motif } = wish;
	if (!(motif > 0 && scale.least > 0 && scale.least <= scale.most && gap.least <= gap.most)) return [];
	const frees = freeLengths(wish);
	if (frees === null) return [];
	const judged = frees.length <= 2 ? byCounts(frees, wish) : byScale(frees, wish);
	const best = judged.sort((a, b) => a.cost - b.cost).slice(0, KEPT);
	return best.flatMap((fit) => settle(fit, frees, wish)).sort((a, b) => a.cost - b.cost || a.counts[0]! - b.counts[0]!);
}

/** Gaps on a side of so many motifs. */
function gapsOn(count: number, corners: BorderWish['corners']): number {
	return corners === 'blocks' ? count + 1 : count;
}

function freeAt(wish: BorderWish, scale: number): Mm[] {
	const block = wish.corners === 'blocks' ? scale * wish.corner : 0;
	return wish.sidesAt(scale).map((side) => side - block);
}

/** The free length of each different side, through three scales; null where the strip has no room at any. */
function freeLengths(wish: BorderWish): Free[] | null {
	let { least, most } = wish.scale;
	const sides = () => wish.sidesAt(most).length;
	/** Where the largest is too deep for the part, the largest that is not. */
	if (wish.sidesAt(least).length === 0) return null;
	if (sides() !== wish.sidesAt(least).length) {
		let [fits, not] = [least, most];
		for (let i = 0; i < 40; i++) {
			const middle = (fits + not) / 2;
			if (wish.sidesAt(middle).length === wish.sidesAt(least).length) fits = middle;
			else not = middle;
		}
		most = fits;
	}
	if (most - least < 1e-6) [least, most] = [least * 0.999, least * 1.001];
	const at = [least, (least + most) / 2, most] as const;
	const lengths = at.map((scale) => freeAt(wish, scale));
	if (lengths.some((list) => list.length !== lengths[0]!.length)) return null;
	const frees: Free[] = [];
	for (let i = 0; i < lengths[0]!.length; i++) {
		const [f0, f1, f2] = lengths.map((list) => list[i]!) as [number, number, number];
		const like = frees.findIndex(({ sides: [j] }) => lengths.every((list) => Math.abs(list[j!]! - list[i]!) < ALIKE));
		if (like >= 0) frees[like] = { ...frees[like]!, sides: [...frees[like]!.sides, i] };
		else frees.push({ ...through(at, [f0, f1, f2]), sides: [i] });
	}
	return frees;
}

/** The parabola through three points that are evenly spaced; a line where it is one but for rounding. */
function through([s0, s1, s2]: readonly [number, number, number], [f0, f1, f2]: readonly [number, number, number]): Omit<Free, 'sides'> {
	const h = s1 - s0;
	const bend = (f2 - 2 * f1 + f0) / (2 * h * h);
	if (Math.abs(bend * (s2 - s0) ** 2) < 1e-6) {
		const b = (f2 - f0) / (s2 - s0);
		return { a: f0 - b * s0, b, c: 0 };
	}
	const b = (f2 - f0) / (2 * h) - 2 * bend * s1;
	return { a: f1 - b * s1 - bend * s1 * s1, b, c: bend };
}

function gapAt({ a, b, c }: Free, count: number, scale: number, wish: BorderWish): Mm {
	return (a + b * scale + c * scale * scale - count * scale * wish.motif) / gapsOn(count, wish.corners);
}

/** Scales at which the gap of a side is as said. */
function scalesForGap({ a, b, c }: Free, count: number, gap: Mm, wish: BorderWish): number[] {
	return roots(c, b - count * wish.motif, a - gapsOn(count, wish.corners) * gap);
}

function roots(a: number, b: number, c: number): number[] {
	if (Math.abs(a) < 1e-12) return b === 0 ? [] : [-c / b];
	const square = b * b - 4 * a * c;
	if (square < 0) return [];
	const q = -(b + Math.sign(b || 1) * Math.sqrt(square)) / 2;
	return q === 0 ? [0] : [q / a, c / q];
}

function countsOf(free: Free, at: number, wish: BorderWish): number[] {
	const pinned = wish.pinned?.[at];
	if (pinned !== undefined && pinned !== null) return [pinned];
	const { scale, gap, motif } = wish;
	const long = Math.max(...[scale.least, scale.most].map((s) => free.a + free.b * s + free.c * s * s));
	const short = Math.min(...[scale.least, scale.most].map((s) => free.a + free.b * s + free.c * s * s));
	const most = Math.min(MOST_MOTIFS, Math.floor((long - Math.min(0, gap.least)) / Math.max(1e-6, scale.least * motif + gap.least)) + 1);
	const least = Math.max(1, Math.ceil((short - gap.most) / Math.max(1e-6, scale.most * motif + gap.most)) - 1);
	const counts = Array.from({ length: Math.max(0, most - least + 1) }, (_, i) => least + i);
	/** Where the free length goes evenly with the scale so does the gap: a count whose gap misses its limits at both ends misses them in between. */
	if (free.c !== 0) return counts;
	return counts.filter((count) => {
		const ends = [gapAt(free, count, scale.least, wish), gapAt(free, count, scale.most, wish)];
		return Math.max(...ends) >= gap.least - ROUNDED && Math.min(...ends) <= gap.most + ROUNDED;
	});
}

function byCounts(frees: readonly Free[], wish: BorderWish): BorderFit[] {
	const second = frees[1];
	const pairs = pairsOfCounts(frees, wish).sort((a, b) => a.bound - b.bound);
	const fits: BorderFit[] = [];
	/** Of the best so far, the least first: where none that is left can be better than the last of them, there is no more to look for. */
	const costs: number[] = [];
	for (const { n, k, bound } of pairs) {
		if (costs.length === KEPT && bound > costs.at(-1)! + ROUNDED) break;
		const counts = second ? [n, k] : [n];
		const best = bestOfCounts(frees, counts, wish);
		if (best === null) continue;
		const fit = { ...best, counts, ...gapsAndCost(frees, counts, best.scale, wish) };
		fits.push(fit);
		const at = costs.findIndex((cost) => cost > fit.cost);
		costs.splice(at < 0 ? costs.length : at, 0, fit.cost);
		if (costs.length > KEPT) costs.pop();
	}
	return fits.sort((a, b) => a.counts[0]! - b.counts[0]! || (a.counts[1] ?? 0) - (b.counts[1] ?? 0));
}

/** Counts that go with each other at some scale, and what they cost at the least: by how far that is from the wish. */
function pairsOfCounts(frees: readonly Free[], wish: BorderWish): { readonly n: number; readonly k: number; readonly bound: number }[] {
	const [first, second] = frees as [Free, Free | undefined];
	const others = (second ? countsOf(second, 1, wish) : [0]).map((k) => ({ k, within: second ? scalesWithin(second, k, wish) : ANY }));
	const pairs: { n: number; k: number; bound: number }[] = [];
	for (const n of countsOf(first, 0, wish)) {
		const [least, most] = scalesWithin(first, n, wish);
		/** The more there are the smaller they have to be: of those that go with it at any scale the first is looked for, and the last ends it. */
		let [from, to] = [0, others.length];
		while (from < to) {
			const middle = (from + to) >> 1;
			if (others[middle]!.within[0] > most + ROUNDED) from = middle + 1;
			else to = middle;
		}
		for (let i = from; i < others.length; i++) {
			const { k, within } = others[i]!;
			if (within[1] < least - ROUNDED) break;
			const nearest = Math.min(Math.max(wish.scale.wish, Math.max(least, within[0])), Math.min(most, within[1]));
			pairs.push({ n, k, bound: nearest > 0 ? WEIGHTS.scale * Math.abs(Math.log(nearest / wish.scale.wish)) - ROUNDED : 0 });
		}
	}
	return pairs;
}

const ANY: readonly [number, number] = [-Infinity, Infinity];

/** Between which scales the gap of a side with so many is within its limits, as far as that is easily known: where its free length goes evenly. */
function scalesWithin(free: Free, count: number, wish: BorderWish): readonly [least: number, most: number] {
	const slope = free.b - count * wish.motif;
	if (free.c !== 0 || slope === 0) return ANY;
	const ends = [wish.gap.least - ROUNDED, wish.gap.most + ROUNDED].map((gap) => (gapsOn(count, wish.corners) * gap - free.a) / slope);
	return [Math.min(...ends), Math.max(...ends)];
}

/** The cheapest candidate within the limits; costs are compared as bare numbers, since there are thousands. */
function bestOfCounts(frees: readonly Free[], counts: readonly number[], wish: BorderWish): Candidate | null {
	const { scale, gap, motif } = wish;
	let best: Candidate | null = null;
	let least = Infinity;
	for (const candidate of candidatesFor(frees, counts, wish)) {
		const s = candidate.scale;
		if (!(s >= scale.least - ROUNDED && s <= scale.most + ROUNDED)) continue;
		const one = gapAt(frees[0]!, counts[0]!, s, wish);
		if (one < gap.least - ROUNDED || one > gap.most + ROUNDED) continue;
		const other = frees.length === 2 ? gapAt(frees[1]!, counts[1]!, s, wish) : one;
		if (other < gap.least - ROUNDED || other > gap.most + ROUNDED) continue;
		const off = (Math.abs(one - gap.wish) + Math.abs(other - gap.wish)) / 2;
		const cost = WEIGHTS.scale * Math.abs(Math.log(s / scale.wish)) + (WEIGHTS.gap * off + WEIGHTS.alike * Math.abs(one - other)) / motif;
		if (cost < least) [best, least] = [candidate, cost];
	}
	return best;
}

function gapsAndCost(
	frees: readonly Free[],
	counts: readonly number[],
	scale: number,
	wish: BorderWish
): Pick<BorderFit, 'gaps' | 'cost' | 'terms'> {
	const gaps = frees.map((free, i) => gapAt(free, counts[i]!, scale, wish));
	return { gaps, ...costOfBorder(scale, gaps, wish) };
}

function candidatesFor(frees: readonly Free[], counts: readonly number[], wish: BorderWish): Candidate[] {
	const { scale, gap, motif } = wish;
	if (wish.sizes) return wish.sizes.map((size) => ({ scale: size, by: 'size' }));
	const found: Candidate[] = [
		{ scale: scale.wish, by: 'scale-wish' },
		{ scale: scale.least, by: 'scale-least' },
		{ scale: scale.most, by: 'scale-most' }
	];
	const put = (scales: readonly number[], by: BorderBy) => {
		for (const s of scales) if (s >= scale.least - ROUNDED && s <= scale.most + ROUNDED) found.push({ scale: s, by });
	};
	frees.forEach((free, i) => {
		put(scalesForGap(free, counts[i]!, gap.wish, wish), 'gap-wish');
		put(scalesForGap(free, counts[i]!, gap.least, wish), 'gap-least');
		put(scalesForGap(free, counts[i]!, gap.most, wish), 'gap-most');
	});
	if (frees.length === 2) put(scalesAlike(frees, counts, wish), 'alike');
	/** Below the wish the cost of scale is hollow: the sum is least where its slope and those of the gaps balance. */
	const slope = (i: number) => (frees[i]!.b - counts[i]! * motif) / gapsOn(counts[i]!, wish.corners);
	const [p, q] = [slope(0), frees.length === 2 ? slope(1) : 0];
	const pulls = frees.length === 1 ? [p] : [(p + q) / 2, (p - q) / 2].flatMap((both) => [both, both + p - q, both - p + q]);
	for (const pull of pulls) if (pull !== 0) put([(WEIGHTS.scale * motif) / Math.abs(pull)], 'balance');
	return found;
}

/** Scales at which the gaps of two sides are alike. */
function scalesAlike([p, q]: readonly Free[], [n, k]: readonly number[], wish: BorderWish): number[] {
	const [np, nq] = [gapsOn(n!, wish.corners), gapsOn(k!, wish.corners)];
	return roots(p!.c * nq - q!.c * np, (p!.b - n! * wish.motif) * nq - (q!.b - k! * wish.motif) * np, p!.a * nq - q!.a * np);
}

/** Sides of three lengths and more: at every scale that one of them asks for, each takes the count whose gap is nearest to the wish. */
function byScale(frees: readonly Free[], wish: BorderWish): BorderFit[] {
	const at = (candidate: Candidate) =>
		judge(
			frees,
			frees.map((free, i) => nearestCount(free, i, candidate.scale, wish)),
			candidate,
			wish
		) ?? [];
	if (wish.sizes) return wish.sizes.flatMap((scale) => at({ scale, by: 'size' }));
	const scales: Candidate[] = [
		{ scale: wish.scale.wish, by: 'scale-wish' },
		{ scale: wish.scale.least, by: 'scale-least' },
		{ scale: wish.scale.most, by: 'scale-most' },
		...frees.flatMap((free, i) =>
			countsOf(free, i, wish).flatMap((count) =>
				([wish.gap.wish, wish.gap.least, wish.gap.most] as const).flatMap((gap, k) =>
					scalesForGap(free, count, gap, wish).map((scale) => ({ scale, by: (['gap-wish', 'gap-least', 'gap-most'] as const)[k]! }))
				)
			)
		)
	];
	return scales.flatMap(at);
}

function nearestCount(free: Free, at: number, scale: number, wish: BorderWish): number {
	return countsOf(free, at, wish).reduce(
		(best, count) =>
			Math.abs(gapAt(free, count, scale, wish) - wish.gap.wish) < Math.abs(gapAt(free, best, scale, wish) - wish.gap.wish) ? count : best,
		1
	);
}

function judge(frees: readonly Free[], counts: readonly number[], { scale, by }: Candidate, wish: BorderWish): BorderFit | null {
	if (!(scale >= wish.scale.least - ROUNDED && scale <= wish.scale.most + ROUNDED)) return null;
	const gaps = frees.map((free, i) => gapAt(free, counts[i]!, scale, wish));
	if (gaps.some((gap) => gap < wish.gap.least - ROUNDED || gap > wish.gap.most + ROUNDED)) return null;
	return { scale, counts, gaps, by, ...costOfBorder(scale, gaps, wish) };
}

/** Source: methods 3. */
function costOfBorder(scale: number, gaps: readonly Mm[], wish: BorderWish): Pick<BorderFit, 'cost' | 'terms'> {
	const terms = {
		scale: WEIGHTS.scale * Math.abs(Math.log(scale / wish.scale.wish)),
		gap: (WEIGHTS.gap * gaps.reduce((sum, gap) => sum + Math.abs(gap - wish.gap.wish), 0)) / gaps.length / wish.motif,
		alike: (WEIGHTS.alike * (Math.max(...gaps) - Math.min(...gaps))) / wish.motif
	};
	return { terms, cost: terms.scale + terms.gap + terms.alike };
}

/** With the true lengths of all sides at the scale that was found: each closes to a hair, whatever its curve. */
function settle(fit: BorderFit, frees: readonly Free[], wish: BorderWish): BorderFit[] {
	const lengths = freeAt(wish, fit.scale);
	const counts = lengths.map((_, side) => fit.counts[frees.findIndex(({ sides }) => sides.includes(side))]!);
	const gaps = lengths.map((length, side) => (length - counts[side]! * fit.scale * wish.motif) / gapsOn(counts[side]!, wish.corners));
	if (gaps.some((gap) => gap < wish.gap.least - SLACK || gap > wish.gap.most + SLACK)) return [];
	const distinct = frees.map(({ sides: [side] }) => gaps[side!]!);
	return [{ ...fit, counts, gaps, ...costOfBorder(fit.scale, distinct, wish) }];
}
