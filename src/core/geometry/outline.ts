import { EndType, inflatePaths, JoinType } from 'clipper2-ts';
import { kindOf } from './edges';
import type { Edge, Point, EdgeAnswers } from './edges/types';
import type { Ring } from './flattenPath';
import { fromClipper, toClipper } from './uniteShapes';

/** A closed line of edges, each beginning where the one before ends; clockwise on the screen. */
export type Outline = readonly Edge[];

/** Area inside an outline, exact. */
export function areaOfOutline(outline: Outline): number {
	return Math.abs(outline.reduce((sum, edge) => sum + kindOf(edge).sweptArea(edge), 0));
}

/** Length of an outline, exact. */
export function perimeterOfOutline(outline: Outline): number {
	return outline.reduce((sum, edge) => sum + kindOf(edge).length(edge), 0);
}

/** Whether a point lies inside, by the even-odd rule; a point on the outline may be either. */
export function isInsideOutline(outline: Outline, { x, y }: Point): boolean {
	let crossed = 0;
	for (const edge of prepareOutline(outline).edges) crossed += edge.crossings(x, y);
	return crossed % 2 === 1;
}

/** Distance from a point to the nearest point of the outline, from either side; exact. */
export function distanceToOutline(outline: Outline, { x, y }: Point): number {
	const prepared = prepareOutline(outline);
	const { edges } = prepared;
	/** The next point asked for often lies near the last one. */
	let nearest = prepared.nearest;
	let least = edges[nearest]?.distance(x, y) ?? Infinity;
	for (let i = 0; i < edges.length; i++) {
		const edge = edges[i]!;
		if ((x - edge.x) ** 2 + (y - edge.y) ** 2 >= (least + edge.radius) ** 2) continue;
		const distance = edge.distance(x, y);
		if (distance < least) [least, nearest] = [distance, i];
	}
	prepared.nearest = nearest;
	return least;
}

/** An edge made ready to be asked, and a circle about it. */
interface PreparedEdge extends EdgeAnswers, Point {
	readonly radius: number;
}
interface PreparedOutline {
	readonly edges: readonly PreparedEdge[];
	nearest: number;
}

/** Outlines that were asked before: a pattern asks one for thousands of points. */
const PREPARED = new WeakMap<Outline, PreparedOutline>();

function prepareOutline(outline: Outline): PreparedOutline {
	const known = PREPARED.get(outline);
	if (known) return known;
	const edges = outline.map((edge): PreparedEdge => {
		const { left, top, right, bottom } = boundsOfOutline([edge]);
		const radius = Math.hypot(right - left, bottom - top) / 2;
		return { ...kindOf(edge).prepare(edge), x: (left + right) / 2, y: (top + bottom) / 2, radius };
	});
	const prepared: PreparedOutline = { edges, nearest: 0 };
	PREPARED.set(outline, prepared);
	return prepared;
}

/** Distance to the outline from inside; 0 outside. */
export function depthInOutline(outline: Outline, point: Point): number {
	return isInsideOutline(outline, point) ? distanceToOutline(outline, point) : 0;
}

export interface Bounds {
	readonly left: number;
	readonly top: number;
	readonly right: number;
	readonly bottom: number;
}

export function boundsOfOutline(outline: Outline): Bounds {
	const points = outline.flatMap((edge) => kindOf(edge).extremes(edge));
	const [xs, ys] = [points.map(({ x }) => x), points.map(({ y }) => y)];
	return { left: Math.min(...xs), top: Math.min(...ys), right: Math.max(...xs), bottom: Math.max(...ys) };
}

/** One ring of points, no chord further from the outline than `flatness`. */
export function flattenOutline(outline: Outline, flatness = 0.05): Ring {
	return outline.flatMap((edge) =>
		kindOf(edge)
			.flatten(edge, flatness)
			.flatMap(({ x, y }) => [x, y])
	);
}

/** Chords of an outline that is offset stray from it by at most this unless said, mm. */
const OFFSET_FLATNESS = 0.002;

/**
 * The rings whose every point lies `by` (mm) from the outline, inside it: none where it is too narrow, several where
 * it falls apart. Within 0.01 mm: curves are chords of 0.002 mm unless said, and clipper counts in 0.0001 mm. A circle and an ellipse are exact.
 */
