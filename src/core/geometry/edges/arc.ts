import type { ArcEdge, EdgeKind, Point } from './types';

const TURN = 2 * Math.PI;

export const arc: EdgeKind<ArcEdge> = {
	length: ({ radius, sweep }) => radius * Math.abs(sweep),
	sweptArea({ centre, radius, start, sweep }) {
		const end = start + sweep;
		const across = centre.x * (Math.sin(end) - Math.sin(start)) - centre.y * (Math.cos(end) - Math.cos(start));
		return (radius * radius * sweep + radius * across) / 2;
	},
	distance(edge, point) {
		const [dx, dy] = [point.x - edge.centre.x, point.y - edge.centre.y];
		if (isSwept(edge, Math.atan2(dy, dx))) return Math.abs(Math.hypot(dx, dy) - edge.radius);
		return Math.min(distanceOf(point, edge.from), distanceOf(point, edge.to));
	},
	/** Half-open as for lines: an edge is crossed where it passes from at or above the height to below it. */
	crossings(edge, { x, y }) {
		const { centre, radius } = edge;
		return spansOf(edge).filter(({ fromY, toY, isRight }) => {
			if (fromY > y === toY > y) return false;
			const reach = Math.sqrt(Math.max(0, radius * radius - (y - centre.y) ** 2));
			return centre.x + (isRight ? reach : -reach) > x;
		}).length;
	},
	flatten(edge, flatness) {
		const most = 2 * Math.acos(Math.max(-1, 1 - flatness / edge.radius));
		const steps = Math.max(1, Math.ceil(Math.abs(edge.sweep) / Math.max(most, 1e-5)));
		return Array.from({ length: steps }, (_, i) => (i === 0 ? edge.from : pointOnArc(edge, i / steps)));
	},
	extremes(edge) {
		const quarters = [0, 1, 2, 3].map((quarter) => (quarter * TURN) / 4).filter((angle) => isSwept(edge, angle));
		return [edge.from, edge.to, ...quarters.map((angle) => atAngle(edge, angle))];
	},
	path(edge, write) {
		const half = pointOnArc(edge, 0.5);
		const radius = write(edge.radius);
		const way = edge.sweep > 0 ? 1 : 0;
		return [half, edge.to].map(({ x, y }) => `A${radius} ${radius} 0 0 ${way} ${write(x)} ${write(y)}`).join('');
	}
};

/** A point so far along an arc, 0 to 1. */
export function pointOnArc(edge: ArcEdge, t: number): Point {
	return atAngle(edge, edge.start + edge.sweep * t);
}

function atAngle({ centre, radius }: ArcEdge, angle: number): Point {
	return { x: centre.x + radius * Math.cos(angle), y: centre.y + radius * Math.sin(angle) };
}

function isSwept({ start, sweep }: ArcEdge, angle: number): boolean {
	const along = sweep > 0 ? angle - start : start - angle;
	return ((along % TURN) + TURN) % TURN <= Math.abs(sweep);
}

interface Span {
	readonly fromY: number;
	readonly toY: number;
	readonly isRight: boolean;
}

/** Of arcs that were asked before: a pattern asks one for thousands of points. */
const SPANS = new WeakMap<ArcEdge, readonly Span[]>();

function spansOf(edge: ArcEdge): readonly Span[] {
	const known = SPANS.get(edge) ?? monotoneSpans(edge);
	SPANS.set(edge, known);
	return known;
}

/** The arc cut where it turns back in y: between two cuts it crosses a height at most once. */
function monotoneSpans(edge: ArcEdge): Span[] {
	const end = edge.start + edge.sweep;
	const [least, most] = [Math.min(edge.start, end), Math.max(edge.start, end)];
	const cuts: number[] = [];
	for (let k = Math.ceil((least - Math.PI / 2) / Math.PI); Math.PI / 2 + k * Math.PI < most; k++)
		if (Math.PI / 2 + k * Math.PI > least) cuts.push(Math.PI / 2 + k * Math.PI);
	const [first, last] = edge.sweep > 0 ? [edge.from, edge.to] : [edge.to, edge.from];
	const angles = [least, ...cuts, most];
	const heights = [first.y, ...cuts.map((angle) => atAngle(edge, angle).y), last.y];
	return angles.slice(1).map((to, i) => ({
		fromY: heights[i]!,
		toY: heights[i + 1]!,
		isRight: Math.cos((angles[i]! + to) / 2) > 0
	}));
}

function distanceOf(a: Point, b: Point): number {
	return Math.hypot(a.x - b.x, a.y - b.y);
}
