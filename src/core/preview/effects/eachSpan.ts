import type { Box } from '../../piece';
import type { Planes } from '../planes';
import { pixelsOf } from '../regions';
import type { Canvas } from './types';

/** Visits the pixels of some surfaces, within a box where one is given, as level spans: index of the first, how many, its x and y. */
export function eachSpan(
	planes: Planes,
	wanted: readonly number[],
	{ scale, surfaces }: Canvas,
	visit: (start: number, count: number, x: number, y: number) => void,
	within?: Box
): void {
	const { width, height } = planes;
	const isWanted = new Uint8Array(256);
	for (const surface of wanted) isWanted[surface] = 1;
	const { left, top, right, bottom } = within ? pixelsOf(within, scale, width, height) : { left: 0, top: 0, right: width, bottom: height };
	for (let y = top; y < bottom; y++) {
		const row = y * width;
		const end = row + right;
		for (let i = row + left; i < end;) {
			while (i < end && isWanted[surfaces[i]!] === 0) i++;
			const start = i;
			while (i < end && isWanted[surfaces[i]!] === 1) i++;
			if (i > start) visit(start, i - start, start - row, y);
		}
	}
}
