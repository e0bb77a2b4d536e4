import type { Box } from '../piece';
import type { Scene } from './scene';

export interface PixelBox {
	readonly left: number;
	readonly top: number;
	/** One past the last. */
	readonly right: number;
	readonly bottom: number;
}

/** The pixels whose centres lie in a box (mm). */
export function pixelsOf(box: Box, scale: number, width: number, height: number): PixelBox {
	const edge = (mm: number, most: number) => Math.max(0, Math.min(most, Math.round(mm * scale)));
	return {
		left: edge(box.x, width),
		top: edge(box.y, height),
		right: edge(box.x + box.width, width),
		bottom: edge(box.y + box.height, height)
	};
}

/** What each pixel belongs to: 0 a gap, 1 the frame, 2 and on the fronts in their order. */
export function mapSurfaces(scene: Scene, scale: number, width: number, height: number): Uint8Array {
	const map = new Uint8Array(width * height).fill(1);
	const paint = (box: Box, value: number) => {
		const { left, top, right, bottom } = pixelsOf(box, scale, width, height);
		for (let y = top; y < bottom; y++) map.fill(value, y * width + left, y * width + right);
	};
	scene.gaps.forEach((gap) => paint(gap, 0));
	scene.fronts.forEach((front, i) => paint(front, i + 2));
	return map;
}
