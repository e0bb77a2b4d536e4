/** A point in any unit of length; y grows downwards. */
export interface Point {
	readonly x: number;
	readonly y: number;
}

export interface LineEdge {
	readonly kind: 'line';
	readonly from: Point;
	readonly to: Point;
}

/** Part of a circle, from one angle to another; `sweep` is signed: clockwise on the screen is positive. Radians. */
export interface ArcEdge {
	readonly kind: 'arc';
	/** Its ends, as the edges beside it have them: to the last bit, so that a ray never slips between two edges. */
	readonly from: Point;
	readonly to: Point;
	readonly centre: Point;
	readonly radius: number;
	readonly start: number;
	readonly sweep: number;
}

/** A whole ellipse whose axes lie along x and y; it closes on itself. */
export interface EllipseEdge {
	readonly kind: 'ellipse';
	readonly centre: Point;
	readonly rx: number;
	readonly ry: number;
}

export type Edge = LineEdge | ArcEdge | EllipseEdge;

/** What is asked of an edge from a point. */
export interface EdgeAnswers {
	/** Distance from the point to the nearest point of the edge. */
	readonly distance: (x: number, y: number) => number;
	/** How often a ray from the point to the right crosses the edge. */
	readonly crossings: (x: number, y: number) => number;
}

/** What is known of one kind of edge; all exact but for rounding. */
export interface EdgeKind<E extends Edge> {
	/** Length of the edge. */
	readonly length: (edge: E) => number;
	/** Its share of the integral of (x dy - y dx) / 2: summed round a closed outline that runs clockwise on the screen, the area. */
	readonly sweptArea: (edge: E) => number;
	/** The edge made ready to be asked for many points. */
	readonly prepare: (edge: E) => EdgeAnswers;
	/** Of an edge that closes on itself, the ring of points `by` inside it, no chord further from that than `flatness`: empty where there is none; null where the edge does not close. */
	readonly inset?: (edge: E, by: number, flatness: number) => number[] | null;
	/** Points along it, its first among them and its last not, no chord further from it than `flatness`. */
	readonly flatten: (edge: E, flatness: number) => Point[];
	/** Points that span its bounds. */
	readonly extremes: (edge: E) => Point[];
	/** SVG path data from where the edge before ended. */
	readonly path: (edge: E, write: (value: number) => string) => string;
}
