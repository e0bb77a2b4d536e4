import { distanceToOutline, isInsideOutline } from '../../geometry';
import type { Mm, Mm2 } from '../../units';
import type { Field } from './fieldSchema';
import { patternOf } from './index';
import { passJoin } from './joins';
import { depthOnPart } from './layZone';
import { areaOfShape } from './ownShape';
import { hash } from './patchNoise';
import type { Join, Laid } from './types';

/** Cells of the first grid along the longer side. */
const FIRST = 32;
/** Each stretch is found to within so much of itself, as far as points asked allow. */
const TOLERANCE = 0.004;
const MOST_POINTS = 240_000;
/** Of the square root of the cells that a stretch shares with others, what their sum is off by. */
const NOISE = 0.3;
/** A stretch has a share of a cell from here on. */
const A_SHARE = 0.02;
const STRAY = 31;
/** Steps of it never come round to where they were. */
const GOLDEN = (Math.sqrt(5) - 1) / 2;

/** Cells of one size, by the x and y of their middles in turn: those that lie inside for certain, and those of which it is not known. */
interface Cells {
	readonly wide: Mm;
	readonly tall: Mm;
	readonly inner: readonly number[];
	readonly border: readonly number[];
}

/** What lies in cells: in all, and what each join has let through, mm2. */
interface Count {
	whole: Mm2;
	readonly passed: Mm2[];
}

/**
 * Area (mm2) of each stretch of a pattern whose level lines are not known: cells in which the colour cannot change, by the
 * bounds of the field, are counted whole, the others are cut in four, until each stretch is within about 1 % of itself, or `MOST_POINTS` were asked:
 * of the smallest stretch among small patches that is some 2 %, of the zone far less.
 */
export function areasByRefining(field: Field, joins: readonly Join[], laid: Laid): Mm2[] {
	const pattern = patternOf(field);
	const turns = pattern.turns?.(field) ?? Infinity;
	const whole = areaOfShape(laid.own);
	const settled: Count = { whole: 0, passed: joins.map(() => 0) };
	const ask = createCounter(field, joins, laid, settled);
	let cells = firstCells(laid.own);
	let last: number[] | null = null;
	for (let asked = 0; ;) {
		const { open, hits, next } = ask(cells);
		asked += (cells.inner.length + cells.border.length) / 2;
		const total = settled.whole + open.whole || 1;
		const passed = settled.passed.map((area, i) => ((area + open.passed[i]!) * whole) / total);
		const areas = [whole, ...passed].map((reached, i) => Math.max(0, reached - (passed[i] ?? 0)));
		const isFine = areas.every((area, i) => area > 0 && NOISE * cells.wide * cells.tall * Math.sqrt(hits[i]!) <= TOLERANCE * area);
		const isSteady =
			last !== null && cells.wide <= turns && areas.every((area, i) => area > 0 && Math.abs(area - last![i]!) <= TOLERANCE * area);
		const left = next.inner.length + next.border.length;
		if (isFine || isSteady || left === 0 || asked + 2 * left > MOST_POINTS) return areas;
		last = areas;
		cells = quarterCells(next);
	}
}

function firstCells({ width, height }: Laid['own']): Cells {
	const side = Math.max(width, height) / FIRST;
	const [columns, rows] = [Math.ceil(width / side), Math.ceil(height / side)];
	const [wide, tall] = [width / columns, height / rows];
	const border = Array.from({ length: columns * rows }, (_, i) => [((i % columns) + 0.5) * wide, (Math.floor(i / columns) + 0.5) * tall]);
	return { wide, tall, inner: [], border: border.flat() };
}

/** Asks the field once in each cell. Cells of one colour are settled; of the others: what they seem to hold, how many each stretch has a share of, and which they are. */
function createCounter(field: Field, joins: readonly Join[], laid: Laid, settled: Count) {
	const pattern = patternOf(field);
	const turns = pattern.turns?.(field) ?? Infinity;
	let asked = 0;
	return ({ wide, tall, inner, border }: Cells) => {
		const cell = wide * tall;
		const within = Math.hypot(wide, tall) / 2;
		const open: Count = { whole: 0, passed: joins.map(() => 0) };
		const hits = new Array<number>(joins.length + 1).fill(0);
		const next = { wide, tall, inner: [] as number[], border: [] as number[] };
		const visit = (x: number, y: number, isInner: boolean) => {
			asked++;
			if (isInner && pattern.bounds) {
				const depth = depthOnPart(field, laid, x, y);
				const [least, most] = pattern.bounds(field, depth, within, laid.region);
				if (isOneColour(joins, least, most)) return addCell(settled, null, joins, depth, cell);
			}
			if (isInner) next.inner.push(x, y);
			const [dx, dy] = placeToAsk(x / wide, y / tall, wide > turns ? asked : null);
			addCell(open, hits, joins, depthOnPart(field, laid, x + dx * wide, y + dy * tall), cell);
		};
		for (let i = 0; i < inner.length; i += 2) visit(inner[i]!, inner[i + 1]!, true);
		for (let i = 0; i < border.length; i += 2) {
			const [x, y] = [border[i]!, border[i + 1]!];
			const where = placeOfCell(laid.own, x, y, wide, tall);
			if (where === 'inside') visit(x, y, true);
			else if (where !== 'outside') {
				if (where === 'edge, in') visit(x, y, false);
				next.border.push(x, y);
			}
		}
		return { open, hits, next };
	};
}

