import { converter, differenceCiede2000 } from './spaces';
import { convertLinearToSrgb } from './convertSrgb';
import { convertPaintToHex, convertPaintToLinear, mixPaints, type Paint } from './mixPaints';
import type { Pigment } from './pigments';

export interface Mix {
	readonly parts: readonly { readonly colour: string; readonly parts: number }[];
	readonly hex: string;
	/** From the wished colour, CIEDE2000. */
	readonly difference: number;
}

/** So many parts can be measured out with a spoon and be mixed again another day. */
const MOST_PARTS = 9;
/** Three are tried only of those that come nearest alone or in a pair: of all of a large stock they would be too many. */
const TRIED_IN_THREES = 10;

/**
 * The parts of one, two and three colours of a stock that come nearest to a wished colour (#rrggbb), in ratios that can
 * be measured; each list member is nearer than the one before, which needs fewer colours. Source: methods 10.
 */
export function findMixes(wish: string, stock: readonly Pigment[]): Mix[] {
	const toLab = converter('lab65');
	const difference = differenceCiede2000();
	const target = toLab(wish);
	if (!target) throw new RangeError(`findMixes expects a wished colour #rrggbb, got ${wish}`);
	const pigments = new Map(stock.map((pigment) => [pigment.id, pigment]));
	const blend = (mix: Mix['parts']) => mixPaints(mix.map(({ colour, parts }) => ({ ...pigments.get(colour)!, parts })));
	const measure = (ids: readonly string[], counts: readonly number[]): Mix => {
		const parts = ids.map((colour, i) => ({ colour, parts: counts[i]! }));
		return { parts, hex: '', difference: difference(toLab(rgbOf(blend(parts)))!, target) };
	};
	const nearest = (mixes: readonly Mix[]) =>
		mixes.reduce<Mix | null>((best, mix) => (best && best.difference <= mix.difference ? best : mix), null);

	const ids = stock.map(({ id }) => id);
	const singles = ids.map((id) => measure([id], [1]));
	const pairs = choose(ids, 2).flatMap((pair) => RATIOS[2].map((counts) => measure(pair, counts)));
	const reached = new Map<string, number>();
	for (const { parts, difference } of [...singles, ...pairs])
		for (const { colour } of parts) reached.set(colour, Math.min(difference, reached.get(colour) ?? Infinity));
	const promising = ids.toSorted((a, b) => reached.get(a)! - reached.get(b)!).slice(0, TRIED_IN_THREES);
	const triples = choose(promising, 3).flatMap((three) => RATIOS[3].map((counts) => measure(three, counts)));

	let best = Infinity;
	return [nearest(singles), nearest(pairs), nearest(triples)].flatMap((mix) => {
		if (!mix || mix.difference >= best - 0.05) return [];
		best = mix.difference;
		return [{ ...mix, hex: convertPaintToHex(blend(mix.parts)) }];
	});
}

/** To whole bytes, as the mix will be shown: the difference that is told is that of the swatch. */
function rgbOf(paint: Paint) {
	const [r, g, b] = convertPaintToLinear(paint).map((light) => Math.round(255 * convertLinearToSrgb(light)) / 255) as [
		number,
		number,
		number
	];
	return { mode: 'rgb' as const, r, g, b };
}

function choose(ids: readonly string[], count: number): string[][] {
	if (count === 0) return [[]];
	return ids.flatMap((id, i) => choose(ids.slice(i + 1), count - 1).map((rest) => [id, ...rest]));
}

/** Every ratio of so many colours in whole parts that cannot be written in fewer. */
const RATIOS = { 2: ratiosOf(2), 3: ratiosOf(3) } as const;

function ratiosOf(count: number): number[][] {
	const grow = (left: number, most: number): number[][] =>
		left === 0
			? [[]]
			: Array.from({ length: Math.max(0, most - left + 1) }, (_, i) => i + 1).flatMap((n) =>
					grow(left - 1, most - n).map((rest) => [n, ...rest])
				);
	return grow(count, MOST_PARTS).filter((parts) => parts.reduce(divisor) === 1);
}

function divisor(a: number, b: number): number {
	return b === 0 ? a : divisor(b, a % b);
}
