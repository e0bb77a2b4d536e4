/** A column of the section: one step, or several that belong together folded into one. Widths in px. */
export interface Column {
	/** Places of its steps in the order. */
	readonly steps: readonly number[];
	/** What stands over it. */
	readonly label: string;
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
	readonly isFolded: boolean;
}

interface Named {
	readonly label: string;
	readonly detail: string;
	readonly isMark: boolean;
	/** What it belongs to: steps in a row that say the same can be folded. */
	readonly belongs: string;
}

interface Room {
	readonly from: number;
	readonly width: number;
	/** Whether the steps that belong together, from this place on, are to stay open. */
	readonly staysOpen: (first: number, last: number) => boolean;
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
/** Turned names that stand closer than this, in least widths, are not read with ease: steps are folded first. */
const EASE = 1.3;

/** Places in the order that share a column. */
type Group = readonly number[];

/**
 * Gives the steps their room: level names if they can be had, also by folding the first of what belongs together, the
 * preparation; then turned names, and where those stand too close more and more is folded, the longest row first.
 */
export function fitTreads(steps: readonly Named[], { from, width, staysOpen }: Room): Fit {
	const runs = runsOf(steps).filter((run) => !staysOpen(run[0]!, run.at(-1)!));
	const open = steps.map((_, i): Group => [i]);
	const first = runs.find((run) => run[0] === 0);
	const named = { steps, from };
	for (const groups of first ? [open, fold(open, first)] : [open]) {
		const widths = levelWidths(groups, steps, width - from);
		if (widths) return { ...lay(groups, widths, named), names: 'level', lines: linesOf(groups, steps, widths) };
	}
	const room = width - from - LEAN;
	const isTight = (groups: readonly Group[]) => groups.length * LEAST_TURNED.slab * EASE >= room;
	const order = [...(first ? [first] : []), ...runs.filter((run) => run !== first).sort((a, b) => b.length - a.length)];
	const groups = order.reduce((folded, run) => (isTight(folded) ? fold(folded, run) : folded), open);
	/** What is folded may have made room for level names again. */
	const level = levelWidths(groups, steps, width - from);
	return level
		? { ...lay(groups, level, named), names: 'level', lines: linesOf(groups, steps, level) }
		: { ...lay(groups, turnedWidths(groups, steps, room), named), names: 'turned', lines: { name: 1, detail: 0 } };
}

/** Steps in a row that belong together, two at least. */
function runsOf(steps: readonly Named[]): Group[] {
	const runs: number[][] = [];
	steps.forEach(({ belongs }, i) => {
		if (i > 0 && steps[i - 1]!.belongs === belongs) runs.at(-1)!.push(i);
		else runs.push([i]);
	});
	return runs.filter((run) => run.length > 1);
}

const fold = (groups: readonly Group[], run: Group): Group[] =>
	groups.flatMap((group) => (group[0] === run[0] ? [run] : run.includes(group[0]!) ? [] : [group]));

const labelOf = (group: Group, steps: readonly Named[]) => {
	const { label, belongs } = steps[group[0]!]!;
	return group.length > 1 ? `${belongs}, ${group.length}` : label;
};
const isNarrow = (group: Group, steps: readonly Named[]) => group.length > 1 || steps[group[0]!]!.isMark;

function lay(
	groups: readonly Group[],
	widths: readonly number[],
	{ steps, from }: { readonly steps: readonly Named[]; readonly from: number }
): Pick<Fit, 'columns' | 'end' | 'isFolded'> {
	let x = from;
	const columns = groups.map((group, i) => {
		const column = { steps: group, label: labelOf(group, steps), x, width: widths[i]! };
		x += widths[i]!;
		return column;
	});
	return { columns, end: x, isFolded: groups.some((group) => group.length > 1) };
}

function levelWidths(groups: readonly Group[], steps: readonly Named[], room: number): number[] | null {
	const least = groups.map((group) => {
		const longest = Math.max(
			...labelOf(group, steps)
				.split(/[\s-]/)
				.map((word) => word.length)
		);
		return Math.max(isNarrow(group, steps) ? LEAST.mark : LEAST.slab, longest * LETTER + PAD);
	});
	const most = groups.map((group, i) => Math.max(least[i]!, isNarrow(group, steps) ? MOST.mark : MOST.slab));
	const rest = room - sum(least);
	if (rest < 0) return null;
	const share = Math.min(1, rest / Math.max(1, sum(most) - sum(least)));
	return least.map((one, i) => one + (most[i]! - one) * share);
}

/** How many lines the tallest name and the tallest detail take in their columns. */
function linesOf(groups: readonly Group[], steps: readonly Named[], widths: readonly number[]): Fit['lines'] {
	const tallest = (text: (group: Group) => string, letter: number) =>
		Math.max(0, ...groups.map((group, i) => wrap(text(group), (widths[i]! - PAD) / letter)));
	return {
		name: tallest((group) => labelOf(group, steps), LETTER),
		detail: tallest((group) => (group.length > 1 ? '' : steps[group[0]!]!.detail), SMALL_LETTER)
	};
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

function turnedWidths(groups: readonly Group[], steps: readonly Named[], room: number): number[] {
	const shares = groups.map((group) => (isNarrow(group, steps) ? LEAST_TURNED.mark : LEAST_TURNED.slab));
	return shares.map((share) => (share * room) / sum(shares));
}

const sum = (numbers: readonly number[]) => numbers.reduce((total, number) => total + number, 0);
