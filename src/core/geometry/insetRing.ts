import { EndType, inflatePaths, JoinType } from 'clipper2-ts';
import { signedArea } from './clipRings';
import type { Ring } from './flattenPath';
import { flattenOutline, type Outline } from './outline';
import { fromClipper, toClipper } from './uniteShapes';

/** Chords of curves stray by at most this, mm: their lengths then are true to 0.01 mm on anything that is painted. */
const FLATNESS = 0.0005;
const PER_MM = 1e4;

/**
 * The ring whose every point lies `by` (mm) inside an outline: exact but for chords for straight edges, rounded corners, circles and ellipses, by clipper
 * for others, with sharp corners kept. Empty where the outline is too narrow; of several parts the largest.
 */
export function insetRing(outline: Outline, by: number): Ring {
	const exact = insetPolygon(outline, by) ?? insetCircle(outline, by) ?? insetEllipse(outline, by) ?? insetRounded(outline, by);
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
 * Of an ellipse: each point moved in along its normal, up to the long axis, where those of the other side meet it (the long axis between the centres of
 * curvature of its ends is the ridge of an ellipse). Null for others.
 */
function insetEllipse(outline: Outline, by: number): Ring | null {
	const [edge] = outline;
	if (outline.length !== 1 || edge?.kind !== 'ellipse') return null;
	const { centre, rx, ry } = edge;
	const [long, short] = [Math.max(rx, ry), Math.min(rx, ry)];
	if (by >= short) return [];
	/** Normals of what lies nearer to an end of the long axis than this have crossed it. */
	const sine =
		by * long <= short * short ? 0 : Math.sqrt(((by * long) / short) ** 2 - short * short) / Math.sqrt(long * long - short * short);
	const first = Math.asin(Math.min(1, sine));
	const steps = Math.ceil((Math.PI - 2 * first) / Math.sqrt((8 * FLATNESS) / long));
	const ring: number[] = [];
	for (const end of [0, Math.PI])
		for (let i = 0; i <= steps; i++) {
			const turn = (rx >= ry ? end : end + Math.PI / 2) + first + ((Math.PI - 2 * first) * i) / steps;
			const [across, down] = [Math.cos(turn), Math.sin(turn)];
			const inwards = by / Math.hypot(ry * across, rx * down);
			ring.push(centre.x + across * (rx - inwards * ry), centre.y + down * (ry - inwards * rx));
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
