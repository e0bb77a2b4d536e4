import { convertHexToPaint, thicknessOf } from '../../colour';
import { fillCloudRow, noiseTile, shiftFor } from '../grain';
import type { Planes } from '../planes';
import type { SceneLayer } from '../scene';
import { filmsUpTo, MOST_COVER, TABLE } from './coverTable';
import { eachSpan } from './eachSpan';
import { standOfRelief } from './reliefMaps';
import { filmPixel } from './spanWork';
import type { Canvas, Effect } from './canvas';

const LEVELS = 64;
/** A finger along an edge leaves a line so wide at most, mm. */
export const LINE = 4;
/** A height of so many micrometres takes half of what is on the cloth. */
const HALF = 14;
/** How it thins out along a stroke, over so many mm, and from speck to speck. */
const STROKE = 38;
const SPECK = 4;
/** Shares of what is on the cloth: always there, and by stroke and by speck. */
const [EVEN, BY_STROKE, BY_SPECK] = [0.1, 0.75, 0.35];

/** Metallic wax, where the finger or the cloth catches: along edges, on what stands up, or all over; a little uneven. */
export const layGild: Effect<'gild'> = (planes, layer, canvas) => {
	const { scale, scene } = canvas;
	const paint = convertHexToPaint(layer.hex);
	const thickness = thicknessOf(paint, Math.min(layer.cover, MOST_COVER));
	const films = filmsUpTo(paint, thickness, LEVELS);
	const { rgb, relief } = planes;
	const tile = noiseTile(scene.seed + 7);
	const [stroke, speck] = [shiftFor(STROKE, scale), shiftFor(SPECK, scale)];
	const caught = createCatch(layer.catches, planes, canvas);
	const [strokes, specks] = [new Float32Array(planes.width), new Float32Array(planes.width)];
	eachSpan(planes, layer.surfaces, canvas, (start, count, x, y) => {
		fillCloudRow(strokes, count, tile, x, y, stroke);
		fillCloudRow(specks, count, tile, x + 611, y + 97, speck);
		for (let k = 0, i = start; k < count; k++, i++) {
			const there = caught(i, x + k, y);
			if (there === 0) continue;
			const rubbed = EVEN + (BY_STROKE * strokes[k]! + BY_SPECK * specks[k]!) / 255;
			const share = Math.min(1, there * rubbed);
			const level = (share * LEVELS + 0.5) | 0;
			if (level === 0) continue;
			filmPixel(rgb, i * 3, films, level * TABLE);
			relief[i] = relief[i]! + layer.film * share;
			planes.gloss[i] = planes.gloss[i]! + (layer.sheen * 255 - planes.gloss[i]!) * share;
		}
	});
};

/** How much of the wax each pixel takes, 0 to 1. */
function createCatch(
	catches: Extract<SceneLayer, { kind: 'gild' }>['catches'],
	planes: Planes,
	{ scale, surfaces, width, height, top }: Canvas
): (i: number, x: number, y: number) => number {
	if (catches === 'all') return () => 1;
	if (catches === 'heights') {
		const stand = standOfRelief(planes, scale);
		return (i) => {
			const high = Math.max(0, stand[i]!);
			return high / (high + HALF);
		};
	}
	const wide = Math.max(1, Math.round(LINE * scale));
	const isOther = (i: number, x: number, y: number) =>
		x < 0 || y < 0 || x >= width || y >= height || surfaces[(y - top) * width + x] !== surfaces[i];
	/** From the edge inwards in four steps: most at the edge itself. */
	return (i, x, y) => {
		for (let step = 1; step <= 4; step++) {
			const d = Math.max(1, Math.round((wide * step) / 4));
			if (isOther(i, x - d, y) || isOther(i, x + d, y) || isOther(i, x, y - d) || isOther(i, x, y + d)) return 1 - ((step - 1) / 4) ** 2;
		}
		return 0;
	};
}
