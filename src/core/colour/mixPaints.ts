import { formatHex, parse } from './spaces';
import { convertLinearToSrgb, convertSrgbToLinear } from './convertSrgb';

/** A paint as four absorption figures: blue, the two halves of green, red. A mix of mixes carries these, never the colour between. */
export type Paint = readonly [blue: number, green1: number, green2: number, red: number];

/** How far green leans towards its neighbour band; tried against three bands and against full spectra. */
const LEAN = 0.75;
const FLOOR = 0.04;
const SPAN = 0.94;

/** One paint of a mix. `strength` is its tinting strength, 1 unless measured. */
export interface PaintPart {
	readonly paint: Paint;
	readonly parts: number;
	readonly strength?: number;
}

/** Mixes like paint, not like light: blue and yellow give green. Kubelka-Munk on four bands. Source: methods 10. */
export function mixPaints(parts: readonly PaintPart[]): Paint {
	const weights = parts.map(({ parts, strength = 1 }) => parts * strength);
	const total = weights.reduce((a, b) => a + b, 0);
	if (!(total > 0)) throw new RangeError(`mixPaints needs at least one part of paint, got ${total}`);
	const band = (i: 0 | 1 | 2 | 3) => parts.reduce((sum, { paint }, at) => sum + weights[at]! * paint[i], 0) / total;
	return [band(0), band(1), band(2), band(3)];
}

/** #rrggbb to the four figures of a paint. */
export function convertHexToPaint(hex: string): Paint {
	const rgb = parse(hex);
	if (rgb?.mode !== 'rgb') throw new RangeError(`convertHexToPaint expects #rrggbb, got ${hex}`);
	const [r, g, b] = [rgb.r, rgb.g, rgb.b].map(convertSrgbToLinear) as [number, number, number];
	const [g1, g2] = splitGreen(r, g, b);
	return [absorb(b), absorb(g1), absorb(g2), absorb(r)];
}

/** Linear red, green and blue of a paint, 0 to 1. */
export function convertPaintToLinear(paint: Paint): [r: number, g: number, b: number] {
	const [b, g1, g2, r] = paint.map(reflectBand) as [number, number, number, number];
	return [r, (g1 + g2) / 2, b];
}

export function convertPaintToHex(paint: Paint): string {
	return formatRgb(...convertPaintToLinear(paint));
}

/** What a film makes of one band of its ground, linear light 0 to 1: (n0 + n1 ground) / (1 - d1 ground). */
export interface BandFilm {
	readonly n0: number;
	readonly n1: number;
	readonly d1: number;
}

/** So thick a film of one band of a paint, ready for any ground. Kubelka-Munk with the floor of the bands worked in. Source: methods 10 (glaze over ground). */
export function filmOfBand(k: number, thickness: number): BandFilm {
	if (thickness <= 0) return { n0: 0, n1: 1, d1: 0 };
	const a = 1 + k;
	const b = Math.sqrt(a * a - 1);
	if (thickness === Infinity) return { n0: toBand(a - b), n1: 0, d1: 0 };
	/** q = (p0 + p1 under) / (r0 + r1 under), with under = FLOOR + SPAN ground. */
	const [p0, p1, r0, r1] =
		b < 1e-6
			? [thickness, 1 - thickness, 1 + thickness, -thickness]
			: [1, -(a - b / Math.tanh(b * thickness)), a + b / Math.tanh(b * thickness), -1];
	const below = r0 + r1 * FLOOR;
	return {
		n0: (p0 + p1 * FLOOR - FLOOR * below) / (SPAN * below),
		n1: (p1 - FLOOR * r1) / below,
		d1: (-r1 * SPAN) / below
	};
}

/** A band of a ground (0 to 1) as it comes through a film. */
function layBand(k: number, thickness: number, ground: number): number {
	const { n0, n1, d1 } = filmOfBand(k, thickness);
	return Math.min(1, Math.max(0, (n0 + n1 * ground) / (1 - d1 * ground)));
}

/**
 * The thickness at which a paint hides so much of what is under it (0 to 1): 1 less what is left of the step from black to
 * white, in the mean of the bands. Infinity at 1. By bisection. Source: methods 10.
 */
export function thicknessOf(paint: Paint, opacity: number): number {
	if (opacity >= 1) return Infinity;
	const hides = (thickness: number) => 1 - paint.reduce((sum, k) => sum + layBand(k, thickness, 1) - layBand(k, thickness, 0), 0) / 4;
	let [low, high] = [0, 1];
	while (hides(high) < opacity && high < 1e6) high *= 2;
	for (let i = 0; i < 60; i++) {
		const middle = (low + high) / 2;
		if (hides(middle) < opacity) low = middle;
		else high = middle;
	}
	return (low + high) / 2;
}

/** A glaze or a wash of so much opacity (0 to 1) over a ground, both #rrggbb. Source: methods 10. */
export function layOver(hex: string, opacity: number, ground: string): string {
	const [paint, under] = [convertHexToPaint(hex), convertHexToPaint(ground)];
	const thickness = knownThickness(hex, paint, opacity);
	const laid = paint.map((k, i) => layBand(k, thickness, reflectBand(under[i]!))) as [number, number, number, number];
	return formatRgb(laid[3], (laid[1] + laid[2]) / 2, laid[0]);
}

/** The same few paints are asked for with every edit of a stack. */
const known = new Map<string, number>();
const MOST_KNOWN = 500;

function knownThickness(hex: string, paint: Paint, opacity: number): number {
	const key = `${hex} ${opacity}`;
	const thickness = known.get(key) ?? thicknessOf(paint, opacity);
	if (known.size >= MOST_KNOWN) known.clear();
	known.set(key, thickness);
	return thickness;
}

function toBand(q: number): number {
	return Math.min(1, Math.max(0, (q - FLOOR) / SPAN));
}

function formatRgb(r: number, g: number, b: number): string {
	return formatHex({ mode: 'rgb', r: convertLinearToSrgb(r), g: convertLinearToSrgb(g), b: convertLinearToSrgb(b) });
}

function splitGreen(r: number, g: number, b: number): [number, number] {
	if (r > g && g > b) {
		const g1 = g + LEAN * (Math.max(b, 2 * g - r) - g);
		return [g1, 2 * g - g1];
	}
	if (b > g && g > r) {
		const g2 = g + LEAN * (Math.max(r, 2 * g - b) - g);
		return [2 * g - g2, g2];
	}
	return [g, g];
}

function absorb(band: number): number {
	const q = FLOOR + SPAN * band;
	return ((1 - q) * (1 - q)) / (2 * q);
}

/** What one band of a paint throws back, linear light 0 to 1. */
export function reflectBand(k: number): number {
	return toBand(1 + k - Math.sqrt(k * (k + 2)));
}
