import type { Box } from '../../piece';
import type { Planes } from '../planes';
import { pixelsOf } from '../regions';
import type { Canvas } from './types';

/** Visits every pixel of the boxes, and of the frame where it is included. */
export function eachPixel(
	planes: Planes,
	area: { readonly boxes: readonly Box[]; readonly frame: boolean },
	{ scale, surfaces }: Canvas,
	visit: (index: number, x: number, y: number) => void
): void {
	const { width, height } = planes;
	for (const box of area.boxes) {
		const { left, top, right, bottom } = pixelsOf(box, scale, width, height);
		for (let y = top; y < bottom; y++) for (let x = left, i = y * width + left; x < right; x++, i++) visit(i, x, y);
	}
	if (!area.frame) return;
	for (let y = 0, i = 0; y < height; y++) for (let x = 0; x < width; x++, i++) if (surfaces[i] === 1) visit(i, x, y);
}
