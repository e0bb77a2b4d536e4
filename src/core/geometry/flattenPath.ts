import svgpath from 'svgpath';

/** A closed ring of points, mm: x0, y0, x1, y1, ... */
export type Ring = readonly number[];

/** Curves are drawn with chords that stray from them by at most this, mm. Source: methods 6. */
export const FLATNESS = 0.05;

/**
 * Turns SVG path data (mm) into closed rings; open subpaths are closed, as a fill closes them.
 * Null where the data cannot be read, or holds a number that is not finite.
 */
export function flattenPath(d: string, flatness = FLATNESS): Ring[] | null {
	const rings: Ring[] = [];
	const read = walkPath(d, flatness, (ring) => {
		if (ring.length >= 6) rings.push(ring);
	});
	return read ? rings : null;
}

/** Goes along SVG path data and gives the points of each subpath, and whether it closes. False where the data cannot be read. */
export function walkPath(d: string, flatness: number, give: (points: Ring, closed: boolean) => void): boolean {
	const path = svgpath(d).abs().unarc().unshort();
	if ((path as unknown as { err: string }).err) return false;
	let ring: number[] = [];
	let finite = true;
	const end = (closed: boolean) => {
		if (finite && ring.length > 2) give(ring, closed);
		ring = [];
	};
	path.iterate((segment, _index, x, y) => {
		const values = segment.slice(1) as number[];
		if (!values.every(Number.isFinite)) finite = false;
		if (!finite) return;
		switch (segment[0]) {
			case 'M':
				end(false);
				ring.push(values[0]!, values[1]!);
				break;
			case 'L':
				ring.push(values[0]!, values[1]!);
				break;
			case 'H':
				ring.push(values[0]!, y);
				break;
			case 'V':
				ring.push(x, values[0]!);
				break;
			case 'C':
				pushCubic(ring, [x, y, ...values], flatness);
				break;
			case 'Q':
				pushCubic(ring, raiseQuadratic([x, y, ...values]), flatness);
				break;
			case 'Z':
			case 'z': {
				const [startX, startY] = [ring[0], ring[1]];
				end(true);
				if (startX !== undefined && startY !== undefined) ring.push(startX, startY);
				break;
			}
		}
	});
	end(false);
	return finite;
}

/** A cubic by its four controls, from the end of what there is: even steps, their number from the second differences: chords of n steps stray by at most d / (8 n^2). */
export function pushCubic(ring: number[], c: readonly number[], flatness: number): void {
	const [x0, y0, x1, y1, x2, y2, x3, y3] = c as [number, number, number, number, number, number, number, number];
	const bend = 6 * Math.max(Math.hypot(x0 - 2 * x1 + x2, y0 - 2 * y1 + y2), Math.hypot(x1 - 2 * x2 + x3, y1 - 2 * y2 + y3));
	const steps = Math.min(200, Math.max(1, Math.ceil(Math.sqrt(bend / (8 * flatness)))));
	for (let i = 1; i <= steps; i++) {
		const t = i / steps;
		const u = 1 - t;
		const [a, b, d, e] = [u * u * u, 3 * u * u * t, 3 * u * t * t, t * t * t];
		ring.push(a * x0 + b * x1 + d * x2 + e * x3, a * y0 + b * y1 + d * y2 + e * y3);
	}
}

function raiseQuadratic(q: readonly number[]): number[] {
	const [x0, y0, x1, y1, x2, y2] = q as [number, number, number, number, number, number];
	return [x0, y0, x0 + (2 / 3) * (x1 - x0), y0 + (2 / 3) * (y1 - y0), x2 + (2 / 3) * (x1 - x2), y2 + (2 / 3) * (y1 - y2), x2, y2];
}
