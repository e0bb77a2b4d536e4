import type { Planes } from './planes';
import { OUTSIDE } from './scene';

export interface Light {
	/** Where it comes from, degrees: 0 from the right, 90 from above. */
	readonly angle: number;
	/** How strongly relief shows. */
	readonly rake: number;
}

export const WORKSHOP_LIGHT: Light = { angle: 125, rake: 1 };

/** One lamp on the planes: relief throws light and shade, gloss a soft sheen. What lies outside the face is clear. RGBA, four bytes a pixel. */
export function lightPlanes(
	{ width, height, rgb, relief, gloss }: Planes,
	scale: number,
	surfaces: Uint8Array,
	{ angle, rake }: Light = WORKSHOP_LIGHT
): Uint8ClampedArray<ArrayBuffer> {
	const out = new Uint8ClampedArray(width * height * 4);
	const [lx, ly] = [Math.cos((angle * Math.PI) / 180), -Math.sin((angle * Math.PI) / 180)];
	const steep = (rake * scale) / 9;
	for (let y = 0, i = 0; y < height; y++) {
		const up = y > 0 ? width : 0;
		const down = y < height - 1 ? width : 0;
		for (let x = 0; x < width; x++, i++) {
			const dx = relief[i + (x < width - 1 ? 1 : 0)]! - relief[i - (x > 0 ? 1 : 0)]!;
			const dy = relief[i + down]! - relief[i - up]!;
			const slope = Math.max(-46, Math.min(46, -(dx * lx + dy * ly) * steep));
			const sheen = gloss[i]! * (0.05 + 0.001 * slope);
			const shade = 1 + slope * 0.0075;
			out[i * 4] = rgb[i * 3]! * shade + sheen;
			out[i * 4 + 1] = rgb[i * 3 + 1]! * shade + sheen;
			out[i * 4 + 2] = rgb[i * 3 + 2]! * shade + sheen;
			out[i * 4 + 3] = surfaces[i] === OUTSIDE ? 0 : 255;
		}
	}
	return out;
}
