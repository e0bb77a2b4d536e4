import { coverRings } from '../geometry';
import type { Box } from '../piece';
import { FIRST_FRONT, FRAME, GAP, OUTSIDE, type Scene } from './scene';

export interface PixelBox {
	readonly left: number;
	readonly top: number;
	/** One past the last. */
	readonly right: number;
	readonly bottom: number;
}

/** The pixels whose centres lie in a box (mm); where only so many rows from `first` on are at hand, counted from there. */
export function pixelsOf(box: Box, scale: number, width: number, height: number, first = 0): PixelBox {
	const edge = (mm: number, most: number, from = 0) => Math.max(0, Math.min(most, Math.round(mm * scale) - from));
	return {
		left: edge(box.x, width),
		top: edge(box.y, height, first),
		right: edge(box.x + box.width, width),
		bottom: edge(box.y + box.height, height, first)
	};
}

/** What each pixel belongs to: see `GAP`, `FRAME`, `FIRST_FRONT` and `OUTSIDE`. */
export function mapSurfaces(scene: Scene, scale: number, width: number, height: number): Uint8Array {
	const map = new Uint8Array(width * height).fill(FRAME);
	const paint = (box: Box, value: number, ring: readonly number[] | null = null) => {
		const { left, top, right, bottom } = pixelsOf(box, scale, width, height);
		const mask = ring === null ? null : maskOf(ring, box, scale, { left, top, right, bottom });
		for (let y = top; y < bottom; y++) {
			if (mask === null) map.fill(value, y * width + left, y * width + right);
			else for (let x = left; x < right; x++) if (mask[(y - top) * (right - left) + x - left]! > 127) map[y * width + x] = value;
		}
	};
	scene.gaps.forEach((gap) => paint(gap, GAP));
	scene.fronts.forEach((front, i) => paint(front, i + FIRST_FRONT, front.ring));
	/** A gap that is thinner than a pixel is a pixel wide: a drawer never runs into the next. */
	for (const gap of scene.gaps) {
		const { left, top, right, bottom } = pixelsOf(gap, scale, width, height);
		if (left < right && top < bottom) continue;
		const [x, y] = [Math.min(left, width - 1), Math.min(top, height - 1)];
		for (let row = y; row < Math.max(bottom, y + 1); row++) map.fill(GAP, row * width + x, row * width + Math.max(right, x + 1));
	}
	if (scene.outline === null) return map;
	const inside = maskOf(scene.outline, { x: 0, y: 0, width: scene.width, height: scene.height }, scale, {
		left: 0,
		top: 0,
		right: width,
		bottom: height
	});
	for (let i = 0; i < map.length; i++) if (inside[i]! <= 127) map[i] = OUTSIDE;
	return map;
}

function maskOf(ring: readonly number[], box: Box, scale: number, { left, top, right, bottom }: PixelBox): Uint8Array {
	const moved = ring.map((value, i) => value + (i % 2 === 0 ? box.x - left / scale : box.y - top / scale));
	return coverRings([moved], Math.max(0, right - left), Math.max(0, bottom - top), scale).data;
}
