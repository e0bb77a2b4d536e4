import type { Planes } from './planes';
import { OUTSIDE } from './scene';

export interface Light {
	/** Where it comes from, degrees: 0 from the right, 90 from above. */
	readonly angle: number;
	/** How strongly relief shows. */
	readonly rake: number;
	/** Where on the face the lamp is mirrored, from the shadow side (0) to its own (1); null: it is looked at from beside the gleam. */
	readonly gleam?: number | null;
}

export const WORKSHOP_LIGHT: Light = { angle: 125, rake: 1 };

/** Relief steeper than this, in light or in shade, looks no steeper. */
const STEEPEST = 46;
/** Shade is looked up for so many steps of a slope to each side. */
const STEPS = 512;
/** A slope changes the light that falls on a colour by this, and the sheen by that. */
const SHADE = 0.0075;
const SHEEN = 0.05;
const SHEEN_ON_SLOPE = 0.001;
/** Fractions of 256 for whole numbers: no fraction is worked out per pixel. */
const ONE = 256;

/** One lamp on the planes: relief throws light and shade, gloss a soft sheen. What lies outside the face is clear. RGBA, four bytes a pixel. */
export function lightPlanes(
	{ width, height, rgb, relief, gloss }: Planes,
	scale: number,
	surfaces: Uint8Array,
	{ angle, rake }: Light = WORKSHOP_LIGHT
): Uint8ClampedArray<ArrayBuffer> {
	const out = new Uint8ClampedArray(width * height * 4);
	const pixels = new Uint32Array(out.buffer);
	const steep = (rake * scale * STEPS) / (9 * STEEPEST);
	const acrossBy = -Math.cos((angle * Math.PI) / 180) * steep;
	const downBy = Math.sin((angle * Math.PI) / 180) * steep;
	const slopes = Array.from({ length: 2 * STEPS + 1 }, (_, i) => ((i - STEPS) * STEEPEST) / STEPS);
	const shades = Int32Array.from(slopes, (slope) => Math.round(ONE * (1 + slope * SHADE)));
	const sheens = Int32Array.from(slopes, (slope) => Math.round(ONE * (SHEEN + SHEEN_ON_SLOPE * slope)));
	for (let y = 0; y < height; y++) {
		const row = y * width;
		const up = y > 0 ? width : 0;
		const down = y < height - 1 ? width : 0;
		let before = relief[row]!;
		let here = before;
		for (let i = row, end = row + width; i < end; i++) {
			const after = i + 1 < end ? relief[i + 1]! : here;
			const turn = ((after - before) * acrossBy + (relief[i + down]! - relief[i - up]!) * downBy) | 0;
			before = here;
			here = after;
			const at = turn > STEPS ? 2 * STEPS : turn < -STEPS ? 0 : turn + STEPS;
			const shade = shades[at]!;
			const sheen = gloss[i]! * sheens[at]! + ONE / 2;
			const r = (rgb[i * 3]! * shade + sheen) >> 8;
			const g = (rgb[i * 3 + 1]! * shade + sheen) >> 8;
			const b = (rgb[i * 3 + 2]! * shade + sheen) >> 8;
			pixels[i] = OPAQUE | ((b > 255 ? 255 : b) << 16) | ((g > 255 ? 255 : g) << 8) | (r > 255 ? 255 : r);
		}
	}
	for (let i = 0; i < pixels.length; i++) if (surfaces[i] === OUTSIDE) pixels[i] = 0;
	return out;
}

/** Bytes lie red first in a picture: on every machine that a browser runs on, that is the lowest. */
const OPAQUE = 255 << 24;
