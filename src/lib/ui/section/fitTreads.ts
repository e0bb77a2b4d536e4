/** A column of the section: one step, or the preparation folded into one. Widths in px. */
export interface Column {
	/** Places of its steps in the order. */
	readonly steps: readonly number[];
	readonly x: number;
	readonly width: number;
}

export interface Fit {
	readonly columns: readonly Column[];
	/** Level where every word has room, turned where it has not. */
	readonly names: 'level' | 'turned';
	/** Of the tallest level name, and of the tallest detail below a name. */
	readonly lines: { readonly name: number; readonly detail: number };
	/** Where the board ends, px. */
	readonly end: number;
	/** How many steps of work come before the first coat. */
	readonly preparation: number;
	readonly isFolded: boolean;
}

interface Named {
	readonly label: string;
	readonly detail: string;
	readonly isMark: boolean;
}

/** px a letter of a name takes, wide ones included. */
const LETTER = 7.6;
/** The same of what stands below it. */
const SMALL_LETTER = 6.6;
const PAD = 10;
const LEAST = { mark: 54, slab: 58 };
const MOST = { mark: 90, slab: 240 };
/** A turned name leans over what is right of it; the last one too. */
const LEAN = 74;
const LEAST_TURNED = { mark: 19, slab: 22 };

/** Gives the steps their room between `from` and `width`: level names if they can be had, the preparation folded next, then turned names. */
export function fitTreads(steps: readonly Named[], from: number, width: number, fold: 'auto' | 'open'): Fit {
	const first = steps.findIndex(({ isMark }) => !isMark);
	const preparation = first < 0 ? 0 : first;
	const open = steps.map((_, i) => [i]);
	const folded = preparation < 2 ? open : [open.slice(0, preparation).flat(), ...open.slice(preparation)];
	for (const groups of fold === 'open' ? [open] : [open, folded]) {
		const level = levelWidths(groups, steps, width - from);
		if (level) return { ...lay({ groups, widths: level, from, names: 'level', preparation }), lines: linesOf(groups, steps, level) };
	}
	const room = width - from - LEAN;
	const groups = fold === 'open' || open.length * LEAST_TURNED.slab * 1.3 < room ? open : folded;
	return lay({ groups, widths: turnedWidths(groups, steps, room), from, names: 'turned', preparation });
}

function lay({
	groups,
	widths,
	from,
	names,
	preparation
}: {
	readonly groups: readonly number[][];
	readonly widths: readonly number[];
	readonly from: number;
	readonly names: Fit['names'];
	readonly preparation: number;
}): Fit {
	let x = from;
	const columns = groups.map((steps, i) => {
		const column = { steps, x, width: widths[i]! };
		x += widths[i]!;
		return column;
	});
	return { columns, names, lines: { name: 1, detail: 0 }, end: x, preparation, isFolded: groups.some((group) => group.length > 1) };
}

function levelWidths(groups: readonly number[][], steps: readonly Named[], room: number): number[] | null {
	const least = groups.map((group) => {
		const { label, isMark } = group.length > 1 ? { label: 'Preparation', isMark: true } : steps[group[0]!]!;
		const longest = Math.max(...label.split(/[\s-]/).map((word) => word.length));
		return Math.max(isMark ? LEAST.mark : LEAST.slab, longest * LETTER + PAD);
	});
	const most = groups.map((group, i) => Math.max(least[i]!, group.length === 1 && !steps[group[0]!]!.isMark ? MOST.slab : MOST.mark));
	const rest = room - sum(least);
	if (rest < 0) return null;
	const share = Math.min(1, rest / Math.max(1, sum(most) - sum(least)));
	return least.map((one, i) => one + (most[i]! - one) * share);
}

/** How many lines the tallest name and the tallest detail take in their columns. */
function linesOf(groups: readonly number[][], steps: readonly Named[], widths: readonly number[]): Fit['lines'] {
	const tallest = (text: (step: Named) => string, letter: number) =>
		Math.max(0, ...groups.map((group, i) => (group.length > 1 ? 1 : wrap(text(steps[group[0]!]!), (widths[i]! - PAD) / letter))));
	return { name: tallest(({ label }) => label, LETTER), detail: tallest(({ detail }) => detail, SMALL_LETTER) };
}

/** Lines that words take, so many letters to each. */
function wrap(text: string, letters: number): number {
	let [lines, used] = [text === '' ? 0 : 1, 0];
	for (const word of text.split(' ')) {
		if (used > 0 && used + 1 + word.length > letters) {
			lines++;
			used = word.length;
		} else used += (used > 0 ? 1 : 0) + word.length;
	}
	return lines;
}

function turnedWidths(groups: readonly number[][], steps: readonly Named[], room: number): number[] {
	const shares = groups.map((group) => (group.length === 1 && !steps[group[0]!]!.isMark ? LEAST_TURNED.slab : LEAST_TURNED.mark));
	return shares.map((share) => (share * room) / sum(shares));
}

const sum = (numbers: readonly number[]) => numbers.reduce((total, number) => total + number, 0);
