import { coverTables } from './coverTable';
import { eachSpan } from './eachSpan';
import type { Effect } from './types';

/** Clear coat or wax: wets the colour a little, sets the sheen, and tints where it is tinted. */
export const layClear: Effect<'clear'> = (planes, layer, canvas) => {
	const wet = Uint8Array.from({ length: 256 }, (_, value) => Math.round(255 * (value / 255) ** 1.06));
	const tints = layer.tint
		? coverTables(layer.tint.hex, layer.tint.cover)
		: [0, 1, 2].map(() => Uint8Array.from({ length: 256 }, (_, v) => v));
	const [red, green, blue] = tints.map((tint) => tint.map((value) => wet[value]!)) as [Uint8Array, Uint8Array, Uint8Array];
	const gloss = Math.round(layer.sheen * 255);
	const { rgb } = planes;
	eachSpan(planes, layer.surfaces, canvas, (start, count) => {
		for (let at = start * 3, end = (start + count) * 3; at < end; at += 3) {
			rgb[at] = red[rgb[at]!]!;
			rgb[at + 1] = green[rgb[at + 1]!]!;
			rgb[at + 2] = blue[rgb[at + 2]!]!;
		}
		planes.gloss.fill(gloss, start, start + count);
		planes.wear.fill(40, start, start + count);
	});
};
