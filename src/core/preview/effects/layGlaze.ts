import { convertHexToPaint, thicknessOf } from '../../colour';
import { fillCloudRow, noiseTile, shiftFor } from '../grain';
import { filmsUpTo, MOST_COVER, TABLE } from './coverTable';
import { eachSpan } from './eachSpan';
import { standOfRelief } from './reliefMaps';
import { createStrokes } from './strokes';
import { filmPixel, finishSpan } from './spanWork';
import type { Effect } from './canvas';

const LEVELS = 64;
/** What the cloth leaves on flat ground, and how unevenly, as shares of what was brushed on. */
const LEFT = 0.3;
const STREAK = 0.16;
const PATCH = 0.1;
/** A hollow of so many micrometres keeps half of what a cloth would take off. */
const HALF = 60;
const WEAR = 90;

/** Brushed on and wiped back: thin and a little streaked on the flat, nearly whole in the hollows. */
export const layGlaze: Effect<'glaze'> = (planes, layer, canvas) => {
	const { scale, scene } = canvas;
	const paint = convertHexToPaint(layer.hex);
	const thickness = thicknessOf(paint, Math.min(layer.cover, MOST_COVER));
	const films = filmsUpTo(paint, thickness, LEVELS);
	const { rgb, relief } = planes;
	const stand = standOfRelief(planes, scale);
	const tile = noiseTile(scene.seed + 5);
	const [streaks, patches] = [new Float32Array(planes.width), new Float32Array(planes.width)];
	const fillStreaks = createStrokes(canvas, scene.seed + 5, shiftFor(60, scale));
	const patchShift = shiftFor(18, scale);
	const gloss = Math.round(layer.sheen * 255);
	eachSpan(planes, layer.surfaces, canvas, (start, count, x, y) => {
		fillStreaks(streaks, count, x, y);
		fillCloudRow(patches, count, tile, x, y, patchShift);
		for (let k = 0, i = start; k < count; k++, i++) {
			const hollow = Math.max(0, -stand[i]!);
			const flat = LEFT + STREAK * (streaks[k]! / 255 - 0.5) + PATCH * (patches[k]! / 255 - 0.5);
			const kept = flat + (1 - flat) * (hollow / (hollow + HALF));
			filmPixel(rgb, i * 3, films, ((kept * LEVELS + 0.5) | 0) * TABLE);
			relief[i] = relief[i]! + layer.film * kept;
		}
		finishSpan(planes, start, count, gloss, WEAR);
	});
};
