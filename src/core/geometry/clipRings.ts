import { areaPaths, difference, FillRule, inflatePaths, intersect, EndType, JoinType, union } from 'clipper2-ts';
import { boundsOfRings } from './boundsOfRings';
import type { Ring } from './flattenPath';
import { fromClipper, toClipper } from './uniteShapes';

const PER_MM = 1e4;

/** What two shapes have in common, each by the even-odd rule; rings in mm, to 0.0001 mm. */
export function intersectRings(first: readonly Ring[], second: readonly Ring[]): Ring[] {
	return intersect(first.map(toClipper), second.map(toClipper), FillRule.EvenOdd).map(fromClipper);
}

/**
 * What of a shape lies in a box (mm); its outer rings run one way round, its holes the other, and go on to. As `intersectRings` with the box, but
 * rings that lie all inside or all outside are not looked at further.
 */
export function clipToBox(rings: readonly Ring[], { x, y, width, height }: Box): Ring[] {
	const [right, bottom] = [x + width, y + height];
	const sides = rings.map((ring) => sideOf(ring, x, y, right, bottom));
	const across = rings.filter((_, i) => sides[i] === 'across');
	const inside = rings.filter((_, i) => sides[i] === 'in');
	if (across.length === 0) return inside;
	const cut = intersectRings(across, [[x, y, right, y, right, bottom, x, bottom]]);
	const isTurned = rings.reduce((sum, ring) => sum + signedArea(ring), 0) < 0;
	return [...inside, ...(isTurned ? cut.map(reverseRing) : cut)];
}

interface Box {
	readonly x: number;
	readonly y: number;
	readonly width: number;
	readonly height: number;
}

/** Whether a ring lies all in a box, all beyond one of its sides, or neither. */
function sideOf(ring: Ring, left: number, top: number, right: number, bottom: number): 'in' | 'out' | 'across' {
	const own = boundsOfRings([ring]);
	if (own.left >= left && own.right <= right && own.top >= top && own.bottom <= bottom) return 'in';
	return own.right <= left || own.left >= right || own.bottom <= top || own.top >= bottom ? 'out' : 'across';
}

/** The same points the other way round. */
export function reverseRing(ring: Ring): number[] {
	const out: number[] = [];
	for (let i = ring.length - 2; i >= 0; i -= 2) out.push(ring[i]!, ring[i + 1]!);
	return out;
}

/** Area (mm2) of what two shapes have in common, each by the even-odd rule. */
export function areaInCommon(first: readonly Ring[], second: readonly Ring[]): number {
	return Math.abs(areaPaths(intersect(first.map(toClipper), second.map(toClipper), FillRule.EvenOdd))) / PER_MM ** 2;
}

/**
 * Area (mm2) of what of a shape lies in a box; its outer rings run one way round, its holes the other, and none crosses another. As `areaInCommon`
 * with the box, some hundred times as fast: what lies between each edge and the top of the box, added up with the sign of the way that the edge runs.
 */
export function areaInBox(rings: readonly Ring[], { x, y, width, height }: Box): number {
	const bottom = y + height;
	let sum = 0;
	for (const ring of rings)
		for (let i = 0, j = ring.length - 2; i < ring.length; j = i, i += 2) {
			const [x0, y0, x1, y1] = [ring[j]!, ring[j + 1]!, ring[i]!, ring[i + 1]!];
			const way = x1 - x0;
			const [from, to] = [clamp(x0, x, x + width), clamp(x1, x, x + width)];
			if (from === to) continue;
			const slope = (y1 - y0) / way;
			sum += under(y0 + (from - x0) * slope, y0 + (to - x0) * slope, y, bottom) * (to - from);
		}
	return Math.abs(sum);
}

/** The mean over a straight edge, from one depth to another, of how far it lies below a top, at most down to a bottom. */
function under(from: number, to: number, top: number, bottom: number): number {
	const [a, b] = [clamp(from, top, bottom), clamp(to, top, bottom)];
	if (from === to) return a - top;
	/** Of the whole edge: what runs between the two, at its mean depth, and what runs below both, at all of it. */
	const between = (b - a) / (to - from);
	const below = (Math.max(from, bottom) - Math.max(to, bottom)) / (from - to);
	return between * ((a + b) / 2 - top) + below * (bottom - top);
}

const clamp = (value: number, least: number, most: number) => Math.min(most, Math.max(least, value));

/** A shape less others, which may overlap each other; by the even-odd rule afterwards. */
export function subtractRings(from: readonly Ring[], others: readonly Ring[]): Ring[] {
	const taken = others.map(toClipper);
	return difference(from.map(toClipper), taken.length > 1 ? union(taken, FillRule.NonZero) : taken, FillRule.EvenOdd).map(fromClipper);
}

/** All that lies in any of several shapes of one ring each, whichever way round they run. */
export function uniteRings(shapes: readonly (readonly Ring[])[]): Ring[] {
	return union(
		shapes.flatMap((rings) => union(rings.map(toClipper), FillRule.EvenOdd)),
		FillRule.NonZero
	).map(fromClipper);
}

/** The ring whose points lie `by` (mm) from one of points, outside it (or inside, where it is negative); corners turn in arcs. */
export function offsetRing(ring: Ring, by: number, flatness = 0.01): Ring[] {
	return inflatePaths([toClipper(ring)], by * PER_MM, JoinType.Round, EndType.Polygon, 2, flatness * PER_MM).map(fromClipper);
}

