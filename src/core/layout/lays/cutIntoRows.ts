import type { Mm } from '../../units';
import type { LaidItem } from '../arrangements/types';

interface Step {
	readonly x: Mm;
	readonly y: Mm;
}

/** Items that follow each other at one step, in one line or in several at one distance, as one sheet with several repeats would lay them. */
export interface Row {
	/** Along it, each from its first line to its last. */
	readonly columns: readonly (readonly LaidItem[])[];
	/** From one column to the next, mm; 0, 0 of one alone. */
	readonly step: Step;
	/** From one line to the next, mm; 0, 0 where there is one. */
	readonly down: Step;
}

/** Steps that differ by less are the same sheet, mm. */
export const SAME: Mm = 0.3;
/** Further apart than so many of their own widths they share no sheet. */
const APART = 2;

/**
 * The rows of an arrangement on its parts, in bands of as many lines as a sheet of them has. Items are of one row where they are alike (motif, scale, turn, mirrored) and lie at the same step along
 * their own width; what is set apart by hand, turned along a line or cut out stands alone.
 * Lines join a band where they follow each other at one distance, item over item.
 */
export function cutIntoRows(items: readonly LaidItem[], linesOf: (item: LaidItem) => number = () => 1): Row[] {
	const rows: LaidItem[][] = [];
	for (const part of new Set(items.map((item) => item.part)))
		for (const item of items.filter((one) => one.part === part)) {
			const row = rows.at(-1);
			if (row && row[0]!.part === part && follows(row, item)) row.push(item);
			else rows.push([item]);
		}
	const bands: LaidItem[][][] = [];
	for (const row of rows) {
		const band = bands.at(-1);
		if (band && band.length < linesOf(row[0]!) && joins(band, row)) band.push(row);
		else bands.push([row]);
	}
	return bands.map((lines) => {
		const [first, second] = lines as [LaidItem[], LaidItem[] | undefined];
		return {
			columns: first.map((_, column) => lines.map((line) => line[column]!)),
			step: first.length > 1 ? between(first[0]!, first[1]!) : NONE,
			down: second ? between(first[0]!, second[0]!) : NONE
		};
	});
}

const NONE: Step = { x: 0, y: 0 };

/** A line lies under the last of a band as that under the one before it: as long, each item square below its own, no further off than they share a sheet. */
function joins(band: readonly (readonly LaidItem[])[], row: readonly LaidItem[]): boolean {
	const last = band.at(-1)!;
	const [a, b] = [last[0]!, row[0]!];
	if (a.part !== b.part || last.length !== row.length || !isLike(a, b)) return false;
	const turn = (a.turn * Math.PI) / 180;
	const step = between(a, b);
	const off = step.x * Math.cos(turn) + step.y * Math.sin(turn);
	const down = step.y * Math.cos(turn) - step.x * Math.sin(turn);
	const own = Math.abs(a.height * Math.cos(turn)) + Math.abs(a.width * Math.sin(turn));
	if (Math.abs(off) > SAME || down <= 0 || down > APART * own) return false;
	const isSame = (one: Step) => Math.hypot(one.x - step.x, one.y - step.y) <= SAME;
	return row.every((item, i) => isSame(between(last[i]!, item))) && (band.length === 1 || isSame(between(band.at(-2)![0]!, a)));
}

/** Of one sheet: the same motif, as large and as it lies, and where its arrangement put it. */
function isLike(a: LaidItem, b: LaidItem): boolean {
	if (a.motif === null || a.motif !== b.motif || a.role !== b.role || a.byHand || b.byHand) return false;
	return a.scale === b.scale && a.mirrored === b.mirrored && Math.abs(a.turn - b.turn) <= 1e-6;
}

function follows(row: readonly LaidItem[], item: LaidItem): boolean {
	const last = row.at(-1)!;
	if (!isLike(last, item)) return false;
	const step = between(last, item);
	const turn = (item.turn * Math.PI) / 180;
	const off = step.y * Math.cos(turn) - step.x * Math.sin(turn);
	const along = step.x * Math.cos(turn) + step.y * Math.sin(turn);
	const own = Math.abs(item.width * Math.cos(turn)) + Math.abs(item.height * Math.sin(turn));
	if (Math.abs(off) > SAME || Math.abs(along) > APART * own) return false;
	if (row.length === 1) return true;
	const first = between(row[0]!, row[1]!);
	return Math.hypot(step.x - first.x, step.y - first.y) <= SAME;
}

function between(a: LaidItem, b: LaidItem): Step {
	return { x: b.centre.x - a.centre.x, y: b.centre.y - a.centre.y };
}
