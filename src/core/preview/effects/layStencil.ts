import { convertHexToPaint, mixPaints, thicknessOf, type Paint } from '../../colour';
import { tipsAt } from '../../layout';
import { cloudNoise, noiseTile } from '../grain';
import { GAP, OUTSIDE, type SceneLayer, type PaintedMotif } from '../scene';
import { filmsUpTo, MOST_COVER, TABLE } from './coverTable';
import { eachOpenPixel } from './mask';
import type { Effect } from './canvas';

/** Films from none to the whole coat, each looked up. */
const LEVELS = 64;
/** Colours from the heart of a motif to its tips. */
const SHADES = 8;

/** A motif through its openings: dabbed a little unevenly, its edge crisp or soft; shaded from heart to tips where it is of two colours, or laid at one of them alone. */
export const layStencil: Effect<'stencil'> = (planes, layer, { scale, scene, surfaces }) => {
	const shades = shadesOf(layer);
	const tile = noiseTile(scene.seed + 3);
	const isSoft = layer.edge === 'soft';
	const isShaded = layer.heart !== undefined || (layer.reach !== undefined && layer.reach !== 'all');
	for (const spot of layer.spots) {
		eachOpenPixel(planes, spot, layer.edge, scale, (i, amount, x, y) => {
			if (surfaces[i] === GAP || surfaces[i] === OUTSIDE) return;
			const tips = isShaded ? tipsOf(spot, x / scale, y / scale) : 1;
			const noise = cloudNoise(tile, x, y, 3) / 255;
			const dab = (layer.dry ? dryDab(noise) : isSoft ? 0.82 + 0.18 * noise : 1) * reachOf(layer.reach, tips);
			/** A soft edge is a thinner film; at a crisp one part of the pixel is covered. */
			const [level, share] = isSoft ? [Math.round((amount / 255) * dab * LEVELS), 1] : [Math.round(dab * LEVELS), amount / 255];
			const films = shades[Math.round(tips * (shades.length - 1))]!;
			const film = Math.min(LEVELS, level) * TABLE;
			for (let c = 0; c < 3; c++) {
				const ground = planes.rgb[i * 3 + c]!;
				planes.rgb[i * 3 + c] = films[film + c * 256 + ground]! * share + ground * (1 - share) + 0.5;
			}
			planes.relief[i]! += ((layer.film + (amount < 255 ? (layer.ridge ?? 0) : 0)) * amount) / 255;
			if (amount > 127 && dab > 0.3) planes.gloss[i] = Math.round(layer.sheen * 255);
		});
	}
};

/** Films for each shade, from the colour of the heart to that of the tips; one alone where there is no second colour. */
function shadesOf(layer: Extract<SceneLayer, { kind: 'stencil' }>): Uint8Array[] {
	const tips = convertHexToPaint(layer.hex);
	const filmsOf = (paint: Paint, cover: number) => filmsUpTo(paint, thicknessOf(paint, Math.min(cover, MOST_COVER)), LEVELS);
	const { heart } = layer;
	if (heart === undefined) return [filmsOf(tips, layer.cover)];
	const own = convertHexToPaint(heart.hex);
	return Array.from({ length: SHADES + 1 }, (_, i) => {
		const share = i / SHADES;
		const paint = mixPaints([
			{ paint: own, parts: 1 - share, strength: 1 },
			{ paint: tips, parts: share, strength: 1 }
		]);
		return filmsOf(paint, heart.cover + (layer.cover - heart.cover) * share);
	});
}

function tipsOf({ heart }: PaintedMotif, x: number, y: number): number {
	return heart === undefined ? 1 : tipsAt(Math.hypot(x - heart.x, y - heart.y) / heart.reach);
}

function reachOf(reach: 'all' | 'tips' | 'heart' | undefined, tips: number): number {
	return reach === 'tips' ? tips : reach === 'heart' ? 1 - tips : 1;
}

/** A nearly dry brush catches where it catches. */
function dryDab(noise: number): number {
	return Math.min(1, Math.max(0, (noise - 0.35) * 3));
}
