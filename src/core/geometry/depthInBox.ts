/** How round the level lines run at a corner: the radius grows by this with the depth. */
const ROUNDING = 1;

/** Distance from a point (from the left and top edge of a box, any unit) to the nearest edge of the box; exact; 0 outside. */
export function depthInBox(x: number, y: number, width: number, height: number): number {
	return Math.max(0, Math.min(x, width - x, y, height - y));
}

/**
 * As `depthInBox`, with level lines that turn a corner in an arc, as a brush does: at depth d the line is a rounded
 * rectangle of radius d. Solves (2d - a)^2 + (2d - b)^2 = d^2 for a point a and b from its two nearest edges.
 */
export function roundedDepthInBox(x: number, y: number, width: number, height: number): number {
	const a = Math.min(x, width - x);
	const b = Math.min(y, height - y);
	if (a <= 0 || b <= 0) return 0;
	const k = 1 + ROUNDING;
	const nearest = Math.min(a, b);
	/** Away from the corners, where nearly all points are, no root is needed. */
	if (Math.max(a, b) >= k * nearest) return nearest;
	const square = 2 * k * k - ROUNDING * ROUNDING;
	const disc = k * k * (a + b) * (a + b) - square * (a * a + b * b);
	if (disc < 0) return nearest;
	const d = (k * (a + b) + Math.sqrt(disc)) / square;
	return k * d > a && k * d > b ? Math.min(nearest, d) : nearest;
}
