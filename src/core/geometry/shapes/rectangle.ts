import { joinStraight } from './joinPoints';
import { faulty, shaped, type Shaped } from './types';

/** A rectangle from its width and height. */
export function shapeRectangle(width: number, height: number): Shaped {
	const corners = [
		{ x: 0, y: 0 },
		{ x: width, y: 0 },
		{ x: width, y: height },
		{ x: 0, y: height }
	];
	return shaped(corners.map((corner, i) => joinStraight(corner, corners[(i + 1) % 4]!)));
}

/** A rectangle with round corners; the radius is at most half its shorter side. */
export function shapeRounded(width: number, height: number, radius: number): Shaped {
	const most = Math.min(width, height) / 2;
	if (radius > most + 1e-9) return faulty('radius', 'too-large', most);
	if (radius === 0) return shapeRectangle(width, height);
	const r = Math.min(radius, most);
	/** From the top left corner on, clockwise: where each arc begins, its centre, and where it ends. */
	const arcs = [
		[
			{ x: 0, y: r },
			{ x: r, y: r },
			{ x: r, y: 0 }
		],
		[
			{ x: width - r, y: 0 },
			{ x: width - r, y: r },
			{ x: width, y: r }
		],
		[
			{ x: width, y: height - r },
			{ x: width - r, y: height - r },
			{ x: width - r, y: height }
		],
		[
			{ x: r, y: height },
			{ x: r, y: height - r },
			{ x: 0, y: height - r }
		]
	] as const;
	const edges = arcs.flatMap(([from, centre, to], i) => [
		{ kind: 'arc' as const, from, to, centre, radius: r, start: Math.PI + (i * Math.PI) / 2, sweep: Math.PI / 2 },
		joinStraight(to, arcs[(i + 1) % 4]![0])
	]);
	return shaped(edges.filter((edge) => edge.kind === 'arc' || Math.hypot(edge.to.x - edge.from.x, edge.to.y - edge.from.y) > 1e-9));
}
