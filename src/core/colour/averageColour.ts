import { formatHex } from './spaces';
import { convertLinearToSrgb, decodeSrgb } from './convertSrgb';

/** The colour (#rrggbb) of a square of a picture (RGBA, row by row) about a pixel, as light adds up; what lies outside is left out. Throws RangeError for a pixel outside. */
export function averageColour(
	{ width, height, pixels }: { readonly width: number; readonly height: number; readonly pixels: Uint8ClampedArray },
	x: number,
	y: number,
	radius: number
): string {
	if (x < 0 || y < 0 || x >= width || y >= height) throw new RangeError(`averageColour(${x}, ${y}) lies outside ${width} x ${height}`);
	const sums = [0, 0, 0];
	let count = 0;
	for (let row = Math.max(0, y - radius); row <= Math.min(height - 1, y + radius); row++)
		for (let column = Math.max(0, x - radius); column <= Math.min(width - 1, x + radius); column++) {
			const at = 4 * (row * width + column);
			for (let c = 0; c < 3; c++) sums[c]! += decodeSrgb(pixels[at + c]!);
			count++;
		}
	const [r, g, b] = sums.map((sum) => convertLinearToSrgb(sum / count)) as [number, number, number];
	return formatHex({ mode: 'rgb', r, g, b });
}
