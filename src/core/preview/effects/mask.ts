import { boundsOfRings, coverRings, type CoverageMask } from '../../geometry';
import type { Mm } from '../../units';
import type { Planes } from '../planes';
import { pixelsOf, type PixelBox } from '../regions';
import type { PaintedMotif } from '../scene';

/** A soft edge fades over this, mm; a crisp one over what a pixel holds. */
const SOFT = 1.4;

/** Visits the pixels of a motif's openings, within the part that it lies on: index, how much of it is open (1 to 255), its x and y in the picture. Its edge may fade over so many mm. */
export function eachOpenPixel(
	planes: Planes,
	spot: PaintedMotif,
	edge: 'crisp' | 'soft' | Mm,
	scale: number,
	visit: (i: number, amount: number, x: number, y: number) => void
): void {
	const blur = typeof edge === 'number' ? edge * scale : edge === 'soft' ? SOFT * scale : 0;
	const clip = pixelsOf(spot.clip, scale, planes.width, planes.height, planes.top);
	const reach = reachOf(spot, scale, blur);
	const [left, right] = [Math.max(clip.left, reach.left), Math.min(clip.right, reach.right)];
	const [top, bottom] = [Math.max(clip.top, reach.top - planes.top), Math.min(clip.bottom, reach.bottom - planes.top)];
	if (left >= right || top >= bottom) return;
	const mask = createMask(spot, scale, blur, reach);
	for (let y = top; y < bottom; y++) {
		const row = (y + planes.top - reach.top) * mask.width - reach.left;
		for (let x = left; x < right; x++) {
			const amount = mask.data[row + x]!;
			if (amount > 0) visit(y * planes.width + x, amount, x, y + planes.top);
		}
	}
}

/** The pixels of the picture that a motif's edge may come to. */
function reachOf({ rings }: PaintedMotif, scale: number, blur: number): PixelBox {
	const pad = Math.ceil(blur) + 1;
	const box = boundsOfRings(rings);
	return {
		left: Math.floor(box.left * scale) - pad,
		top: Math.floor(box.top * scale) - pad,
		right: Math.ceil(box.right * scale) + pad,
		bottom: Math.ceil(box.bottom * scale) + pad
	};
}

function createMask({ rings }: PaintedMotif, scale: number, blur: number, { left, top, right, bottom }: PixelBox): CoverageMask {
	const moved = rings.map((ring) => ring.map((value, i) => value - (i % 2 === 0 ? left : top) / scale));
	const crisp = coverRings(moved, right - left, bottom - top, scale);
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
