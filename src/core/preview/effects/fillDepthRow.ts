/** A field is asked no further apart than this, px. */
export const STRIDE = 12;

/**
 * A field along a row of `count` pixels into `out`. It is asked at one in `stride` of them: between these it is taken as straight,
 * unless the point in the middle is off by more than `tolerance`; then, as at the ridge of a mitre, it is asked at each.
 */
export function fillDepthRow(
	out: Float32Array,
	count: number,
	depthAt: (pixel: number) => number,
	tolerance: number,
	stride = STRIDE
): void {
	let from = depthAt(0);
	out[0] = from;
	for (let k = 0; k < count - 1; k += stride) {
		const end = Math.min(count - 1, k + stride);
		const to = depthAt(end);
		const step = (to - from) / (end - k);
		const middle = (k + end) >> 1;
		if (Math.abs(depthAt(middle) - from - step * (middle - k)) <= tolerance)
			for (let i = k + 1, depth = from + step; i <= end; i++, depth += step) out[i] = depth;
		else for (let i = k + 1; i <= end; i++) out[i] = depthAt(i);
		from = to;
	}
}
