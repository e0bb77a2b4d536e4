import { isInsideOutline } from '../../geometry';
import type { Mm } from '../../units';
import type { Field } from './fieldSchema';
import { patternOf } from './index';
import { depthOnPart } from './layZone';
import { GOLDEN, placeOfCell } from './placeOfCell';
import type { Join, LaidField } from './types';

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
export function lengthsOnGrid(field: Field, joins: readonly Join[], laid: LaidField): Mm[] {
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

function followInBlock(
	field: Field,
	joins: readonly Join[],
	laid: LaidField,
	{ left, top, wide, tall, isWhole }: Block,
	lengths: Mm[]
): void {
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

function isPainted({ outline, holes }: LaidField['own'], x: Mm, y: Mm): boolean {
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
