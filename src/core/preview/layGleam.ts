import type { Canvas } from './effects/canvas';
import type { Planes } from './planes';
import { OUTSIDE } from './scene';

/** The mirrored lamp is so wide, as a share of the face. */
const WIDE = 0.2;
/** Levels that full gloss gains in the middle of it. */
const BRIGHT = 170;
/** What is half as glossy mirrors much less than half. */
const DULLER = 1.6;
const STEPS = 512;

/** Lays the mirrored lamp over a lit picture: glossy places show it, matte ones hardly, so that two finishes are told apart by turning the face to the light. */
export function layGleam(
	pixels: Uint8ClampedArray,
	{ gloss, height: rows }: Pick<Planes, 'gloss' | 'height'>,
	{ width, height, top, surfaces }: Pick<Canvas, 'width' | 'height' | 'top' | 'surfaces'>,
	angle: number,
	at: number
): void {
	const [toX, toY] = [Math.cos((angle * Math.PI) / 180), -Math.sin((angle * Math.PI) / 180)];
	/** From 0 at the corner farthest from the lamp to 1 at the nearest. */
	const span = Math.abs(toX) * width + Math.abs(toY) * height;
	const least = Math.min(0, toX * width) + Math.min(0, toY * height);
	const band = Float32Array.from({ length: STEPS + 1 }, (_, i) => Math.exp(-(((i / STEPS - at) / WIDE) ** 2)) * BRIGHT);
	const mirrors = Float32Array.from({ length: 256 }, (_, g) => (g / 255) ** DULLER);
	for (let y = 0; y < rows; y++)
		for (let x = 0, i = y * width; x < width; x++, i++) {
			if (surfaces[i] === OUTSIDE) continue;
			const along = (toX * x + toY * (top + y) - least) / span;
			const more = mirrors[gloss[i]!]! * band[Math.round(along * STEPS)]!;
			pixels[4 * i] = pixels[4 * i]! + more;
			pixels[4 * i + 1] = pixels[4 * i + 1]! + more;
			pixels[4 * i + 2] = pixels[4 * i + 2]! + more * 0.96;
		}
}
