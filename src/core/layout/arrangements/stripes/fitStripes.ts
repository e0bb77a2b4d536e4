import { type Mm, ROUNDED, SAME } from '../../../units';
import { sumTapes, type TapeSum } from '../tape/tapes';
import type { Stripes } from './schema';

export interface StripesWish extends Pick<Stripes, 'widths' | 'gap' | 'middle' | 'school' | 'sliver'> {
	/** Across the stripes, mm. */
	readonly length: Mm;
	readonly tapes: readonly Mm[];
}

/** What of the wish a fit kept, or gave. */
export type StripesBy = 'wish' | 'tapes' | 'shared' | 'gap-shared' | 'narrowed';

export interface StripesFit {
	readonly middle: 'stripe' | 'gap';
	/** Of the stripes, in their rhythm from the middle outwards, mm. */
	readonly widths: readonly Mm[];
	readonly gap: Mm;
	/** Stripes and gaps together: odd. */
	readonly bands: number;
	/** Left at each end, mm: 0, or no sliver. */
	readonly remainder: Mm;
	readonly by: StripesBy;
	readonly cost: number;
	readonly terms: { readonly width: number; readonly ends: number; readonly tapes: number };
	/** Of a search by tape that was cut: no way that was not tried costs less than this. */
	readonly bound?: number;
}

/** A stripe or a gap; mm from the first edge of the length. */
export interface Band {
	/** Counted from the middle, signed. */
	readonly at: number;
	readonly isStripe: boolean;
	/** In the rhythm, from 0; of a gap -1. */
	readonly colour: number;
	readonly from: Mm;
	readonly to: Mm;
}

const WEIGHTS = { width: 2, ends: 1, tapes: 0.05 };
/** Widths that are shared out may leave the wish by this ratio. */
const STRETCH = 1.3;
/** As many ways by tape as anybody looks through; no other costs less. */
const KEPT = 12;
/** Ways by tape that are worked out before the search is cut: one width and a gap of twelve tapes, 90 sums each, are never cut. */
const MOST_TRIED = 8100;
const MOST_BANDS = 401;

/**
 * Every good way to lay stripes across a length (mm), best first: alternating bands, odd in number, the same on both sides of the
 * middle; what is left at each end is nothing, or no sliver. By tape each width is a sum of at most two tapes; measured, it is as
 * wished, or all of them (or the gaps alone) a little wider or narrower so that nothing is left. Where nothing so wide fits, narrower ones that do.
 * Cost = 2 mean |ln(w/w0)| + remainder/(stripe + gap) + 0.05 for each second tape. By tape no way costs less than the best, unless the search was cut (`bound`). Source: methods 5.
 */
export function fitStripes(wish: StripesWish): StripesFit[] {
	if (!(wish.length > 0)) return [];
	const middles = wish.middle === 'either' ? (['stripe', 'gap'] as const) : [wish.middle];
	const found = middles.flatMap((middle) => (wish.school === 'tape' ? byTape(wish, middle) : measured(wish, middle)));
	return (found.length > 0 ? found : middles.flatMap((middle) => narrowed(wish, middle))).sort(
		(a, b) => a.cost - b.cost || b.bands - a.bands
	);
}

/** A sum of tapes for one width, and what it costs of it. */
interface TapeChoice extends TapeSum {
	readonly off: number;
	readonly second: number;
}

/**
 * The best ways by tape: every sum for every width, the nearest first; what costs more by its widths alone than the last that is kept is not worked out.
 * And one roll for all, the best of them, and what is nearest to each wish. Where there are more than are tried, the best found, with the bound that the search was cut by.
 */
