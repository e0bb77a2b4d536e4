import { coverTables } from './coverTable';
import { eachSpan } from './eachSpan';
import { createStrokes } from './strokes';
import { finishSpan, raiseSpan, tintSpan } from './spanWork';
import type { Effect } from './canvas';

/** What a brush leaves standing, as a share of the film. */
const MARKS = 0.12;
const WEAR = 120;

/** One colour over whole surfaces: covers by its opacity, with faint marks along the stroke. */
export const layPaint: Effect<'paint'> = (planes, layer, canvas) => {
	const tables = coverTables(layer.hex, layer.cover);
	const fillStrokes = createStrokes(canvas, canvas.scene.seed + 1, 6);
	const strokes = new Float32Array(planes.width);
	const gloss = Math.round(layer.sheen * 255);
	eachSpan(planes, layer.surfaces, canvas, (start, count, x, y) => {
		fillStrokes(strokes, count, x, y);
		tintSpan(planes.rgb, start, count, tables);
		raiseSpan(planes.relief, start, count, layer.film, layer.film * MARKS, strokes);
		finishSpan(planes, start, count, gloss, WEAR);
	});
};