function isOneColour(joins: readonly Join[], least: Mm, most: Mm): boolean {
	for (const join of joins) if (passJoin(join, least) !== passJoin(join, most)) return false;
	return true;
}

/**
 * Where in an open cell the field is asked, as shares of it from its middle: beside one another at ever other places, or a zone along
 * an edge would fall in step with the cells; anywhere, where the field turns within a cell, or its threads would.
 */
function placeToAsk(column: number, row: number, asked: number | null): readonly [number, number] {
	if (asked !== null) return [hash(asked, 0, STRAY) - 0.5, hash(asked, 1, STRAY) - 0.5];
	return [((row * GOLDEN) % 1) - 0.5, ((column * GOLDEN) % 1) - 0.5];
}

function addCell(count: Count, hits: number[] | null, joins: readonly Join[], depth: Mm, cell: Mm2): void {
	count.whole += cell;
	let reached = 1;
	for (let i = 0; i <= joins.length; i++) {
		const passed = i < joins.length ? passJoin(joins[i]!, depth) : 0;
		if (i < joins.length) count.passed[i]! += passed * cell;
		if (hits && reached - passed > A_SHARE) hits[i]!++;
		reached = passed;
	}
}

function quarterCells({ wide, tall, inner, border }: Cells): Cells {
	return { wide: wide / 2, tall: tall / 2, inner: quarter(inner, wide, tall), border: quarter(border, wide, tall) };
}

function quarter(cells: readonly number[], wide: Mm, tall: Mm): number[] {
	const quarters = new Array<number>(cells.length * 4);
	for (let i = 0, k = 0; i < cells.length; i += 2)
		for (let q = 0; q < 4; q++) {
			quarters[k++] = cells[i]! + ((q % 2) - 0.5) * (wide / 2);
			quarters[k++] = cells[i + 1]! + (Math.floor(q / 2) - 0.5) * (tall / 2);
		}
	return quarters;
}

/** Where a cell lies to what of a part is painted; one on its edge by where its middle lies. */
function placeOfCell({ outline, holes }: Laid['own'], x: Mm, y: Mm, wide: Mm, tall: Mm): 'inside' | 'outside' | 'edge, in' | 'edge, out' {
	const inside = outline === null || isInsideOutline(outline, { x, y });
	const onEdge = outline !== null && distanceToOutline(outline, { x, y }) < Math.hypot(wide, tall) / 2;
	if (!inside && !onEdge) return 'outside';
	let cut = onEdge;
	let isIn = inside;
	for (const hole of holes) {
		const [left, top] = [x - hole.x, y - hole.y];
		const over = left > -wide / 2 && top > -tall / 2 && left < hole.width + wide / 2 && top < hole.height + tall / 2;
		if (!over) continue;
		if (left >= wide / 2 && top >= tall / 2 && left <= hole.width - wide / 2 && top <= hole.height - tall / 2) return 'outside';
		cut = true;
		if (left > 0 && top > 0 && left < hole.width && top < hole.height) isIn = false;
	}
	return cut ? (isIn ? 'edge, in' : 'edge, out') : 'inside';
}

/** Cells along the longer side of a part, at least, on which a level line is followed. */
const GRID = 96;
/** A line is followed this much more closely than the pattern turns: chords are shorter than what they span. */
const FINER = 0.6;
/** Cells along each side of a block: the field is asked at their corners, once for each block that a line may run through. */
const BLOCK = 12;
/** Corners that are asked, at most: of more blocks as many as that, spread over the part, stand for all. */
const MOST_CORNERS = 150_000;

/**
 * Length of each join of a pattern whose level lines are not known, mm: its level line on a grid over the part, as fine as the pattern turns. Where that is
 * finer than can be asked, blocks of it that lie evenly among all stand for the others.
 */
