import { boundsOfRings, coverRings, type CoverageMask } from '../../geometry';
import type { Mm } from '../../units';
import type { Planes } from '../planes';
import { pixelsOf } from '../regions';
import type { PaintedMotif } from '../scene';

/** A soft edge fades over this, mm; a crisp one over what a pixel holds. */
const SOFT = 1.4;

interface PlacedMask extends CoverageMask {
	/** Of its first pixel. */
	readonly left: number;
	readonly top: number;
}

/** Visits the pixels of a motif's openings, within the part that it lies on: index, how much of it is open (1 to 255), its x and y. Its edge may fade over so many mm. */
export function eachOpenPixel(
	planes: Planes,
	spot: PaintedMotif,
	edge: 'crisp' | 'soft' | Mm,
	scale: number,
	visit: (i: number, amount: number, x: number, y: number) => void
): void {
	const mask = createMask(spot, scale, typeof edge === 'number' ? edge * scale : edge === 'soft' ? SOFT * scale : 0);
	const clip = pixelsOf(spot.clip, scale, planes.width, planes.height);
	const [left, right] = [Math.max(clip.left, mask.left), Math.min(clip.right, mask.left + mask.width)];
	for (let y = Math.max(clip.top, mask.top); y < Math.min(clip.bottom, mask.top + mask.height); y++)
		for (let x = left; x < right; x++) {
			const amount = mask.data[(y - mask.top) * mask.width + x - mask.left]!;
			if (amount > 0) visit(y * planes.width + x, amount, x, y);
		}
}

function createMask({ rings }: PaintedMotif, scale: number, blur: number): PlacedMask {
	const pad = Math.ceil(blur) + 1;
	const box = boundsOfRings(rings);
	const [left, top] = [Math.floor(box.left * scale) - pad, Math.floor(box.top * scale) - pad];
	const [width, height] = [Math.ceil(box.right * scale) + pad - left, Math.ceil(box.bottom * scale) + pad - top];
	const moved = rings.map((ring) => ring.map((value, i) => value - (i % 2 === 0 ? left : top) / scale));
	const crisp = coverRings(moved, width, height, scale);
	return { ...(blur > 0.5 ? blurMask(blurMask(crisp, blur / 2), blur / 2) : crisp), left, top };
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