export function offsetInwards(outline: Outline, by: number, flatness = OFFSET_FLATNESS): Ring[] {
	const closed = insetClosed(outline, Math.max(0, by), flatness);
	if (closed !== null) return closed.length > 0 ? [closed] : [];
	const ring = toClipper(flattenOutline(outline, flatness));
	if (by <= 0) return [fromClipper(ring)];
	return inflatePaths([ring], -by * 1e4, JoinType.Round, EndType.Polygon, 2, flatness * 1e4).map(fromClipper);
}

/** The same of one edge that closes on itself, exact but for chords; null for others. */
export function insetClosed([edge, ...others]: Outline, by: number, flatness: number): Ring | null {
	return edge === undefined || others.length > 0 ? null : (kindOf(edge).inset?.(edge, by, flatness) ?? null);
}

/** The first cells of a search along the longer side. */
const ACROSS = 16;
/** Cells that are looked into further at each size: along a ridge many are as deep. */
const MOST_CELLS = 200;

/** The largest distance to the outline that any point inside has, and where: a grid, then ever finer about its best cells (`most` of them: few do where it deepens towards one point). Within `precision`. */
export function deepestPoint(outline: Outline, precision = 0.01, most = MOST_CELLS): Point & { readonly depth: number } {
	const { left, top, right, bottom } = boundsOfOutline(outline);
	const first = Math.max(right - left, bottom - top) / ACROSS;
	let best = { x: (left + right) / 2, y: (top + bottom) / 2, depth: 0 };
	let cells: Point[] = [];
	const [columns, rows] = [right - left, bottom - top].map((size) => Math.min(ACROSS, Math.ceil(size / first)) || 0) as [number, number];
	for (let row = 0; row <= rows; row++)
		for (let column = 0; column <= columns; column++) cells.push({ x: left + (column + 0.5) * first, y: top + (row + 0.5) * first });
	for (let size = first; size > precision / 2 && cells.length > 0; size /= 2) {
		/** No point of a cell is deeper than its middle by more than half its diagonal. */
		const leastNow = () => best.depth + precision - size * Math.SQRT1_2;
		const open: (Point & { depth: number })[] = [];
		for (const { x, y } of cells) {
			const far = distanceToOutline(outline, { x, y });
			/** Whether it lies inside is asked of what would be looked into further. */
			const cell = { x, y, depth: far > Math.min(leastNow(), best.depth) && isInsideOutline(outline, { x, y }) ? far : 0 };
			if (cell.depth > best.depth) best = cell;
			if (cell.depth > leastNow()) open.push(cell);
		}
		const least = leastNow();
		open.splice(0, open.length, ...open.filter(({ depth }) => depth > least));
		if (open.length > most) open.sort((a, b) => b.depth - a.depth).length = most;
		cells = [];
		for (const { x, y } of open)
			for (const dy of [-size / 4, size / 4]) for (const dx of [-size / 4, size / 4]) cells.push({ x: x + dx, y: y + dy });
	}
	return best;
}

/** The same outline moved by so much. */
export function moveOutline(outline: Outline, dx: number, dy: number): Outline {
	const move = (point: Point): Point => ({ x: point.x + dx, y: point.y + dy });
	return outline.map((edge) => {
		if (edge.kind === 'ellipse') return { ...edge, centre: move(edge.centre) };
		const ends = { from: move(edge.from), to: move(edge.to) };
		return edge.kind === 'line' ? { ...edge, ...ends } : { ...edge, ...ends, centre: move(edge.centre) };
	});
}

/** The same for outlines that run alike, within a micrometre. */
export function keyOfOutline(outline: Outline): string {
	return JSON.stringify(outline, (_key, value: unknown) => (typeof value === 'number' ? Math.round(value * 1000) / 1000 + 0 : value));
}

/** SVG path data; arcs and ellipses stay what they are. Numbers to a thousandth. */
export function writeOutlinePath(outline: Outline, scale = 1): string {
	const write = (value: number) => String(Math.round(value * scale * 1000) / 1000);
	const start = startOf(outline[0]!);
	return `M${write(start.x)} ${write(start.y)}${outline.map((edge) => kindOf(edge).path(edge, write)).join('')}Z`;
}

function startOf(edge: Edge): Point {
	return edge.kind === 'ellipse' ? { x: edge.centre.x + edge.rx, y: edge.centre.y } : edge.from;
}