/** A line of points; closed: its last joins its first. */
export interface Polyline {
	readonly points: Ring;
	readonly closed: boolean;
}

/** Area (mm2) of one ring: above 0 where it runs clockwise on the screen. */
export function signedArea(ring: Ring): number {
	let twice = 0;
	for (let i = 0, j = ring.length - 2; i < ring.length; j = i, i += 2) twice += ring[j]! * ring[i + 1]! - ring[i]! * ring[j + 1]!;
	return twice / 2;
}

/** Area (mm2) of one ring that does not cross itself. */
export function areaOfRing(ring: Ring): number {
	return Math.abs(signedArea(ring));
}

export function lengthOfLine({ points, closed }: Polyline): number {
	let length = 0;
	const last = closed ? points.length : points.length - 2;
	for (let i = 0; i < last; i += 2) {
		const j = (i + 2) % points.length;
		length += Math.hypot(points[j]! - points[i]!, points[j + 1]! - points[i + 1]!);
	}
	return length;
}

/** Length of all outlines of rings. */
export function lengthOfRings(rings: readonly Ring[]): number {
	let length = 0;
	for (const ring of rings)
		for (let i = 0, j = ring.length - 2; i < ring.length; j = i, i += 2)
			length += Math.hypot(ring[i]! - ring[j]!, ring[i + 1]! - ring[j + 1]!);
	return length;
}

/** How much of a line (mm) lies within rings, by the even-odd rule; a stretch along their edge counts where it lies a hair to its right. */
export function lengthWithin(line: Polyline, rings: readonly Ring[]): number {
	return stretchesWithin(line, rings).reduce((sum, [x0, y0, x1, y1]) => sum + Math.hypot(x1 - x0, y1 - y0), 0);
}

export type Stretch = readonly [x0: number, y0: number, x1: number, y1: number];

/** The straight stretches of a line that lie within rings, by the even-odd rule. */
export function stretchesWithin({ points, closed }: Polyline, rings: readonly Ring[]): Stretch[] {
	const stretches: Stretch[] = [];
	const last = closed ? points.length : points.length - 2;
	for (let i = 0; i < last; i += 2) {
		const j = (i + 2) % points.length;
		stretches.push(...cutSegment(points[i]!, points[i + 1]!, points[j]!, points[j + 1]!, rings));
	}
	return stretches;
}

/** Where a segment crosses the rings it is cut, and each stretch is in or out as its middle is. */
function cutSegment(x0: number, y0: number, x1: number, y1: number, rings: readonly Ring[]): Stretch[] {
	const [dx, dy] = [x1 - x0, y1 - y0];
	const whole = Math.hypot(dx, dy);
	if (whole === 0) return [];
	const cuts = [0, 1];
	for (const ring of rings)
		for (let i = 0, j = ring.length - 2; i < ring.length; j = i, i += 2) {
			const [ax, ay, ex, ey] = [ring[j]!, ring[j + 1]!, ring[i]! - ring[j]!, ring[i + 1]! - ring[j + 1]!];
			const cross = dx * ey - dy * ex;
			if (cross === 0) continue;
			const t = ((ax - x0) * ey - (ay - y0) * ex) / cross;
			const u = ((ax - x0) * dy - (ay - y0) * dx) / cross;
			if (t > 0 && t < 1 && u >= 0 && u <= 1) cuts.push(t);
		}
	cuts.sort((a, b) => a - b);
	const within: Stretch[] = [];
	for (let i = 0; i + 1 < cuts.length; i++) {
		const [from, to] = [cuts[i]!, cuts[i + 1]!];
		const t = (from + to) / 2;
		if (to > from && isInRings(x0 + t * dx - (HAIR * dy) / whole, y0 + t * dy + (HAIR * dx) / whole, rings))
			within.push([x0 + from * dx, y0 + from * dy, x0 + to * dx, y0 + to * dy]);
	}
	return within;
}

const HAIR = 1e-6;

/** Whether a point lies in rings, by the even-odd rule. */
export function isInRings(x: number, y: number, rings: readonly Ring[]): boolean {
	let inside = false;
	for (const ring of rings)
		for (let i = 0, j = ring.length - 2; i < ring.length; j = i, i += 2) {
			const [y0, y1] = [ring[j + 1]!, ring[i + 1]!];
			if (y0 > y !== y1 > y && x < ring[j]! + ((y - y0) / (y1 - y0)) * (ring[i]! - ring[j]!)) inside = !inside;
		}
	return inside;
}

/** Rings whose points lie `by` (mm) outside shapes (inside, where it is negative): outer rings one way round, holes the other, as `uniteShapes` gives them. */
export function growRings(rings: readonly Ring[], by: number, flatness = 0.02): Ring[] {
	return inflatePaths(rings.map(toClipper), by * PER_MM, JoinType.Round, EndType.Polygon, 2, flatness * PER_MM).map(fromClipper);
}

/** The point of a segment that is nearest to a point. */
export function nearestOnSegment(
	x: number,
	y: number,
	ax: number,
	ay: number,
	bx: number,
	by: number
): { readonly x: number; readonly y: number } {
	const [dx, dy] = [bx - ax, by - ay];
	const square = dx * dx + dy * dy;
	const t = square === 0 ? 0 : Math.min(1, Math.max(0, ((x - ax) * dx + (y - ay) * dy) / square));
	return { x: ax + t * dx, y: ay + t * dy };
}
