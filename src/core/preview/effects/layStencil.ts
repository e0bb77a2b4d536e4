import { convertHexToPaint, thicknessOf } from '../../colour';
import { coverRings, type CoverageMask } from '../../geometry';
import { cloudNoise, noiseTile } from '../grain';
import type { Planes } from '../planes';
import { pixelsOf } from '../regions';
import { GAP, OUTSIDE, type Spot } from '../scene';
import { MOST_COVER, tableOfFilm } from './coverTable';
import type { Effect } from './canvas';

/** A soft edge fades over this, mm; a crisp one over what a pixel holds. */
const SOFT = 1.4;

/** Films from none to the whole coat, each looked up. */
const LEVELS = 64;

/** A motif through its openings: dabbed a little unevenly, its edge crisp or soft. */
export const layStencil: Effect<'stencil'> = (planes, layer, { scale, scene, surfaces }) => {
	const paint = convertHexToPaint(layer.hex);
	const thickness = thicknessOf(paint, Math.min(layer.cover, MOST_COVER));
	const films = Array.from({ length: LEVELS + 1 }, (_, level) => tableOfFilm(paint, (thickness * level) / LEVELS));
	const tile = noiseTile(scene.seed + 3);
	const masks = new Map<number, CoverageMask>();
	const isSoft = layer.edge === 'soft';
	const blur = isSoft ? SOFT * scale : 0;
	const pad = Math.ceil(blur) + 1;
	for (const spot of layer.spots) {
		const mask = masks.get(spot.scale) ?? createMask(layer.rings, spot, scale, blur, pad);
		masks.set(spot.scale, mask);
		blitMask(planes, mask, spot, scale, pad, (i, amount, x, y) => {
			if (surfaces[i] === GAP || surfaces[i] === OUTSIDE) return;
			const dab = 0.82 + (0.18 * cloudNoise(tile, x, y, 3)) / 255;
			/** A soft edge is a thinner film; at a crisp one part of the pixel is covered. */
			const [level, share] = isSoft ? [Math.round((amount / 255) * dab * LEVELS), 1] : [LEVELS, amount / 255];
			const film = films[level]!;
			for (let c = 0; c < 3; c++) {
				const ground = planes.rgb[i * 3 + c]!;
				planes.rgb[i * 3 + c] = film[c * 256 + ground]! * share + ground * (1 - share) + 0.5;
			}
			planes.relief[i]! += (layer.film * amount) / 255;
			if (amount > 127) planes.gloss[i] = Math.round(layer.sheen * 255);
		});
	}
};

function createMask(rings: Parameters<typeof coverRings>[0], spot: Spot, scale: number, blur: number, pad: number): CoverageMask {
	const width = Math.ceil(spot.width * scale) + 2 * pad;
	const height = Math.ceil(spot.height * scale) + 2 * pad;
	const crisp = coverRings(rings, width, height, scale * spot.scale, pad);
	return blur > 0.5 ? blurMask(blurMask(crisp, blur / 2), blur / 2) : crisp;
}

/** One pass of a box across and one down. */
function blurMask(mask: CoverageMask, radius: number): CoverageMask {
	const r = Math.max(1, Math.round(radius));
	return turnMask(blurRows(turnMask(blurRows(mask, r)), r));
}

function blurRows({ width, height, data }: CoverageMask, r: number): CoverageMask {
	const out = new Uint8Array(data.length);
	for (let y = 0; y < height; y++) {
		let sum = 0;
		const row = y * width;
		for (let x = -r; x < width + r; x++) {
			if (x + r < width && x + r >= 0) sum += data[row + x + r]!;
			if (x - r - 1 >= 0) sum -= data[row + x - r - 1]!;
			if (x >= 0 && x < width) out[row + x] = sum / (2 * r + 1);
		}
	}
	return { width, height, data: out };
}

function turnMask({ width, height, data }: CoverageMask): CoverageMask {
	const out = new Uint8Array(data.length);
	for (let y = 0; y < height; y++) for (let x = 0; x < width; x++) out[x * height + y] = data[y * width + x]!;
	return { width: height, height: width, data: out };
}

function blitMask(
	planes: Planes,
	mask: CoverageMask,
	spot: Spot,
	scale: number,
	pad: number,
	lay: (i: number, amount: number, x: number, y: number) => void
): void {
	const clip = pixelsOf(spot.clip, scale, planes.width, planes.height);
	const [dx, dy] = [Math.round(spot.x * scale) - pad, Math.round(spot.y * scale) - pad];
	const middle = Math.round((spot.x + spot.width / 2) * scale);
	const left = Math.max(clip.left, dx, spot.cut === 'left' ? middle : 0);
	const right = Math.min(clip.right, dx + mask.width, spot.cut === 'right' ? middle : Infinity);
	for (let y = Math.max(clip.top, dy); y < Math.min(clip.bottom, dy + mask.height); y++)
		for (let x = left; x < right; x++) {
			const amount = mask.data[(y - dy) * mask.width + x - dx]!;
			if (amount > 0) lay(y * planes.width + x, amount, x, y);
		}
}
