import type { Mm } from '../../units';
import type { LaidItem } from '../arrangements/types';

/** Items that follow each other in one line at one step, as one sheet with several repeats would lay them. */
export interface Row {
	readonly items: readonly LaidItem[];
	/** From one to the next, mm; 0, 0 of one alone. */
	readonly step: { readonly x: Mm; readonly y: Mm };
}

/** Steps that differ by less are the same sheet, mm. */
const SAME: Mm = 0.3;
/** Further apart than so many of their own widths they share no sheet. */
const APART = 2;

/**
 * The rows of an arrangement on its parts. Items are of one row where they are alike (motif, scale, turn, mirrored) and lie at the same step along
 * their own width; what is set apart by hand, turned along a line or cut out stands alone.
 */
export function cutIntoRows(items: readonly LaidItem[]): Row[] {
	const rows: LaidItem[][] = [];
	for (const part of new Set(items.map((item) => item.part)))
		for (const item of items.filter((one) => one.part === part)) {
			const row = rows.at(-1);
			if (row && row[0]!.part === part && follows(row, item)) row.push(item);
			else rows.push([item]);
		}
	return rows.map((row) => ({ items: row, step: row.length > 1 ? between(row[0]!, row[1]!) : { x: 0, y: 0 } }));
}

function follows(row: readonly LaidItem[], item: LaidItem): boolean {
	const last = row.at(-1)!;
	if (last.motif === null || last.motif !== item.motif || last.role !== item.role || last.byHand || item.byHand) return false;
	if (last.scale !== item.scale || last.mirrored !== item.mirrored || Math.abs(last.turn - item.turn) > 1e-6) return false;
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

function between(a: LaidItem, b: LaidItem): { x: Mm; y: Mm } {
	return { x: b.centre.x - a.centre.x, y: b.centre.y - a.centre.y };
}
