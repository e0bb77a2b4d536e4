import type { Mm, Mm2 } from '../../units';
import type { Field } from './fieldSchema';
import { patternOf } from './index';
import { passJoin } from './joins';
import { depthOnPart } from './layZone';
import { areaOfShape } from './ownShape';
import { hash } from './patchNoise';
import { GOLDEN, placeOfCell } from './placeOfCell';
import type { Join, LaidField } from './types';

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
export function areasByRefining(field: Field, joins: readonly Join[], laid: LaidField): Mm2[] {
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

function firstCells({ width, height }: LaidField['own']): Cells {
	const side = Math.max(width, height) / FIRST;
	const [columns, rows] = [Math.ceil(width / side), Math.ceil(height / side)];
	const [wide, tall] = [width / columns, height / rows];
	const border = Array.from({ length: columns * rows }, (_, i) => [((i % columns) + 0.5) * wide, (Math.floor(i / columns) + 0.5) * tall]);
	return { wide, tall, inner: [], border: border.flat() };
}

/** Asks the field once in each cell. Cells of one colour are settled; of the others: what they seem to hold, how many each stretch has a share of, and which they are. */
function createCounter(field: Field, joins: readonly Join[], laid: LaidField, settled: Count) {
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