function byTape(wish: StripesWish, middle: StripesFit['middle']): StripesFit[] {
	const sums = sumTapes(wish.tapes).filter(({ width }) => width <= wish.length);
	const wished = [...wish.widths, wish.gap];
	const ladders = wished.map((width) =>
		sums
			.map((sum): TapeChoice => {
				const second = sum.tapes.length > 1 ? WEIGHTS.tapes : 0;
				return { ...sum, second, off: (WEIGHTS.width * Math.abs(Math.log(sum.width / width))) / wished.length };
			})
			.sort((a, b) => a.off + a.second - b.off - b.second)
	);
	if (sums.length === 0) return [];
	/** What the widths that are still to come cost at least. */
	const rest = ladders.map((_, i) => ladders.slice(i + 1).reduce((sum, [first]) => sum + first!.off + first!.second, 0));
	const kept: StripesFit[] = [];
	let left = MOST_TRIED;
	let cutAt = Infinity;
	const climb = (chosen: readonly TapeChoice[], cost: number) => {
		const at = chosen.length;
		for (const choice of ladders[at]!) {
			const least = cost + choice.off + choice.second + rest[at]!;
			if (kept.length === KEPT && least >= kept.at(-1)!.cost) return;
			if (left <= 0) {
				cutAt = Math.min(cutAt, least);
				return;
			}
			const next = [...chosen, choice];
			if (next.length < ladders.length) climb(next, cost + choice.off + choice.second);
			else {
				left--;
				for (const fit of tapedBy(wish, middle, next)) insert(kept, fit);
			}
		}
	};
	climb([], 0);
	const one = wish.tapes
		.flatMap((tape) =>
			tapedBy(
				wish,
				middle,
				wished.map(() => ({ width: tape, tapes: [tape] }))
			)
		)
		.sort((a, b) => a.cost - b.cost)[0];
	if (one && !kept.some(isOneRoll)) kept.push(one);
	for (const fit of tapedBy(
		wish,
		middle,
		ladders.map(([first]) => first!)
	))
		if (!kept.some((other) => isSameWay(fit, other))) kept.push(fit);
	return cutAt === Infinity ? kept : kept.map((fit) => ({ ...fit, bound: cutAt }));
}

function tapedBy(wish: StripesWish, middle: StripesFit['middle'], chosen: readonly TapeSum[]): StripesFit[] {
	const gap = chosen.at(-1)!.width;
	const widths = chosen.slice(0, -1).map(({ width }) => width);
	const seconds = chosen.filter(({ tapes }) => tapes.length > 1).length;
	return mostBands(wish, middle, widths, gap).map((fit) => judge(wish, { ...fit, middle, widths, gap, by: 'tapes' }, seconds));
}

/** Ways by tape of widths that were picked before (mm, to a hundredth), wherever they stand among the others. */
export function fitPicked(wish: StripesWish, middle: StripesFit['middle'], picked: readonly Mm[]): StripesFit[] {
	const sums = sumTapes(wish.tapes);
	const chosen = picked.flatMap((width) => sums.find((sum) => Math.abs(sum.width - width) < PICKED) ?? []);
	return wish.school === 'tape' && chosen.length === wish.widths.length + 1 ? tapedBy(wish, middle, chosen) : [];
}
/** As picks are written, mm. */
const PICKED: Mm = 0.006;

/** Best first, no more than are kept. */
function insert(kept: StripesFit[], fit: StripesFit): void {
	const at = kept.findIndex(({ cost }) => fit.cost < cost);
	if (at >= 0) kept.splice(at, 0, fit);
	else kept.push(fit);
	if (kept.length > KEPT) kept.pop();
}

function isSameWay(a: StripesFit, b: StripesFit): boolean {
	return a.gap === b.gap && a.widths.every((width, i) => width === b.widths[i]);
}

/** Stripes and gaps of one tape. */
export function isOneRoll({ by, widths, gap }: Pick<StripesFit, 'by' | 'widths' | 'gap'>): boolean {
	return by === 'tapes' && widths.every((width) => Math.abs(width - gap) < SAME);
}

function measured(wish: StripesWish, middle: StripesFit['middle']): StripesFit[] {
	const { widths, gap, length } = wish;
	const asWished = mostBands(wish, middle, widths, gap).map((fit) => judge(wish, { ...fit, middle, widths, gap, by: 'wish' }));
	const fits: StripesFit[] = [];
	for (let half = 0; 2 * half + 1 <= MOST_BANDS; half++) {
		const bands = 2 * half + 1;
		const total = widthOfBands(bands, middle, widths, gap);
		const stretch = length / total;
		if (stretch < 1 / STRETCH) break;
		if (stretch <= STRETCH)
			fits.push(
				judge(wish, { bands, remainder: 0, middle, widths: widths.map((width) => width * stretch), gap: gap * stretch, by: 'shared' })
			);
		const gaps = gapsAmong(bands, middle);
		const shared = gaps === 0 ? 0 : gap + (length - total) / gaps;
		if (shared > gap / STRETCH && shared < gap * STRETCH)
			fits.push(judge(wish, { bands, remainder: 0, middle, widths, gap: shared, by: 'gap-shared' }));
	}
	return [...asWished, ...fits];
}

