import { bytesOfHex, coverTable } from './coverTable';
import { eachPixel } from './eachPixel';
import type { Effect } from './types';

/** Clear coat or wax: wets the colour a little, sets the sheen, and tints where it is tinted. */
export const layClear: Effect<'clear'> = (planes, layer, canvas) => {
	const wet = Uint8Array.from({ length: 256 }, (_, value) => Math.round(255 * (value / 255) ** 1.06));
	const tints = layer.tint
		? bytesOfHex(layer.tint.hex).map((channel) => coverTable(channel, layer.tint!.cover))
		: [0, 1, 2].map(() => Uint8Array.from({ length: 256 }, (_, v) => v));
	const tables = tints.map((tint) => tint.map((value) => wet[value]!)) as [Uint8Array, Uint8Array, Uint8Array];
	const gloss = Math.round(layer.sheen * 255);
	const { rgb } = planes;
	eachPixel(planes, layer, canvas, (i) => {
		rgb[i * 3] = tables[0][rgb[i * 3]!]!;
		rgb[i * 3 + 1] = tables[1][rgb[i * 3 + 1]!]!;
		rgb[i * 3 + 2] = tables[2][rgb[i * 3 + 2]!]!;
		planes.gloss[i] = gloss;
		planes.wear[i] = 40;
	});
};
