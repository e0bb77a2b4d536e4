import { areaOfOutline, isInsideOutline, offsetInwards, type Outline } from '../../geometry';
import type { Mm, Mm2 } from '../../units';
import type { Zone } from '../schema';
import { PATTERNS } from './index';
import type { Join, Region } from './types';

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
 * Area (mm2) of each colour of a zone on one part, from its field; they add up to the area of the part.
 * Exact for square corners of a box (the level lines are rectangles); else summed over a fine grid.
 */
export function areasOfColours(zone: Zone, region: Region): Mm2[] {
	const joins = PATTERNS[zone.pattern].joins(zone, region);
	if (region.outline !== null) return areasInOutline(zone, joins, region, region.outline);
	return zone.corners === 'square' ? areasOverDepth(joins, region.width, region.height) : areasOverGrid(zone, joins, region);
}

/** Length of the lines along which two colours meet on one part, mm: one for each join. For brushes and time. */
export function lengthsOfJoins(zone: Zone, region: Region): Mm[] {
	return PATTERNS[zone.pattern].joins(zone, region).map(({ at }) => {
		if (region.outline === null) return Math.max(0, 2 * (region.width + region.height) - 8 * at);
		return offsetInwards(region.outline, at).reduce((sum, ring) => sum + lengthOfRing(ring), 0);
	});
}

function lengthOfRing(ring: readonly number[]): Mm {
	let sum = 0;
	for (let i = 0, j = ring.length - 2; i < ring.length; j = i, i += 2) sum += Math.hypot(ring[i]! - ring[j]!, ring[i + 1]! - ring[j + 1]!);
	return sum;
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

function areasOverGrid(zone: Zone, joins: readonly Join[], region: Region): Mm2[] {
	const { width, height } = region;
	const areas = new Array<number>(joins.length + 1).fill(0);
	const cell = (width * height) / (GRID * GRID);
	for (let row = 0; row < GRID; row++) {
		const y = ((row + 0.5) * height) / (2 * GRID);
		for (let column = 0; column < GRID; column++)
			addShares(areas, joins, PATTERNS[zone.pattern].depthAt(zone, ((column + 0.5) * width) / (2 * GRID), y, region), cell);
	}
	return areas;
}

/** The whole box is gone over; what the grid is off in all is set right by the area of the outline, which is exact. */
function areasInOutline(zone: Zone, joins: readonly Join[], region: Region, outline: Outline): Mm2[] {
	const areas = new Array<number>(joins.length + 1).fill(0);
	for (let row = 0; row < GRID; row++)
		for (let column = 0; column < GRID; column++) {
			const point = { x: ((column + 0.5) * region.width) / GRID, y: ((row + 0.5) * region.height) / GRID };
			if (isInsideOutline(outline, point)) addShares(areas, joins, PATTERNS[zone.pattern].depthAt(zone, point.x, point.y, region), 1);
		}
	const found = areas.reduce((sum, area) => sum + area, 0);
	return areas.map((area) => (found === 0 ? 0 : (area * areaOfOutline(outline)) / found));
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
