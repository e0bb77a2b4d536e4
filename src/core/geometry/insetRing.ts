import { EndType, inflatePaths, JoinType } from 'clipper2-ts';
import { signedArea } from './clipRings';
import { chordsOf } from './edges/chordsOf';
import type { ArcEdge, LineEdge, Point } from './edges/types';
import type { Ring } from './flattenPath';
import { flattenOutline, insetClosed, type Outline } from './outline';
import { fromClipper, toClipper } from './uniteShapes';

/** Chords of curves stray by at most this, mm: their lengths then are true to 0.01 mm on anything that is painted. */
const FLATNESS = 0.0005;
const PER_MM = 1e4;

/**
 * The ring whose every point lies `by` (mm) inside an outline: exact but for chords for circles, ellipses and what turns one way only, by clipper
 * for others, with sharp corners kept. Empty where the outline is too narrow; of several parts the largest.
 */
export function insetRing(outline: Outline, by: number): Ring {
	const exact = insetClosed(outline, by, FLATNESS) ?? insetConvex(outline, by);
	if (exact !== null) return exact;
	const ring = flattenOutline(outline, FLATNESS);
	if (by === 0) return ring;
	const rings = inflatePaths([toClipper(ring)], -by * PER_MM, JoinType.Miter, EndType.Polygon, 4, FLATNESS * PER_MM).map(fromClipper);
	return rings.reduce<Ring>((best, one) => (Math.abs(signedArea(one)) > Math.abs(signedArea(best)) ? one : best), []);
}

/** An edge moved in: a straight one along its way, a curved one about its centre. */
type Moved =
	| { readonly kind: 'line'; readonly edge: LineEdge; readonly from: Point; readonly way: Point }
	| { readonly kind: 'arc'; readonly edge: ArcEdge; readonly radius: number };

/**
 * Of straight edges and arcs that turn one way only: each moved in, and cut where it meets its neighbours; an arc that is gone further in leaves them to
 * meet each other. Null for others, and where a straight edge is gone, or nothing is left.
 */
function insetConvex(outline: Outline, by: number): Ring | null {
	if (!outline.every((edge, i) => turnsOneWay(edge, outline[(i + 1) % outline.length]!))) return null;
	const moved = outline.flatMap((edge): Moved[] => {
		if (edge.kind === 'ellipse') return [];
		if (edge.kind === 'arc') return edge.radius > by ? [{ kind: 'arc', edge, radius: edge.radius - by }] : [];
		const [dx, dy] = [edge.to.x - edge.from.x, edge.to.y - edge.from.y];
		const length = Math.hypot(dx, dy);
		/** Inside lies to the right of an edge that runs clockwise on the screen. */
		return [
			{
				kind: 'line',
				edge,
				from: { x: edge.from.x - (by * dy) / length, y: edge.from.y + (by * dx) / length },
				way: { x: dx / length, y: dy / length }
			}
		];
	});
	const ends = moved.map((one, i) => meet(one, moved[(i + 1) % moved.length]!, by));
	const ring: number[] = [];
	for (const [i, one] of moved.entries()) {
		const [from, to] = [ends[(i + ends.length - 1) % ends.length], ends[i]];
		if (!from || !to) return null;
		if (one.kind === 'line') {
			if ((to.x - from.x) * one.way.x + (to.y - from.y) * one.way.y <= 0) return null;
			ring.push(from.x, from.y);
			continue;
		}
		const { centre, sweep } = one.edge;
		const start = Math.atan2(from.y - centre.y, from.x - centre.x);
		const left = (Math.atan2(to.y - centre.y, to.x - centre.x) - start + 4 * Math.PI) % (2 * Math.PI);
		if (left > sweep + HAIR) return null;
		const steps = Math.max(2, chordsOf(left, one.radius, FLATNESS));
		for (let k = 0; k < steps; k++) {
			const turn = start + (left * k) / steps;
			ring.push(centre.x + one.radius * Math.cos(turn), centre.y + one.radius * Math.sin(turn));
		}
	}
	return ring.length < 6 ? null : ring;
}

/** Radians; mm. */
const HAIR = 1e-6;

/** An edge that does not bulge inwards, and no inward corner after it. */
function turnsOneWay(edge: Outline[number], next: Outline[number]): boolean {
	if (edge.kind === 'ellipse' || next.kind === 'ellipse') return false;
	if (edge.kind === 'arc' && !(edge.sweep > 0 && edge.sweep < Math.PI + HAIR)) return false;
	const [a, b] = [headingOf(edge, edge.to), headingOf(next, next.from)];
	const cross = a.x * b.y - a.y * b.x;
	return cross > -HAIR && (cross > HAIR || a.x * b.x + a.y * b.y > 0);
}

/** Which way an edge runs at one of its ends; of an arc that runs clockwise. */
function headingOf(edge: LineEdge | ArcEdge, at: Point): Point {
	if (edge.kind === 'arc') return { x: -(at.y - edge.centre.y) / edge.radius, y: (at.x - edge.centre.x) / edge.radius };
	const [dx, dy] = [edge.to.x - edge.from.x, edge.to.y - edge.from.y];
	return { x: dx / Math.hypot(dx, dy), y: dy / Math.hypot(dx, dy) };
}

/** Where one moved edge ends and the next begins; null where they do not meet. */
function meet(one: Moved, next: Moved, by: number): Point | null {
	const joint = one.edge.to;
	const [a, b] = [headingOf(one.edge, joint), headingOf(next.edge, next.edge.from)];
	const areBeside = Math.hypot(joint.x - next.edge.from.x, joint.y - next.edge.from.y) < HAIR;
	/** They go on into each other: straight in. */
	if (areBeside && Math.abs(a.x * b.y - a.y * b.x) < HAIR) return { x: joint.x - by * a.y, y: joint.y + by * a.x };
	const found = one.kind === 'line' ? crossLine(one, next) : next.kind === 'line' ? crossLine(next, one) : crossArcs(one, next);
	const away = (point: Point) => Math.hypot(point.x - joint.x, point.y - joint.y);
	return found.reduce<Point | null>((best, point) => (best === null || away(point) < away(best) ? point : best), null);
}

function crossLine({ from, way }: Moved & { kind: 'line' }, other: Moved): Point[] {
	const at = (t: number): Point => ({ x: from.x + t * way.x, y: from.y + t * way.y });
	if (other.kind === 'line') {
		const cross = way.x * other.way.y - way.y * other.way.x;
		if (Math.abs(cross) < HAIR) return [];
		return [at(((other.from.x - from.x) * other.way.y - (other.from.y - from.y) * other.way.x) / cross)];
	}
	const [dx, dy] = [other.edge.centre.x - from.x, other.edge.centre.y - from.y];
	const [along, off] = [dx * way.x + dy * way.y, dx * way.y - dy * way.x];
	const half = Math.sqrt(other.radius ** 2 - off * off);
	return half >= 0 ? [at(along - half), at(along + half)] : [];
}

function crossArcs(one: Moved & { kind: 'arc' }, other: Moved & { kind: 'arc' }): Point[] {
	const [a, b] = [one.edge.centre, other.edge.centre];
	const apart = Math.hypot(b.x - a.x, b.y - a.y);
	const along = (apart * apart + one.radius ** 2 - other.radius ** 2) / (2 * apart);
	const off = Math.sqrt(one.radius ** 2 - along * along);
	if (!(off >= 0)) return [];
	const [x, y] = [(b.x - a.x) / apart, (b.y - a.y) / apart];
	return [-off, off].map((side) => ({ x: a.x + along * x - side * y, y: a.y + along * y + side * x }));
}
