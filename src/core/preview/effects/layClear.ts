import { coverTables } from './coverTable';
import { eachSpan } from './eachSpan';
import { finishSpan, tintSpan, type Tables } from './spanWork';
import type { Effect } from './canvas';

/** A wetted colour is a little deeper. */
const WET = Uint8Array.from({ length: 256 }, (_, value) => Math.round(255 * (value / 255) ** 1.06));
const WEAR = 40;

/** Clear coat or wax: wets the colour a little, sets the sheen, and tints where it is tinted. */
export const layClear: Effect<'clear'> = (planes, layer, canvas) => {
	const wet = (tint: Uint8Array) => tint.map((value) => WET[value]!);
	const tints = layer.tint ? coverTables(layer.tint.hex, layer.tint.cover) : null;
	const tables: Tables = tints ? [wet(tints[0]), wet(tints[1]), wet(tints[2])] : [WET, WET, WET];
	const gloss = Math.round(layer.sheen * 255);
	eachSpan(planes, layer.surfaces, canvas, (start, count) => {
		tintSpan(planes.rgb, start, count, tables);
		finishSpan(planes, start, count, gloss, WEAR);
	});
};
