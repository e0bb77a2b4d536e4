import type { Planes } from '../planes';

/** What lies lower than all round it within so far, mm, is a hollow; what lies higher, a height. */
const REACH = 3;

/** Height of each pixel over the mean of what is round it, micrometres: hollows below 0, heights above. Source: methods 15. */
export function standOfRelief({ relief, width, height }: Planes, scale: number): Int16Array {
	const radius = Math.max(1, Math.round((REACH * scale) / 2));
	const blurred = blurPlane(blurPlane(Float32Array.from(relief), width, height, radius), width, height, radius);
	return Int16Array.from(relief, (value, i) => value - blurred[i]!);
}

/** A box across and one down; at the borders what is there counts. */
function blurPlane(plane: Float32Array, width: number, height: number, radius: number): Float32Array {
	const across = new Float32Array(plane.length);
	for (let y = 0; y < height; y++) blurLine(plane, across, y * width, 1, width, radius);
	const out = new Float32Array(plane.length);
	for (let x = 0; x < width; x++) blurLine(across, out, x, width, height, radius);
	return out;
}

function blurLine(from: Float32Array, to: Float32Array, first: number, step: number, count: number, radius: number): void {
	let sum = 0;
	let held = 0;
	for (let i = -radius; i < count; i++) {
		const enters = i + radius;
		const leaves = i - radius - 1;
		if (enters < count) {
			sum += from[first + enters * step]!;
			held++;
		}
		if (leaves >= 0) {
			sum -= from[first + leaves * step]!;
			held--;
		}
		if (i >= 0) to[first + i * step] = sum / held;
	}
}
