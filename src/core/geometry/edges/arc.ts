import { chordsOf } from './chordsOf';
import type { ArcEdge, EdgeKind, Point } from './types';

const TURN = 2 * Math.PI;

export const arc: EdgeKind<ArcEdge> = {
	length: ({ radius, sweep }) => radius * Math.abs(sweep),
	sweptArea({ centre, radius, start, sweep }) {
		const end = start + sweep;
		const across = centre.x * (Math.sin(end) - Math.sin(start)) - centre.y * (Math.cos(end) - Math.cos(start));
		return (radius * radius * sweep + radius * across) / 2;
	},
	prepare(edge) {
		const { from, to, centre, radius, start, sweep } = edge;
		const half = Math.min(Math.PI, Math.abs(sweep) / 2);
		const [wayX, wayY, least] = [Math.cos(start + sweep / 2), Math.sin(start + sweep / 2), Math.cos(half)];
		const spans = monotoneSpans(edge);
		return {
			/** Within the arc's angle the nearest point lies straight out from the centre, else it is an end. */
			distance(x, y) {
				const [dx, dy] = [x - centre.x, y - centre.y];
				const out = Math.sqrt(dx * dx + dy * dy);
				if (half === Math.PI || dx * wayX + dy * wayY >= out * least) return Math.abs(out - radius);
				const toEnd = ({ x: endX, y: endY }: Point) => (x - endX) ** 2 + (y - endY) ** 2;
				return Math.sqrt(Math.min(toEnd(from), toEnd(to)));
			},
			/** Half-open as for lines: an edge is crossed where it passes from at or above the height to below it. */
			crossings(x, y) {
				let crossed = 0;
				for (const { fromY, toY, isRight } of spans) {
					if (fromY > y === toY > y) continue;
					const reach = Math.sqrt(Math.max(0, radius * radius - (y - centre.y) ** 2));
					if (centre.x + (isRight ? reach : -reach) > x) crossed++;
				}
				return crossed;
			}
		};
	},
	/** It begins at the top. */
	inset({ centre, radius, sweep }, by, flatness) {
		if (Math.abs(sweep) < TURN) return null;
		const own = radius - by;
		if (own <= 0) return [];
		const steps = 4 * chordsOf(TURN / 4, own, flatness);
		const ring: number[] = [];
		for (let i = 0; i < steps; i++) {
			const turn = (TURN * i) / steps - Math.PI / 2;
			ring.push(centre.x + own * Math.cos(turn), centre.y + own * Math.sin(turn));
		}
		return ring;
	},
	flatten(edge, flatness) {
		const steps = chordsOf(edge.sweep, edge.radius, flatness);
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
