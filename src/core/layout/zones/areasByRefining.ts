import type { Mm, Mm2 } from '../../units';
import type { Field } from './fieldSchema';
import { patternOf } from './index';
import { passJoin } from './joins';
import { depthOnPart } from './layZone';
import { areaOfShape } from './ownShape';
import { hash } from './patchNoise';
import { GOLDEN, placeOfCell, shareOfCell } from './placeOfCell';
import type { Join, LaidField } from './types';

/** Cells of the first grid along the longer side. */
const FIRST = 32;
/** Two sizes of cells that differ by less, as a share of each stretch, are near enough, as far as points asked allow. */
const TOLERANCE = 0.004;
/** Nor by more than that, as a share of the stretch, by its spread. A stretch by itself then is off by some 2 %: docs/architecture.md, Areas. */
const SPREAD = 0.008;
const MOST_POINTS = 240_000;
/** What a cell that was asked once is off by, as a share of it, where a stretch has some of it. */
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
 * bounds of the field, are counted whole, the others are cut in four, until each stretch seems to be within 1 % of itself, or `MOST_POINTS` were asked:
 * of a stretch among small patches that is some 2 %, of the zone under 1 %.
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
		const { open, edge, spread, next } = ask(cells);
		asked += (cells.inner.length + cells.border.length) / 2;
		/** Cells that lie inside are as large as they are; those on the edge stand for what is left. */
		const inside = settled.whole + open.whole;
		const [all, rest] = edge.whole > 0 ? [1, Math.max(0, whole - inside) / edge.whole] : [whole / (inside || 1), 0];
		const passed = settled.passed.map((area, i) => all * (area + open.passed[i]!) + rest * edge.passed[i]!);
		const areas = [whole, ...passed].map((reached, i) => Math.max(0, reached - (passed[i] ?? 0)));
		const isFine = areas.every((area, i) => area > 0 && cells.wide * cells.tall * Math.sqrt(spread[i]!) <= SPREAD * area);
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
		const edge: Count = { whole: 0, passed: joins.map(() => 0) };
		const spread = new Array<number>(joins.length + 1).fill(0);
		const next = { wide, tall, inner: [] as number[], border: [] as number[] };
		const visit = (x: number, y: number, painted: number | null) => {
			const isInner = painted === null;
			asked++;
			let middle: Mm | null = null;
			if (isInner && pattern.bounds) {
				middle = depthOnPart(field, laid, x, y);
				const [least, most] = pattern.bounds(field, middle, within, laid.region);
				if (isOneColour(joins, least, most)) return addCell(settled, joins, middle, cell);
			}
			if (isInner) next.inner.push(x, y);
			const [dx, dy] = placeToAsk(x / wide, y / tall, wide > turns ? asked : null);
			const depth = depthOnPart(field, laid, x + dx * wide, y + dy * tall);
			if (isInner) addCell(open, joins, depth, cell);
			else addCell(edge, joins, depth, cell * painted);
			addSpread(spread, joins, depth, middle);
		};
		for (let i = 0; i < inner.length; i += 2) visit(inner[i]!, inner[i + 1]!, null);
		for (let i = 0; i < border.length; i += 2) {
			const [x, y] = [border[i]!, border[i + 1]!];
			const where = placeOfCell(laid.own, x, y, wide, tall);
			if (where === 'inside') visit(x, y, null);
			else if (where !== 'outside') {
				const painted = shareOfCell(laid.own, x, y, wide, tall);
				if (painted > 0) visit(x, y, painted);
				next.border.push(x, y);
			}
		}
		return { open, edge, spread, next };
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

function addCell(count: Count, joins: readonly Join[], depth: Mm, cell: Mm2): void {
	count.whole += cell;
	for (let i = 0; i < joins.length; i++) count.passed[i]! += passJoin(joins[i]!, depth) * cell;
}

/**
 * What each stretch may be off by in a cell, squared, as shares of the cell: by how the colour at one place of it differs from that in its middle. In a soft join that is
 * little, however large the cell; on a crisp edge all or nothing. Of a cell that was asked once: `NOISE`, where the stretch has some of it.
 */
function addSpread(spread: number[], joins: readonly Join[], depth: Mm, middle: Mm | null): void {
	let [reached, before] = [1, 1];
	for (let i = 0; i <= joins.length; i++) {
		const passed = i < joins.length ? passJoin(joins[i]!, depth) : 0;
		const there = i < joins.length && middle !== null ? passJoin(joins[i]!, middle) : 0;
		const share = reached - passed;
		if (middle !== null) spread[i]! += (share - (before - there)) ** 2;
		else if (share > A_SHARE) spread[i]! += NOISE ** 2;
		[reached, before] = [passed, there];
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
