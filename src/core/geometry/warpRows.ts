import type { Homography } from './homography';

export interface PixelSource {
	readonly width: number;
	readonly height: number;
	/** RGBA, four bytes a pixel. */
	readonly pixels: Uint8ClampedArray;
}

/**
 * Fills rows `from` to `to` of a straightened picture `width` px wide: each pixel's centre is sought in the source through
 * `back` (straight px to source px) and read bilinearly. What lies outside the source stays clear. Source: methods 2.
 */
export function warpRows(
	source: PixelSource,
	back: Homography,
	out: Uint8ClampedArray,
	{ width, from, to }: { readonly width: number; readonly from: number; readonly to: number }
): void {
	const [h0, h1, h2, h3, h4, h5, h6, h7, h8] = back as readonly [number, number, number, number, number, number, number, number, number];
	const { pixels, width: sw, height: sh } = source;
	for (let y = from; y < to; y++) {
		const cy = y + 0.5;
		let at = y * width * 4;
		/** Along a row the three terms grow by a constant: three additions and one division a pixel. */
		let u = h0 * 0.5 + h1 * cy + h2;
		let v = h3 * 0.5 + h4 * cy + h5;
		let w = h6 * 0.5 + h7 * cy + h8;
		for (let x = 0; x < width; x++, at += 4, u += h0, v += h3, w += h6) {
			const sx = u / w - 0.5;
			const sy = v / w - 0.5;
			if (!(sx > -1 && sy > -1 && sx < sw && sy < sh)) continue;
			const x0 = sx < 0 ? 0 : sx | 0;
			const y0 = sy < 0 ? 0 : sy | 0;
			const fx = sx < 0 ? 0 : ((sx - x0) * 256) | 0;
			const fy = sy < 0 ? 0 : ((sy - y0) * 256) | 0;
			const i = (y0 * sw + x0) * 4;
			const right = x0 + 1 < sw ? 4 : 0;
			const below = y0 + 1 < sh ? sw * 4 : 0;
			const a = (256 - fx) * (256 - fy);
			const b = fx * (256 - fy);
			const c = (256 - fx) * fy;
			const d = fx * fy;
			const j = i + below;
			out[at] = (pixels[i]! * a + pixels[i + right]! * b + pixels[j]! * c + pixels[j + right]! * d + 32768) >> 16;
			out[at + 1] = (pixels[i + 1]! * a + pixels[i + right + 1]! * b + pixels[j + 1]! * c + pixels[j + right + 1]! * d + 32768) >> 16;
			out[at + 2] = (pixels[i + 2]! * a + pixels[i + right + 2]! * b + pixels[j + 2]! * c + pixels[j + right + 2]! * d + 32768) >> 16;
			out[at + 3] = 255;
		}
	}
}
