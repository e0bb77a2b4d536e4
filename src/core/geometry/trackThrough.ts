import { pushCubic, type Ring } from './flattenPath';
import type { Point } from './edges/types';
import { measureTrack, type Track } from './track';

/** Chords stray from the curve by at most this, mm. */
const FLATNESS = 0.005;

/**
 * The smooth line that runs through points (mm) in their order, as a hand draws it: between two it bends by those beside them, at its ends
 * it runs on. Points that lie on one another count once; null where fewer than two are left.
 * Source: the cubic of Catmull and Rom 1974 with centripetal knots (Lee 1989; no loops between points: Yuksel, Schaefer, Keyser 2011).
 */
export function trackThrough(points: readonly Point[]): Track | null {
	const own = points.filter(({ x, y }, i) => i === 0 || Math.hypot(x - points[i - 1]!.x, y - points[i - 1]!.y) > 1e-6);
	if (own.length < 2) return null;
	const ring: number[] = [own[0]!.x, own[0]!.y];
	for (let i = 0; i + 1 < own.length; i++) {
		const [from, to] = [own[i]!, own[i + 1]!];
		pushCubic(ring, cubicBetween(own[i - 1] ?? mirror(to, from), from, to, own[i + 2] ?? mirror(from, to)), FLATNESS);
	}
	return measureTrack(ring, false);
}

function mirror(point: Point, about: Point): Point {
	return { x: 2 * about.x - point.x, y: 2 * about.y - point.y };
}

/** The stretch from b to c as a cubic by its four controls. */
function cubicBetween(a: Point, b: Point, c: Point, d: Point): Ring {
	const knot = (from: Point, to: Point) => Math.sqrt(Math.hypot(to.x - from.x, to.y - from.y));
	const [before, own, after] = [knot(a, b), knot(b, c), knot(c, d)];
	/** Which way it runs at an end of the stretch, times its share of the knots. */
	const tangent = (p: Point, q: Point, r: Point, first: number, second: number, axis: 'x' | 'y') =>
		own * ((q[axis] - p[axis]) / first - (r[axis] - p[axis]) / (first + second) + (r[axis] - q[axis]) / second);
	const at = (axis: 'x' | 'y') => {
		const [m1, m2] = [tangent(a, b, c, before, own, axis), tangent(b, c, d, own, after, axis)];
		return [b[axis], b[axis] + m1 / 3, c[axis] - m2 / 3, c[axis]] as const;
	};
	const [x, y] = [at('x'), at('y')];
	return [x[0], y[0], x[1], y[1], x[2], y[2], x[3], y[3]];
}
