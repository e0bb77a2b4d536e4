import type { Planes } from '../planes';

/** For each channel, what every byte of the ground becomes. */
export type Tables = readonly [r: Uint8Array, g: Uint8Array, b: Uint8Array];

/*
 * The inner loops of the effects: one for each plane, since a loop over one plane is two to three times as fast as one
 * over all (docs/bench.md), and shared, so that they are compiled once.
 */

/** Every channel of a span through its table. */
export function tintSpan(rgb: Uint8Array, start: number, count: number, [red, green, blue]: Tables): void {
	for (let at = start * 3, end = (start + count) * 3; at < end; at += 3) {
		rgb[at] = red[rgb[at]!]!;
		rgb[at + 1] = green[rgb[at + 1]!]!;
		rgb[at + 2] = blue[rgb[at + 2]!]!;
	}
}

/** Micrometres on a span: a film, and along it the marks of the brush, `rough` at most. */
export function raiseSpan(relief: Uint16Array, start: number, count: number, film: number, rough: number, marks: Float32Array): void {
	const perMark = rough / 255;
	for (let k = 0; k < count; k++) relief[start + k] = (relief[start + k]! + film + perMark * marks[k]!) | 0;
}

export function finishSpan({ gloss, wear }: Planes, start: number, count: number, sheen: number, worn: number): void {
	gloss.fill(sheen, start, start + count);
	wear.fill(worn, start, start + count);
}

/** One pixel (its first byte at `at`) under one of several films, which begins at `film`. */
export function filmPixel(rgb: Uint8Array, at: number, films: Uint8Array, film: number): void {
	rgb[at] = films[film + rgb[at]!]!;
	rgb[at + 1] = films[film + 256 + rgb[at + 1]!]!;
	rgb[at + 2] = films[film + 512 + rgb[at + 2]!]!;
}
