import { fillStrokeRow, noiseTile } from '../grain';
import { coverTables } from './coverTable';
import { eachSpan } from './eachSpan';
import type { Effect } from './types';

/** One colour over whole surfaces: covers by its opacity, with faint marks along the stroke. */
export const layPaint: Effect<'paint'> = (planes, layer, canvas) => {
	const [red, green, blue] = coverTables(layer.hex, layer.cover);
	const tile = noiseTile(canvas.scene.seed + 1);
	const strokes = new Float32Array(planes.width);
	const gloss = Math.round(layer.sheen * 255);
	const marks = (layer.film * 0.12) / 255;
	const { rgb, relief } = planes;
	eachSpan(planes, layer.surfaces, canvas, (start, count, x, y) => {
		fillStrokeRow(strokes, count, tile, x, y, 6);
		for (let k = 0, i = start, at = start * 3; k < count; k++, i++, at += 3) {
			rgb[at] = red[rgb[at]!]!;
			rgb[at + 1] = green[rgb[at + 1]!]!;
			rgb[at + 2] = blue[rgb[at + 2]!]!;
			relief[i]! += layer.film + marks * strokes[k]!;
		}
		planes.gloss.fill(gloss, start, start + count);
		planes.wear.fill(120, start, start + count);
	});
};
