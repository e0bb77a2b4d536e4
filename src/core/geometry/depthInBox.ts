import { chordsOf } from './edges/chordsOf';
import type { Ring } from './flattenPath';

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
	return (k * (a + b) + Math.sqrt(disc)) / square;
}

/** Chords of a level line stray from it by at most this, mm. */
const FLATNESS = 0.01;

/** The ring whose points have this `depthInBox`; null where none has so much. */
export function levelInBox(depth: number, width: number, height: number): Ring | null {
	if (2 * depth >= Math.min(width, height)) return null;
	const [right, bottom] = [width - depth, height - depth];
	return [depth, depth, right, depth, right, bottom, depth, bottom];
}

/** The ring whose points have this `roundedDepthInBox`, clockwise; null where none has so much. */
export function roundedLevelInBox(depth: number, width: number, height: number): Ring | null {
	if (depth <= 0 || 2 * depth >= Math.min(width, height)) return levelInBox(depth, width, height);
	/** Each corner turns about a point twice as deep from both sides; past the middle of a side only what is left of its arc. */
	const last = Math.acos(Math.max(0, (2 * depth - width / 2) / depth));
	const first = Math.asin(Math.max(0, (2 * depth - height / 2) / depth));
	if (first >= last) return null;
	const steps = Math.max(2, chordsOf(last - first, depth, FLATNESS));
	const [ring, half] = [new Array<number>(8 * (steps + 1)), 4 * (steps + 1)];
	for (let i = 0; i <= steps; i++) {
		const turn = first + ((last - first) * i) / steps;
		const x = (1 + ROUNDING) * depth - depth * Math.cos(turn);
		const y = (1 + ROUNDING) * depth - depth * Math.sin(turn);
		/** Its four corners: two run forwards, two back. */
		const [forth, back] = [2 * i, 2 * (2 * steps + 1 - i)];
		[ring[forth], ring[forth + 1]] = [x, y];
		[ring[back], ring[back + 1]] = [width - x, y];
		[ring[half + forth], ring[half + forth + 1]] = [width - x, height - y];
		[ring[half + back], ring[half + back + 1]] = [x, height - y];
	}
	return ring;
}