/** The nearest thing that works where nothing so wide does: all of it narrower by one ratio, one band or three. */
function narrowed(wish: StripesWish, middle: StripesFit['middle']): StripesFit[] {
	return [1, 3].map((bands) => {
		const ratio = wish.length / widthOfBands(bands, middle, wish.widths, wish.gap);
		return judge(wish, {
			bands,
			remainder: 0,
			middle,
			widths: wish.widths.map((width) => width * ratio),
			gap: wish.gap * ratio,
			by: 'narrowed'
		});
	});
}

/** As many bands as leave nothing at the ends, or no sliver; none where not even one does. */
function mostBands(
	{ length, sliver }: StripesWish,
	middle: StripesFit['middle'],
	widths: readonly Mm[],
	gap: Mm
): Pick<StripesFit, 'bands' | 'remainder'>[] {
	let best: Pick<StripesFit, 'bands' | 'remainder'> | null = null;
	let total = middle === 'stripe' ? widths[0]! : gap;
	for (let bands = 1; bands <= MOST_BANDS && total <= length + ROUNDED; bands += 2) {
		const remainder = Math.max(0, (length - total) / 2);
		if (remainder < ROUNDED || remainder >= sliver - ROUNDED) best = { bands, remainder: remainder < ROUNDED ? 0 : remainder };
		total += 2 * widthOf((bands + 1) / 2, middle, widths, gap);
	}
	/** A gap alone is no stripe. */
	return best === null || (middle === 'gap' && best.bands === 1) ? [] : [best];
}

function judge(wish: StripesWish, fit: Omit<StripesFit, 'cost' | 'terms'>, seconds = 0): StripesFit {
	const offs = [...fit.widths.map((width, i) => width / wish.widths[i]!), fit.gap / wish.gap].map((ratio) => Math.abs(Math.log(ratio)));
	const terms = {
		width: (WEIGHTS.width * offs.reduce((a, b) => a + b, 0)) / offs.length,
		ends: (WEIGHTS.ends * fit.remainder) / (fit.widths[0]! + fit.gap),
		tapes: WEIGHTS.tapes * seconds
	};
	return { ...fit, terms, cost: terms.width + terms.ends + terms.tapes };
}

/** Of the band so far from the middle, mm. */
function widthOf(away: number, middle: StripesFit['middle'], widths: readonly Mm[], gap: Mm): Mm {
	const colour = colourAt(away, middle, widths.length);
	return colour < 0 ? gap : widths[colour]!;
}

function colourAt(away: number, middle: StripesFit['middle'], colours: number): number {
	const isStripe = (away % 2 === 0) === (middle === 'stripe');
	return isStripe ? Math.floor(away / 2) % colours : -1;
}

export function widthOfBands(bands: number, middle: StripesFit['middle'], widths: readonly Mm[], gap: Mm): Mm {
	let total = widthOf(0, middle, widths, gap);
	for (let away = 1; away <= (bands - 1) / 2; away++) total += 2 * widthOf(away, middle, widths, gap);
	return total;
}

function gapsAmong(bands: number, middle: StripesFit['middle']): number {
	const half = (bands - 1) / 2;
	return middle === 'gap' ? 1 + 2 * Math.floor(half / 2) : 2 * Math.ceil(half / 2);
}

/** Every band in its place, from the first edge of a length (mm) on; the same to a hair on both sides of its middle. */
export function layBands({ bands, middle, widths, gap }: Pick<StripesFit, 'bands' | 'middle' | 'widths' | 'gap'>, length: Mm): Band[] {
	const half = (bands - 1) / 2;
	const right: Band[] = [];
	let from = widthOf(0, middle, widths, gap) / 2;
	for (let away = 1; away <= half; away++) {
		const to = from + widthOf(away, middle, widths, gap);
		const colour = colourAt(away, middle, widths.length);
		right.push({ at: away, isStripe: colour >= 0, colour, from: length / 2 + from, to: length / 2 + to });
		from = to;
	}
	const centre = widthOf(0, middle, widths, gap) / 2;
	return [
		...right.map((band) => ({ ...band, at: -band.at, from: length - band.to, to: length - band.from })).reverse(),
		{
			at: 0,
			isStripe: middle === 'stripe',
			colour: colourAt(0, middle, widths.length),
			from: length / 2 - centre,
			to: length / 2 + centre
		},
		...right
	];
}
