import { noiseTile, strokeNoise } from '../grain';
import { bytesOfHex, coverTable } from './coverTable';
import type { Effect } from './types';
import { eachPixel } from './eachPixel';

/** One colour over whole surfaces: covers by its opacity, with faint marks along the stroke. */
export const layPaint: Effect<'paint'> = (planes, layer, canvas) => {
	const tables = bytesOfHex(layer.hex).map((channel) => coverTable(channel, layer.cover)) as [Uint8Array, Uint8Array, Uint8Array];
	const tile = noiseTile(canvas.scene.seed + 1);
	const gloss = Math.round(layer.sheen * 255);
	const marks = layer.film * 0.12;
	const { rgb, relief } = planes;
	eachPixel(planes, layer, canvas, (i, x, y) => {
		rgb[i * 3] = tables[0][rgb[i * 3]!]!;
		rgb[i * 3 + 1] = tables[1][rgb[i * 3 + 1]!]!;
		rgb[i * 3 + 2] = tables[2][rgb[i * 3 + 2]!]!;
		relief[i]! += layer.film + (marks * strokeNoise(tile, x, y, 6)) / 255;
		planes.gloss[i] = gloss;
		planes.wear[i] = 120;
	});
};
