import { convertHexToPaint, thicknessOf } from '../../colour';
import { cloudNoise, noiseTile } from '../grain';
import { GAP, OUTSIDE } from '../scene';
import { filmsUpTo, MOST_COVER, TABLE } from './coverTable';
import { eachOpenPixel } from './mask';
import type { Effect } from './canvas';

/** Films from none to the whole coat, each looked up. */
const LEVELS = 64;

/** A motif through its openings: dabbed a little unevenly, its edge crisp or soft. */
export const layStencil: Effect<'stencil'> = (planes, layer, { scale, scene, surfaces }) => {
	const paint = convertHexToPaint(layer.hex);
	const thickness = thicknessOf(paint, Math.min(layer.cover, MOST_COVER));
	const films = filmsUpTo(paint, thickness, LEVELS);
	const tile = noiseTile(scene.seed + 3);
	const isSoft = layer.edge === 'soft';
	for (const spot of layer.spots) {
		eachOpenPixel(planes, spot, layer.edge, scale, (i, amount, x, y) => {
			if (surfaces[i] === GAP || surfaces[i] === OUTSIDE) return;
			const dab = 0.82 + (0.18 * cloudNoise(tile, x, y, 3)) / 255;
			/** A soft edge is a thinner film; at a crisp one part of the pixel is covered. */
			const [level, share] = isSoft ? [Math.round((amount / 255) * dab * LEVELS), 1] : [LEVELS, amount / 255];
			const film = level * TABLE;
			for (let c = 0; c < 3; c++) {
				const ground = planes.rgb[i * 3 + c]!;
				planes.rgb[i * 3 + c] = films[film + c * 256 + ground]! * share + ground * (1 - share) + 0.5;
			}
			planes.relief[i]! += (layer.film * amount) / 255;
			if (amount > 127) planes.gloss[i] = Math.round(layer.sheen * 255);
		});
	}
};
