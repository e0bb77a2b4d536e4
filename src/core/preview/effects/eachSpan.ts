import type { Box } from '../../piece';
import type { Planes } from '../planes';
import { pixelsOf } from '../regions';
import type { Canvas } from './types';

/** Visits the boxes, and the frame where it is included, as level spans of pixels: index of the first, how many, its x and y. */
export function eachSpan(
	planes: Planes,
	area: { readonly boxes: readonly Box[]; readonly frame: boolean },
	{ scale, surfaces }: Canvas,
	visit: (start: number, count: number, x: number, y: number) => void
): void {
	const { width, height } = planes;
	for (const box of area.boxes) {
		const { left, top, right, bottom } = pixelsOf(box, scale, width, height);
		if (right > left) for (let y = top; y < bottom; y++) visit(y * width + left, right - left, left, y);
	}
	if (!area.frame) return;
	for (let y = 0; y < height; y++) {
		const row = y * width;
		for (let x = 0; x < width;) {
			if (surfaces[row + x] !== 1) {
				x++;
				continue;
			}
			const start = x;
			while (x < width && surfaces[row + x] === 1) x++;
			visit(row + start, x - start, start, y);
		}
	}
}
