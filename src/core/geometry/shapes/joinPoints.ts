import type { ArcEdge, Edge, LineEdge, Point } from '../edges/types';

/** What stands off its chord by less is straight: no tape tells it, and its radius would be without end, mm. */
const FLAT = 1e-3;

/** A straight edge. */
export function joinStraight(from: Point, to: Point): LineEdge {
	return { kind: 'line', from, to };
}

/**
 * An arc between two points that stands `swell` off its chord at the middle: to the left of the way from one to the
 * other where it is positive (outwards, on an outline that runs clockwise on the screen). A straight edge where that is less than a thousandth of a mm.
 */
export function joinSwelling(from: Point, to: Point, swell: number): Edge {
	const chord = Math.hypot(to.x - from.x, to.y - from.y);
	if (Math.abs(swell) < FLAT || chord === 0) return joinStraight(from, to);
	const rise = Math.abs(swell);
	const radius = (chord * chord) / (8 * rise) + rise / 2;
	const out = Math.sign(swell);
	/** Unit normal to the left of the way, on a screen whose y grows downwards. */
	const [nx, ny] = [(to.y - from.y) / chord, -(to.x - from.x) / chord];
	const off = out * (rise - radius);
	const centre = { x: (from.x + to.x) / 2 + nx * off, y: (from.y + to.y) / 2 + ny * off };
	const start = Math.atan2(from.y - centre.y, from.x - centre.x);
	const half = 2 * Math.atan2(rise, chord / 2);
	return { kind: 'arc', from, to, centre, radius, start, sweep: out * 2 * half } satisfies ArcEdge;
}
