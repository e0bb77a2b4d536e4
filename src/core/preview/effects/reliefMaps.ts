import type { Planes } from '../planes';

/** What lies lower than the mean of all round it within so far, mm, is a hollow; what lies higher, a height. */
export const REACH = 3;

/**
 * Height of each pixel over the mean of the box round it, micrometres: hollows below 0, heights above. At the borders what is
 * there counts. One sweep over the rows with a running sum for each column: columns are never walked. Source: methods 15.
 */
export function standOfRelief({ relief, width, height }: Planes, scale: number): Int16Array {
	const radius = Math.max(1, Math.round(REACH * scale));
	const stand = new Int16Array(relief.length);
	const sums = new Int32Array(width);
	const addRow = (y: number, sign: 1 | -1) => {
		if (y < 0 || y >= height) return;
		for (let x = 0, i = y * width; x < width; x++, i++) sums[x]! += sign * relief[i]!;
	};
	for (let y = 0; y < radius; y++) addRow(y, 1);
	for (let y = 0; y < height; y++) {
		addRow(y + radius, 1);
		addRow(y - radius - 1, -1);
		const rows = Math.min(height - 1, y + radius) - Math.max(0, y - radius) + 1;
		const within = 1 / (rows * (2 * radius + 1));
		let sum = 0;
		for (let x = 0; x < Math.min(radius, width); x++) sum += sums[x]!;
		for (let x = 0, i = y * width; x < width; x++, i++) {
			if (x + radius < width) sum += sums[x + radius]!;
			if (x - radius - 1 >= 0) sum -= sums[x - radius - 1]!;
			const isInside = x >= radius && x + radius < width;
			const share = isInside ? within : 1 / (rows * (Math.min(width - 1, x + radius) - Math.max(0, x - radius) + 1));
			stand[i] = relief[i]! - sum * share;
		}
	}
	return stand;
}
