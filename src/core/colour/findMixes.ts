import { converter, differenceCiede2000 } from './spaces';
import { convertLinearToSrgb } from './convertSrgb';
import type { Lab } from './lab';
import { convertPaintToHex, convertPaintToLinear, mixPaints, reflectBand, type Paint } from './mixPaints';
import type { Pigment } from './pigments';

export interface Mix {
	readonly parts: readonly { readonly colour: string; readonly parts: number }[];
	readonly hex: string;
	/** From the wished colour, CIEDE2000. */
	readonly difference: number;
}

/** Parts of one colour that a spoon measures, and that are mixed again another day. */
const MOST_PARTS = 8;
/** Of those that a quick measure of difference puts first so many are measured by CIEDE2000. */
const MEASURED = 400;

/**
 * The parts of one, two and three colours of a stock that come nearest to a wished colour (#rrggbb): every ratio of 1 to 8 parts of each of all of them is tried;
 * each list member is nearer than the one before, which needs fewer colours. Source: methods 10.
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
	const of = (count: 2 | 3) =>
		rankQuickly(stock, count, { l: target.l, a: target.a, b: target.b }).map(({ at, counts }) =>
			measure(
				at.map((i) => ids[i]!),
				counts
			)
		);
	const [pairs, triples] = [of(2), of(3)];

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

interface Ranked {
	readonly at: readonly number[];
	readonly counts: readonly number[];
	readonly off: number;
}

/** The mixes of so many of a stock that are nearest by a quick measure, in no order. Millions are tried, so nothing is made for one. */
function rankQuickly(stock: readonly Pigment[], count: 2 | 3, target: Lab): Ranked[] {
	const ratios = RATIOS[count];
	const differ = differFrom(target);
	const weighed = stock.map(
		({ paint, strength }) => [...paint.map((k) => k * strength), strength] as [number, number, number, number, number]
	);
	let kept: Ranked[] = [];
	let worst = Infinity;
	const tryAll = (at: readonly number[]) => {
		const [one, other, third = NOTHING] = at.map((i) => weighed[i]!) as unknown as [Weighed, Weighed, Weighed?];
		for (const counts of ratios) {
			const [p, q, r = 0] = counts as [number, number, number?];
			const total = p * one[4] + q * other[4] + r * third[4];
			const off = differ(
				(p * one[0] + q * other[0] + r * third[0]) / total,
				(p * one[1] + q * other[1] + r * third[1]) / total,
				(p * one[2] + q * other[2] + r * third[2]) / total,
				(p * one[3] + q * other[3] + r * third[3]) / total
			);
			if (off >= worst) continue;
			kept.push({ at, counts, off });
			if (kept.length < 2 * MEASURED) continue;
			kept = kept.sort((a, b) => a.off - b.off).slice(0, MEASURED);
			worst = kept.at(-1)!.off;
		}
	};
	for (let i = 0; i < stock.length; i++)
		for (let j = i + 1; j < stock.length; j++)
			if (count === 2) tryAll([i, j]);
			else for (let k = j + 1; k < stock.length; k++) tryAll([i, j, k]);
	return kept.sort((a, b) => a.off - b.off).slice(0, MEASURED);
}

type Weighed = readonly [blue: number, green1: number, green2: number, red: number, strength: number];
const NOTHING: Weighed = [0, 0, 0, 0, 0];

/** CIEDE2000 as it is about one colour: its weights are those of the target, and its turn of blue is left out. From the four figures of a paint. */
function differFrom({ l, a, b }: Lab): (blue: number, green1: number, green2: number, red: number) => number {
	const chroma = Math.hypot(a, b);
	const seventh = chroma ** 7 / (chroma ** 7 + 25 ** 7);
	const g = 1 + 0.5 * (1 - Math.sqrt(seventh));
	const [ta, own] = [g * a, Math.hypot(g * a, b)];
	const sl = 1 + (0.015 * (l - 50) ** 2) / Math.sqrt(20 + (l - 50) ** 2);
	const sc = 1 + 0.045 * own;
	const sh = 1 + 0.015 * own;
	const [cos, sin] = own > 1 ? [ta / own, b / own] : [1, 0];
	return (blue, green1, green2, red) => {
		const light = (reflectBand(green1) + reflectBand(green2)) / 2;
		const [r, z] = [reflectBand(red), reflectBand(blue)];
		const fx = Math.cbrt((0.4123908 * r + 0.3575843 * light + 0.1804808 * z) / 0.9504559);
		const fy = Math.cbrt(0.212639 * r + 0.7151687 * light + 0.0721923 * z);
		const fz = Math.cbrt((0.0193308 * r + 0.1191948 * light + 0.9505322 * z) / 1.0890578);
		const dl = 116 * fy - 16 - l;
		const da = g * 500 * (fx - fy) - ta;
		const db = 200 * (fy - fz) - b;
		const [dc, dh] = [da * cos + db * sin, db * cos - da * sin];
		return (dl / sl) ** 2 + (dc / sc) ** 2 + (dh / sh) ** 2;
	};
}

/** Every ratio of so many colours in whole parts that cannot be written in fewer. */
const RATIOS = { 2: ratiosOf(2), 3: ratiosOf(3) } as const;

function ratiosOf(count: number): number[][] {
	const grow = (left: number): number[][] =>
		left === 0 ? [[]] : Array.from({ length: MOST_PARTS }, (_, i) => i + 1).flatMap((n) => grow(left - 1).map((rest) => [n, ...rest]));
	return grow(count).filter((parts) => parts.reduce(divisor) === 1);
}

function divisor(a: number, b: number): number {
	return b === 0 ? a : divisor(b, a % b);
}
