import { convertHexToPaint, decodeSrgb, encodeLinear, filmOfBand, thicknessOf, type Paint } from '../../colour';
import type { Tables } from './spanWork';

export type Bytes = readonly [r: number, g: number, b: number];

/** Bytes of what a film makes of every byte of red, of green and of blue. */
export const TABLE = 3 * 256;

/** Nothing hides all: a film that thins out from 1 is taken to begin at this. */
export const MOST_COVER = 0.9995;

export function bytesOfHex(hex: string): Bytes {
	return [1, 3, 5].map((at) => Number.parseInt(hex.slice(at, at + 2), 16)) as unknown as Bytes;
}

/**
 * What every byte of the ground becomes under so thick a film, for red, green and blue in turn: as paint lies over paint, not
 * as light adds up. A ground's green is taken as even over its two halves. Source: methods 10.
 */
export function tableOfFilm([blue, green1, green2, red]: Paint, thickness: number): Uint8Array {
	const table = new Uint8Array(TABLE);
	const r = filmOfBand(red, thickness);
	const g = filmOfBand(green1, thickness);
	const h = filmOfBand(green2, thickness);
	const b = filmOfBand(blue, thickness);
	for (let ground = 0; ground < 256; ground++) {
		const light = decodeSrgb(ground);
		table[ground] = encodeLinear((r.n0 + r.n1 * light) / (1 - r.d1 * light));
		table[256 + ground] = encodeLinear(((g.n0 + g.n1 * light) / (1 - g.d1 * light) + (h.n0 + h.n1 * light) / (1 - h.d1 * light)) / 2);
		table[512 + ground] = encodeLinear((b.n0 + b.n1 * light) / (1 - b.d1 * light));
	}
	return table;
}

/** The same for a film that hides `cover` (0 to 1) of its ground; at 1 it is its own colour. */
export function coverTables(hex: string, cover: number): Tables {
	const paint = convertHexToPaint(hex);
	const table = tableOfFilm(paint, thicknessOf(paint, cover));
	if (cover >= 1) bytesOfHex(hex).forEach((byte, channel) => table.fill(byte, channel * 256, channel * 256 + 256));
	return [table.subarray(0, 256), table.subarray(256, 512), table.subarray(512)];
}

/** Films of a paint from none to so thick, in even steps: `TABLE` bytes each. */
export function filmsUpTo(paint: Paint, thickness: number, steps: number): Uint8Array {
	const films = new Uint8Array((steps + 1) * TABLE);
	for (let step = 0; step <= steps; step++) films.set(tableOfFilm(paint, (thickness * step) / steps), step * TABLE);
	return films;
}
