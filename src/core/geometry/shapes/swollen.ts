import type { Edge, Point } from '../edges/types';
import { joinStraight, joinSwelling } from './joinPoints';
import { faulty, shaped, type Shaped, type Side } from './types';

const SIDES: readonly Side[] = ['top', 'right', 'bottom', 'left'];

/**
 * A rectangle one edge of which is an arc: bowed out within its box (the box is as large as the piece at its most), or
 * hollow, into it. `depth` is the arc's height, at most half of that edge. An arch top is a top edge bowed out.
 */
export function shapeBow(width: number, height: number, side: Side, depth: number, way: 'out' | 'in' = 'out'): Shaped {
	const [along, across] = side === 'top' || side === 'bottom' ? [width, height] : [height, width];
	const most = Math.min(along / 2, across - 1e-6);
	if (depth > most + 1e-9) return faulty('depth', 'too-large', most);
	return swell(width, height, side, way === 'out' ? depth : 0, (from, to) => [joinSwelling(from, to, way === 'out' ? depth : -depth)]);
}

/**
 * A rectangle one edge of which runs in waves: arcs of equal height, in and out by turns, beginning with a hollow;
 * `depth` from crest to hollow, `waves` whole waves along the edge. Crests touch the box.
 */
export function shapeWave(width: number, height: number, side: Side, depth: number, waves: number): Shaped {
	const [along, across] = side === 'top' || side === 'bottom' ? [width, height] : [height, width];
	const most = Math.min(along / (2 * waves), across - 1e-6);
	if (depth > most + 1e-9) return faulty('depth', 'too-large', most);
	return swell(width, height, side, depth / 2, (from, to) =>
		Array.from({ length: 2 * waves }, (_, i) =>
			joinSwelling(between(from, to, i / (2 * waves)), between(from, to, (i + 1) / (2 * waves)), i % 2 === 0 ? -depth / 2 : depth / 2)
		)
	);
}

/** The rectangle with one side drawn back by so much and run as the caller says. */
function swell(width: number, height: number, side: Side, back: number, run: (from: Point, to: Point) => Edge[]): Shaped {
	const box = {
		left: side === 'left' ? back : 0,
		top: side === 'top' ? back : 0,
		right: width - (side === 'right' ? back : 0),
		bottom: height - (side === 'bottom' ? back : 0)
	};
	const corners = [
		{ x: box.left, y: box.top },
		{ x: box.right, y: box.top },
		{ x: box.right, y: box.bottom },
		{ x: box.left, y: box.bottom }
	];
	return shaped(
		SIDES.flatMap((name, i) => {
			const [from, to] = [corners[i]!, corners[(i + 1) % 4]!];
			if (name === side) return run(from, to);
			return Math.hypot(to.x - from.x, to.y - from.y) > 1e-9 ? [joinStraight(from, to)] : [];
		})
	);
}

function between(from: Point, to: Point, t: number): Point {
	return { x: from.x + (to.x - from.x) * t, y: from.y + (to.y - from.y) * t };
}
