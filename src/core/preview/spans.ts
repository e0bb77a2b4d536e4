/** A map of surfaces as level stretches of one surface each, row by row, so that an effect visits only what it lies on. */
export interface Spans {
	readonly surface: Uint8Array;
	/** Index of the first pixel of each. */
	readonly start: Int32Array;
	/** Of each row, the first of its stretches; one entry more at the end. */
	readonly firstOfRow: Int32Array;
}

export function spansOf(surfaces: Uint8Array, width: number, height: number): Spans {
	const values: number[] = [];
	const starts: number[] = [];
	const firstOfRow = new Int32Array(height + 1);
	for (let y = 0; y < height; y++) {
		firstOfRow[y] = starts.length;
		let last = -1;
		for (let i = y * width, end = i + width; i < end; i++) {
			const surface = surfaces[i]!;
			if (surface === last) continue;
			values.push(surface);
			starts.push(i);
			last = surface;
		}
	}
	firstOfRow[height] = starts.length;
	return { surface: Uint8Array.from(values), start: Int32Array.from([...starts, width * height]), firstOfRow };
}