export function lengthsOnGrid(field: Field, joins: readonly Join[], laid: Laid): Mm[] {
	const { own } = laid;
	const pattern = patternOf(field);
	const side = Math.min(Math.max(own.width, own.height) / GRID, FINER * (pattern.turns?.(field) ?? Infinity)) * BLOCK;
	const [columns, rows] = [Math.max(1, Math.ceil(own.width / side)), Math.max(1, Math.ceil(own.height / side))];
	const [wide, tall] = [own.width / columns, own.height / rows];
	const asked = Math.min(1, MOST_CORNERS / (columns * rows * (BLOCK + 1) ** 2));
	const lengths = joins.map(() => 0);
	let [met, taken] = [0, 0];
	for (let row = 0; row < rows; row++)
		for (let column = 0; column < columns; column++) {
			const [x, y] = [(column + 0.5) * wide, (row + 0.5) * tall];
			const where = placeOfCell(own, x, y, wide, tall);
			if (where === 'outside') continue;
			met++;
			/** As evenly as may be: by a step that never comes round. */
			if (asked < 1 && (column * GOLDEN + row * GOLDEN * GOLDEN) % 1 >= asked) continue;
			taken++;
			if (pattern.bounds && where === 'inside') {
				const [least, most] = pattern.bounds(field, depthOnPart(field, laid, x, y), Math.hypot(wide, tall) / 2, laid.region);
				if (joins.every(({ at }) => at <= least || at > most)) continue;
			}
			followInBlock(field, joins, laid, { left: x - wide / 2, top: y - tall / 2, wide, tall, isWhole: where === 'inside' }, lengths);
		}
	return taken === 0 ? lengths : lengths.map((length) => (length * met) / taken);
}

interface Block {
	readonly left: Mm;
	readonly top: Mm;
	readonly wide: Mm;
	readonly tall: Mm;
	/** All of it is painted. */
	readonly isWhole: boolean;
}

function followInBlock(field: Field, joins: readonly Join[], laid: Laid, { left, top, wide, tall, isWhole }: Block, lengths: Mm[]): void {
	const [w, h] = [wide / BLOCK, tall / BLOCK];
	const depths = new Float64Array((BLOCK + 1) ** 2);
	for (let row = 0, i = 0; row <= BLOCK; row++)
		for (let column = 0; column <= BLOCK; column++) depths[i++] = depthOnPart(field, laid, left + column * w, top + row * h);
	for (let row = 0; row < BLOCK; row++)
		for (let column = 0; column < BLOCK; column++) {
			const first = row * (BLOCK + 1) + column;
			const [a, b, c, d] = [depths[first]!, depths[first + 1]!, depths[first + BLOCK + 2]!, depths[first + BLOCK + 1]!];
			const [least, most] = [Math.min(a, b, c, d), Math.max(a, b, c, d)];
			for (const [k, { at }] of joins.entries()) {
				/** Nearly all cells lie on one side. */
				if (least >= at || most < at) continue;
				if (!isWhole && !isPainted(laid.own, left + (column + 0.5) * w, top + (row + 0.5) * h)) break;
				lengths[k]! += lengthInCell(a - at, b - at, c - at, d - at, w, h);
			}
		}
}

function isPainted({ outline, holes }: Laid['own'], x: Mm, y: Mm): boolean {
	if (outline !== null && !isInsideOutline(outline, { x, y })) return false;
	return holes.every((hole) => x < hole.x || y < hole.y || x > hole.x + hole.width || y > hole.y + hole.height);
}

/** Places on the sides of a cell, by x and y in turn; made once for all cells. */
const CUTS = new Float64Array(8);

/** Length of a level line in a cell, by how far its corners, one after the other, lie beyond it: where it crosses two sides, the straight line between. */
function lengthInCell(a: Mm, b: Mm, c: Mm, d: Mm, w: Mm, h: Mm): Mm {
	let n = 0;
	const cut = (x: number, y: number) => {
		CUTS[n++] = x * w;
		CUTS[n++] = y * h;
	};
	if (a < 0 !== b < 0) cut(a / (a - b), 0);
	if (b < 0 !== c < 0) cut(1, b / (b - c));
	if (c < 0 !== d < 0) cut(1 - c / (c - d), 1);
	if (d < 0 !== a < 0) cut(0, 1 - d / (d - a));
	let length = 0;
	for (let i = 0; i < n; i += 4) length += Math.sqrt((CUTS[i + 2]! - CUTS[i]!) ** 2 + (CUTS[i + 3]! - CUTS[i + 1]!) ** 2);
	return length;
}
