import { convertHexToPaint, thicknessOf } from '../../colour';
import { cloudNoise, noiseTile } from '../grain';
import { GAP, OUTSIDE } from '../scene';
import { filmsUpTo, MOST_COVER, TABLE } from './coverTable';
import { eachOpenPixel } from './mask';
import type { Effect } from './canvas';

/** A shoulder of paste is as wide as it is high, times this; but never less, and of high casts never more, than so much, mm. */
const SHOULDER = 0.9;
const LEAST_SHOULDER = 0.4;
const MOST_SHOULDER = 1.3;
/** How much of its height a trowel leaves up and down, and how long its strokes are for their width. */
const GRAIN = 0.05;
const STROKE = 6;

/** What stands up: paste with rounded shoulders and the grain of the trowel, lower where an opening is narrow; wood and resin with sharp edges. */
export const layRelief: Effect<'relief'> = (planes, layer, { scale, scene, surfaces }) => {
	const paint = convertHexToPaint(layer.hex);
	const film = filmsUpTo(paint, thicknessOf(paint, Math.min(layer.cover, MOST_COVER)), 1);
	const tile = noiseTile(scene.seed + 11);
	const isRound = layer.shoulder === 'rounded';
	const edge = isRound ? Math.min(MOST_SHOULDER, Math.max(LEAST_SHOULDER, (layer.film / 1000) * SHOULDER)) : ('crisp' as const);
	const sheen = Math.round(layer.sheen * 255);
	for (const spot of layer.spots)
		eachOpenPixel(planes, spot, edge, scale, (i, amount, x, y) => {
			if (surfaces[i] === GAP || surfaces[i] === OUTSIDE) return;
			const open = amount / 255;
			/** A blurred edge lies where half of it is open: the paste ends there. */
			const inside = isRound ? Math.min(1, Math.max(0, (open - 0.4) / 0.6)) : open;
			if (inside === 0) return;
			const share = isRound ? Math.min(1, inside * 4) : open;
			for (let c = 0; c < 3; c++) {
				const ground = planes.rgb[i * 3 + c]!;
				planes.rgb[i * 3 + c] = film[TABLE + c * 256 + ground]! * share + ground * (1 - share) + 0.5;
			}
			const shape = isRound ? Math.sqrt(1 - (1 - inside) ** 2) : open;
			const grain = isRound ? 1 - GRAIN + (GRAIN * cloudNoise(tile, x / STROKE, y, 2)) / 127 : 1;
			planes.relief[i] = Math.min(65_535, planes.relief[i]! + layer.film * shape * grain);
			if (share > 0.5) planes.gloss[i] = sheen;
		});
};
