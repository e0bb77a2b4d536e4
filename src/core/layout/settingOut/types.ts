import type { Mm } from '../../units';
import type { LaidItem } from '../arrangements/types';

export interface Place {
	readonly x: Mm;
	readonly y: Mm;
}

/** One after the other on a circle, clockwise: a pin, a pencil line, dividers. */
export interface SetOutRing {
	readonly way: 'ring';
	readonly items: readonly LaidItem[];
	readonly centre: Place;
	readonly radius: Mm;
	/** From the edge of its part inwards, where that runs alike all round. */
	readonly inset: Mm | null;
	/** Where the first one stands, degrees clockwise from straight above the centre. */
	readonly first: number;
	/** From each to the next, straight across; of a ring that closes, the last one back to the first. */
	readonly steps: readonly Mm[];
	readonly isClosed: boolean;
}

/** One after the other on a line that follows the edge of its part. */
export interface SetOutRim {
	readonly way: 'rim';
	readonly items: readonly LaidItem[];
	readonly inset: Mm;
	readonly steps: readonly Mm[];
	readonly isClosed: boolean;
}

/** In one straight line, level or upright, at one step. */
export interface SetOutRow {
	readonly way: 'row';
	readonly items: readonly LaidItem[];
	readonly along: 'level' | 'upright';
	/** Of its line, from the left or the top. */
	readonly at: Mm;
	readonly step: Mm;
}

/** In rows and columns. */
export interface SetOutField {
	readonly way: 'field';
	readonly items: readonly LaidItem[];
	/** Centres of its columns and rows, as far as they lie on the part; of rows that stand half a step aside, of those that do not. */
	readonly columns: readonly Mm[];
	readonly rows: readonly Mm[];
	/** Rows between the others, half a step aside; their columns too. */
	readonly aside: { readonly columns: readonly Mm[]; readonly rows: readonly Mm[] } | null;
	readonly across: Mm;
	readonly down: Mm;
}

/** How a painter finds the places of an arrangement on a part. Mm from the left and the top of its box. */
export type SetOutWay = SetOutRing | SetOutRim | SetOutRow | SetOutField;

export interface SettingOut {
	readonly ways: readonly SetOutWay[];
	/** Found each by its own figures: placed by hand, or in no line with others. */
	readonly apart: readonly LaidItem[];
}

/** Places that differ by less are the same, mm: less than a pencil line. */
export const SAME_PLACE: Mm = 0.05;
/** Fewer than so many are sooner found each by itself. */
export const LEAST_COUNT = 3;

export const apartBy = (a: Place, b: Place): Mm => Math.hypot(a.x - b.x, a.y - b.y);

/** From each to the next, straight across, and back to the first. */
export function stepsOf(items: readonly LaidItem[], isClosed: boolean): Mm[] {
	const to = isClosed ? [...items, items[0]!] : items;
	return to.slice(1).map((item, i) => apartBy(to[i]!.centre, item.centre));
}

/** So many beside each other may be left out of a ring that closes all the same. */
const LEFT_OUT = 3;

/** All round, but for a few that are left out: none of the angles between neighbours (radians) is more than a few of the least. */
export function closes(angles: readonly number[]): boolean {
	return Math.max(...angles) < Math.PI && Math.max(...angles) < (LEFT_OUT + 1.5) * Math.min(...angles);
}
