import type { Box } from '../../piece';
import type { Planes } from '../planes';
import { pixelsOf } from '../regions';
import type { Canvas } from './canvas';

/** Visits the pixels of some surfaces, within a box where one is given, as level spans: index of the first, how many, its x and y in the picture. */
export function eachSpan(
	{ width, height, top: first }: Planes,
	wanted: readonly number[],
	{ scale, spans }: Canvas,
	visit: (start: number, count: number, x: number, y: number) => void,
	within?: Box
): void {
	const isWanted = new Uint8Array(256);
	for (const surface of wanted) isWanted[surface] = 1;
	const { surface, start, firstOfRow } = spans;
	const { left, top, right, bottom } = within
		? pixelsOf(within, scale, width, height, first)
		: { left: 0, top: 0, right: width, bottom: height };
	for (let y = top; y < bottom; y++) {
		const row = y * width;
		for (let s = firstOfRow[y]!, end = firstOfRow[y + 1]!; s < end; s++) {
			if (isWanted[surface[s]!] === 0) continue;
			const from = Math.max(row + left, start[s]!);
			while (s + 1 < end && isWanted[surface[s + 1]!] === 1) s++;
			const to = Math.min(row + right, start[s + 1]!);
			if (to > from) visit(from, to - from, from - row, first + y);
		}
	}
}
