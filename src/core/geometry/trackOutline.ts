import { EndType, inflatePaths, JoinType } from 'clipper2-ts';
import { boundsOfRings } from './boundsOfRings';
import { reverseRing, signedArea } from './clipRings';
import type { Ring } from './flattenPath';
import { flattenOutline, type Outline } from './outline';
import { measureTrack, type Track } from './track';
import { fromClipper, toClipper } from './uniteShapes';

/** A turn of more than this at a point is a corner, radians. */
const CORNER = 0.3;
/** Chords of curves stray by at most this, mm: their lengths then are true to 0.01 mm on anything that is painted. */
const FLATNESS = 0.0005;
const PER_MM = 1e4;

/**
 * The line that lies `by` (mm) inside an outline, cut at its corners: clockwise, the first stretch begins at the corner nearest to the
 * top left, a line without corners at the middle of its top. Empty where the outline is too narrow; of several parts the longest.
 */
export function trackOutline(outline: Outline, by: number): Track[] {
	const ring = cleanRing(insetRing(outline, by));
	if (ring.length < 6) return [];
	const clockwise = signedArea(ring) >= 0 ? ring : reverseRing(ring);
	const corners = cornersOf(clockwise);
	if (corners.length === 0) return [measureTrack(startAtTop(clockwise), true)];
	const first = corners.reduce((best, at) => (nearTopLeft(clockwise, at) < nearTopLeft(clockwise, best) ? at : best), corners[0]!);
	const turned = [...corners.slice(corners.indexOf(first)), ...corners.slice(0, corners.indexOf(first))];
	return turned.map((at, i) => measureTrack(stretch(clockwise, at, turned[(i + 1) % turned.length]!), false));
}

function insetRing(outline: Outline, by: number): Ring {
	const exact = insetPolygon(outline, by) ?? insetCircle(outline, by) ?? insetRounded(outline, by);
	if (exact !== null) return exact;
	const ring = flattenOutline(outline, FLATNESS);
	if (by === 0) return ring;
	const rings = inflatePaths([toClipper(ring)], -by * PER_MM, JoinType.Miter, EndType.Polygon, 4, FLATNESS * PER_MM).map(fromClipper);
	return rings.reduce<Ring>((best, one) => (Math.abs(signedArea(one)) > Math.abs(signedArea(best)) ? one : best), []);
}

/** Of straight edges that turn one way only: each moved in, and cut where it meets its neighbours; exact. Null for others, and where an edge is lost. */
function insetPolygon(outline: Outline, by: number): Ring | null {
	if (!outline.every((edge) => edge.kind === 'line')) return null;
	const points = outline.map(({ from }) => from);
	const n = points.length;
	const out: number[] = [];
	for (let i = 0; i < n; i++) {
		const [before, here, after] = [points[(i + n - 1) % n]!, points[i]!, points[(i + 1) % n]!];
		const [ax, ay, bx, by_] = [here.x - before.x, here.y - before.y, after.x - here.x, after.y - here.y];
		const [a, b] = [Math.hypot(ax, ay), Math.hypot(bx, by_)];
		const cross = (ax * by_ - ay * bx) / (a * b);
		if (!(cross > 1e-9)) return null;
		/** Inside lies to the right of an edge that runs clockwise on the screen. */
		const dot = (ax * bx + ay * by_) / (a * b);
		const miter = by / (1 + dot);
		out.push(here.x + miter * (-ay / a - by_ / b), here.y + miter * (ax / a + bx / b));
	}
	for (let i = 0; i < n; i++) {
		const j = (i + 1) % n;
		const [dx, dy] = [out[2 * j]! - out[2 * i]!, out[2 * j + 1]! - out[2 * i + 1]!];
		const [ex, ey] = [points[j]!.x - points[i]!.x, points[j]!.y - points[i]!.y];
		if (dx * ex + dy * ey <= 0) return [];
	}
	return out;
}

function insetCircle(outline: Outline, by: number): Ring | null {
	const [edge] = outline;
	if (outline.length !== 1 || edge?.kind !== 'arc' || Math.abs(edge.sweep) < 2 * Math.PI) return null;
	const radius = edge.radius - by;
	if (radius <= 0) return [];
	const steps = 4 * Math.ceil(Math.PI / Math.acos(1 - Math.min(1, FLATNESS / radius)) / 4);
	const ring: number[] = [];
	for (let i = 0; i < steps; i++) {
		const turn = (2 * Math.PI * i) / steps - Math.PI / 2;
		ring.push(edge.centre.x + radius * Math.cos(turn), edge.centre.y + radius * Math.sin(turn));
	}
	return ring;
}

/**
 * Of straight edges with rounded corners between them, as of a rounded rectangle: while they are deeper than the corners are round these stay, each
 * as much less round; further in they are sharp. Exact but for chords. Null for others, and where only some of its corners have become sharp.
 */
