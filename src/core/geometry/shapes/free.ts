import { ROUNDED } from '../../units';
import type { Edge, Point } from '../edges/types';
import { areaOfOutline, boundsOfOutline, type Outline } from '../outline';
import { pointOnArc } from '../edges/arc';
import { joinSwelling } from './joinPoints';
import { faulty, shaped, type Shaped } from './types';

export interface FreePoint extends Point {
	/** How far the edge to the next point stands out from a straight line at its middle; negative: in. */
	readonly swell: number;
}

/** Points may stray out of the box by as much as a tape is misread, mm. */
const STRAY = 1;

/** An outline through measured points, straight or in arcs between them, whichever way round they were taken. It may not cross itself, nor leave its box. */
export function shapeFree(width: number, height: number, points: readonly FreePoint[]): Shaped {
	if (points.length < 3) return faulty('points', 'too-few', 3);
	const clockwise = signedArea(points) >= 0 ? points : turnRound(points);
	for (const [i, point] of points.entries()) {
		const chord = distance(point, points[(i + 1) % points.length]!);
		if (Math.abs(point.swell) > chord / 2 + 1e-9) return faulty(`points[${i}].swell`, 'too-large', chord / 2);
	}
	const places = clockwise.map(({ x, y }): Point => ({ x, y }));
	const outline = clockwise.map(({ swell }, i) => joinSwelling(places[i]!, places[(i + 1) % places.length]!, swell));
	if (crossesItself(outline)) return faulty('points', 'crossed');
	const { left, top, right, bottom } = boundsOfOutline(outline);
	if (left < -STRAY || top < -STRAY || right > width + STRAY || bottom > height + STRAY) return faulty('points', 'outside');
	return areaOfOutline(outline) > 1e-6 ? shaped(outline) : faulty('points', 'crossed');
}

/** The same points the other way round; each swell belongs to the edge after its point. */
function turnRound(points: readonly FreePoint[]): FreePoint[] {
	return points.map((_, i) => {
		const at = points.length - 1 - i;
		const before = points[(at - 1 + points.length) % points.length]!;
		return { ...points[at]!, swell: before.swell };
	});
}

function signedArea(points: readonly Point[]): number {
	return points.reduce((sum, a, i) => {
		const b = points[(i + 1) % points.length]!;
		return sum + (a.x * b.y - b.x * a.y) / 2;
	}, 0);
}

const CHORDS = 12;

/** Whether any two edges cut each other, looked for on chords. */
function crossesItself(outline: Outline): boolean {
	const chords = outline.flatMap((edge, i) => chordsOf(edge).map((chord) => ({ ...chord, edge: i })));
	return chords.some((a, i) =>
		chords.slice(i + 2).some((b, k) => !(i === 0 && i + 2 + k === chords.length - 1) && doCross(a.from, a.to, b.from, b.to))
	);
}

function chordsOf(edge: Edge): { from: Point; to: Point }[] {
	if (edge.kind !== 'arc') return edge.kind === 'line' ? [edge] : [];
	return Array.from({ length: CHORDS }, (_, i) => ({ from: pointOnArc(edge, i / CHORDS), to: pointOnArc(edge, (i + 1) / CHORDS) }));
}

function doCross(a: Point, b: Point, c: Point, d: Point): boolean {
	const side = (p: Point, q: Point, r: Point) => (q.x - p.x) * (r.y - p.y) - (q.y - p.y) * (r.x - p.x);
	return side(a, b, c) * side(a, b, d) < -ROUNDED && side(c, d, a) * side(c, d, b) < -ROUNDED;
}

function distance(a: Point, b: Point): number {
	return Math.hypot(a.x - b.x, a.y - b.y);
}
