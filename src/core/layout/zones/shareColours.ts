import { areaOfOutline, coverRings, flattenOutline } from '../../geometry';
import type { Mm, Mm2 } from '../../units';
import type { Zone } from '../schema';
import { depthOnPart, joinsOf } from './layZone';
import type { Join, Laid } from './types';

/**
 * How far each join has gone at a depth (mm): 0 before it, 1 after it, an even S between. The colour at the depth is
 * the mix of two neighbours. Source: methods 11.
 */
export function passJoin(join: Join, depth: Mm): number {
	if (join.half <= 0) return depth < join.at ? 0 : 1;
	const t = Math.min(1, Math.max(0, (depth - join.at + join.half) / (2 * join.half)));
	return t * t * (3 - 2 * t);
}

/** Share of each colour at a depth; they add up to 1. */
export function sharesAtDepth(joins: readonly Join[], depth: Mm): number[] {
	const passed = joins.map((join) => passJoin(join, depth));
	return [1, ...passed].map((reached, i) => reached - (passed[i] ?? 0));
}

/**
 * Area (mm2) of each stretch of a zone on one part, from its field; they add up to the area of the part.
 * Exact for square corners of a box (the level lines are rectangles); else summed over a fine grid.
 */
export function areasOfColours(zone: ZoneField, laid: Laid): Mm2[] {
	const joins = joinsOf(zone, laid.region);
	const isOwn = laid.region === laid.own && laid.own.outline === null;
	if (zone.field.pattern === 'edge-shade' && isOwn && zone.field.corners === 'square')
		return areasOverDepth(joins, laid.own.width, laid.own.height);
	return areasOverGrid(zone, joins, laid);
}

/** Length of the lines along which two colours meet on one part, mm: one for each join. For brushes and time. */
export function lengthsOfJoins(zone: ZoneField, laid: Laid): Mm[] {
	const joins = joinsOf(zone, laid.region);
	if (joins.length === 0) return [];
	if (zone.field.pattern === 'edge-shade' && laid.region === laid.own && laid.own.outline === null)
		return joins.map(({ at }) => Math.max(0, 2 * (laid.own.width + laid.own.height) - 8 * at));
	const { width, height } = laid.own;
	const depths = Float64Array.from({ length: (GRID + 1) ** 2 }, (_, i) =>
		depthOnPart(zone.field, laid, ((i % (GRID + 1)) * width) / GRID, (Math.floor(i / (GRID + 1)) * height) / GRID)
	);
	const inside = cellsInside(laid);
	return joins.map(({ at }) => lengthOfLevel(depths, inside, at, width / GRID, height / GRID));
}

type ZoneField = Pick<Zone, 'field' | 'colours' | 'leaves' | 'softness'>;

/** The level line of a field, cell by cell: where it crosses two sides of a cell, the straight line between. */
function lengthOfLevel(depths: Float64Array, inside: (cell: number) => boolean, at: Mm, w: Mm, h: Mm): Mm {
	let length = 0;
	for (let row = 0; row < GRID; row++)
		for (let column = 0; column < GRID; column++) {
			if (!inside(row * GRID + column)) continue;
			const first = row * (GRID + 1) + column;
			const below = (i: number) => depths[i]! < at;
			/** Nearly all cells lie on one side. */
			if (below(first) === below(first + 1) && below(first) === below(first + GRID + 1) && below(first) === below(first + GRID + 2))
				continue;
			const corners = [first, first + 1, first + GRID + 2, first + GRID + 1].map((i) => depths[i]! - at);
			const cuts = corners.flatMap((value, i) => {
				const next = corners[(i + 1) % 4]!;
				if (value < 0 === next < 0) return [];
				const t = value / (value - next);
				return [[i === 0 ? t : i === 1 ? 1 : i === 2 ? 1 - t : 0, i === 0 ? 0 : i === 1 ? t : i === 2 ? 1 : 1 - t] as const];
			});
			for (let i = 0; i + 1 < cuts.length; i += 2)
				length += Math.hypot((cuts[i + 1]![0] - cuts[i]![0]) * w, (cuts[i + 1]![1] - cuts[i]![1]) * h);
		}
	return length;
}

/** Which cells of the grid over a part have their middle inside its outline. */
function cellsInside({ own: { width, height, outline } }: Laid): (cell: number) => boolean {
	if (outline === null) return () => true;
	const ring = flattenOutline(outline).map((value, i) => (value * GRID) / (i % 2 === 0 ? width : height));
	const { data } = coverRings([ring], GRID, GRID, 1);
	return (cell) => data[cell]! > 127;
}

/** Between the ends of the joins the shares are cubics and the ring at depth d has 2 (w + h) - 8 d: three Gauss points are exact. */
function areasOverDepth(joins: readonly Join[], width: Mm, height: Mm): Mm2[] {
	const deepest = Math.min(width, height) / 2;
	const stops = [0, ...joins.flatMap(({ at, half }) => [at - half, at + half]), deepest]
		.filter((d) => d >= 0 && d <= deepest)
		.sort((a, b) => a - b);
	const areas = new Array<number>(joins.length + 1).fill(0);
	const nodes = [
		[-Math.sqrt(0.6), 5 / 18],
		[0, 8 / 18],
		[Math.sqrt(0.6), 5 / 18]
	] as const;
	for (let i = 0; i + 1 < stops.length; i++) {
		const [from, span] = [stops[i]!, stops[i + 1]! - stops[i]!];
		for (const [node, weight] of nodes) {
			const depth = from + (span * (1 + node)) / 2;
			const ring = (2 * (width + height) - 8 * depth) * span * weight;
			sharesAtDepth(joins, depth).forEach((share, colour) => (areas[colour]! += share * ring));
		}
	}
	return areas;
}

const GRID = 96;

/** The whole box is gone over; what the grid is off in all is set right by the area of the outline, which is exact. */
function areasOverGrid({ field }: ZoneField, joins: readonly Join[], laid: Laid): Mm2[] {
	const { width, height, outline } = laid.own;
	const areas = new Array<number>(joins.length + 1).fill(0);
	const inside = cellsInside(laid);
	for (let row = 0; row < GRID; row++)
		for (let column = 0; column < GRID; column++)
			if (inside(row * GRID + column))
				addShares(areas, joins, depthOnPart(field, laid, ((column + 0.5) * width) / GRID, ((row + 0.5) * height) / GRID), 1);
	const found = areas.reduce((sum, area) => sum + area, 0);
	const whole = outline === null ? width * height : areaOfOutline(outline);
	return areas.map((area) => (found === 0 ? 0 : (area * whole) / found));
}

function addShares(areas: number[], joins: readonly Join[], depth: Mm, cell: Mm2): void {
	let reached = 1;
	for (let i = 0; i < joins.length; i++) {
		const passed = passJoin(joins[i]!, depth);
		areas[i]! += (reached - passed) * cell;
		reached = passed;
	}
	areas[joins.length]! += reached * cell;
}