function insetRounded(outline: Outline, by: number): Ring | null {
	const arcs = outline.flatMap((edge) => (edge.kind === 'arc' ? [edge] : []));
	const isRounded = outline.every((edge, i) => {
		const next = outline[(i + 1) % outline.length]!;
		return edge.kind === 'line'
			? next.kind === 'arc'
			: edge.kind === 'arc' && edge.sweep > 0 && edge.sweep < Math.PI - 0.01 && next.kind === 'line';
	});
	if (!isRounded || arcs.length < 2 || !arcs.every((arc) => isTangent(arc))) return null;
	const corners = arcs.map(({ centre, radius, start, sweep }) => {
		const reach = radius / Math.cos(sweep / 2);
		return { x: centre.x + reach * Math.cos(start + sweep / 2), y: centre.y + reach * Math.sin(start + sweep / 2) };
	});
	const sharp = insetPolygon(
		corners.map((from, i) => ({ kind: 'line' as const, from, to: corners[(i + 1) % corners.length]! })),
		by
	);
	if (sharp === null || sharp.length === 0 || arcs.every(({ radius }) => radius <= by)) return sharp;
	if (arcs.some(({ radius }) => radius <= by)) return null;
	return arcs.flatMap(({ centre, radius, start, sweep }) => {
		const own = radius - by;
		const steps = Math.max(2, Math.ceil(sweep / (2 * Math.acos(1 - Math.min(1, FLATNESS / own)))));
		return Array.from({ length: steps + 1 }, (_, k) => start + (sweep * k) / steps).flatMap((turn) => [
			centre.x + own * Math.cos(turn),
			centre.y + own * Math.sin(turn)
		]);
	});

	/** The edges beside an arc go on as it ends: square to its radius. */
	function isTangent(arc: (typeof arcs)[number]): boolean {
		const at = outline.indexOf(arc);
		const [before, after] = [outline[(at + outline.length - 1) % outline.length]!, outline[(at + 1) % outline.length]!];
		return [before, after].every((edge) => {
			if (edge.kind !== 'line') return false;
			const touch = edge === before ? arc.from : arc.to;
			const [dx, dy] = [edge.to.x - edge.from.x, edge.to.y - edge.from.y];
			const dot = dx * (touch.x - arc.centre.x) + dy * (touch.y - arc.centre.y);
			return Math.abs(dot) <= 1e-6 * Math.hypot(dx, dy) * arc.radius;
		});
	}
}

/** Points as near as this are one, mm. */
const SAME = 2e-4;

/** Without points that lie on one another. */
function cleanRing(ring: Ring): number[] {
	const isSame = (ax: number, ay: number, bx: number, by: number) => (ax - bx) ** 2 + (ay - by) ** 2 < SAME * SAME;
	const out: number[] = [];
	for (let i = 0; i < ring.length; i += 2) {
		const j = out.length;
		if (j > 0 && isSame(ring[i]!, ring[i + 1]!, out[j - 2]!, out[j - 1]!)) continue;
		out.push(ring[i]!, ring[i + 1]!);
	}
	while (out.length > 2 && isSame(out[0]!, out[1]!, out.at(-2)!, out.at(-1)!)) out.splice(-2);
	return out;
}

const STEEPEST = Math.tan(CORNER);

/** Curves of chords turn a little at each point; what turns more, over a hair's breadth to both sides, is a corner. */
function cornersOf(ring: Ring): number[] {
	const n = ring.length / 2;
	const corners: number[] = [];
	for (let i = 0; i < n; i++) {
		const [a, b, c] = [2 * ((i + n - 1) % n), 2 * i, 2 * ((i + 1) % n)];
		const [ax, ay] = [ring[b]! - ring[a]!, ring[b + 1]! - ring[a + 1]!];
		const [bx, by] = [ring[c]! - ring[b]!, ring[c + 1]! - ring[b + 1]!];
		const ahead = ax * bx + ay * by;
		if (ahead <= 0 || Math.abs(ax * by - ay * bx) > STEEPEST * ahead) corners.push(i);
	}
	return corners;
}

function nearTopLeft(ring: Ring, at: number): number {
	return ring[2 * at]! + ring[2 * at + 1]!;
}

function startAtTop(ring: Ring): Ring {
	const { left, right } = boundsOfRings([ring]);
	const middle = (left + right) / 2;
	let best: { at: number; y: number } | null = null;
	for (let i = 0; i < ring.length; i += 2) {
		const j = (i + 2) % ring.length;
		const [x0, y0, x1, y1] = [ring[i]!, ring[i + 1]!, ring[j]!, ring[j + 1]!];
		if (x0 > middle === x1 > middle) continue;
		const y = y0 + ((middle - x0) / (x1 - x0)) * (y1 - y0);
		if (best === null || y < best.y) best = { at: j, y };
	}
	return best === null ? ring : [middle, best.y, ...ring.slice(best.at), ...ring.slice(0, best.at)];
}

function stretch(ring: Ring, from: number, to: number): number[] {
	const n = ring.length / 2;
	const count = (to - from + n) % n || n;
	return Array.from({ length: count + 1 }, (_, k) => (from + k) % n).flatMap((k) => [ring[2 * k]!, ring[2 * k + 1]!]);
}
