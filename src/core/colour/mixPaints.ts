import { formatHex, parse } from 'culori';
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
	const [b, g1, g2, r] = paint.map(reflect) as [number, number, number, number];
	return [r, (g1 + g2) / 2, b];
}

export function convertPaintToHex(paint: Paint): string {
	const [r, g, b] = convertPaintToLinear(paint).map(convertLinearToSrgb) as [number, number, number];
	return formatHex({ mode: 'rgb', r, g, b });
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

function reflect(k: number): number {
	const q = 1 + k - Math.sqrt(k * (k + 2));
	return Math.min(1, Math.max(0, (q - FLOOR) / SPAN));
}
