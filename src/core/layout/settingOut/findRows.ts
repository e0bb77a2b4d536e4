import type { LaidItem } from '../arrangements/types';
import { LEAST_COUNT, SAME_PLACE, type SetOutRow } from './types';

type Axis = 'x' | 'y';

/** Those that follow each other in a straight line, level or upright, at one step; and all that do not. */
export function findRows(items: readonly LaidItem[]): { readonly rows: SetOutRow[]; readonly others: LaidItem[] } {
	const rows: SetOutRow[] = [];
	const others: LaidItem[] = [];
	for (let i = 0; i < items.length;) {
		const longest = (['x', 'y'] as const)
			.map((axis) => ({ axis, length: lengthFrom(items, i, axis) }))
			.reduce((a, b) => (b.length > a.length ? b : a));
		if (longest.length >= LEAST_COUNT) {
			rows.push(rowOf(items.slice(i, i + longest.length), longest.axis));
			i += longest.length;
		} else others.push(items[i++]!);
	}
	return { rows, others };
}

/** How many follow each other from one on. */
function lengthFrom(items: readonly LaidItem[], from: number, axis: Axis): number {
	const across: Axis = axis === 'x' ? 'y' : 'x';
	const [first, second] = [items[from]!, items[from + 1]];
	if (second === undefined) return 1;
	const step = second.centre[axis] - first.centre[axis];
	if (Math.abs(step) <= SAME_PLACE) return 1;
	let length = 1;
	while (from + length < items.length) {
		const [last, next] = [items[from + length - 1]!, items[from + length]!];
		const isOn =
			next.motif === first.motif &&
			Math.abs(next.centre[across] - first.centre[across]) <= SAME_PLACE &&
			Math.abs(next.centre[axis] - last.centre[axis] - step) <= SAME_PLACE;
		if (!isOn) break;
		length++;
	}
	return length;
}

function rowOf(items: readonly LaidItem[], axis: Axis): SetOutRow {
	const sorted = [...items].sort((a, b) => a.centre[axis] - b.centre[axis]);
	const step = (sorted.at(-1)!.centre[axis] - sorted[0]!.centre[axis]) / (sorted.length - 1);
	return {
		way: 'row',
		items: sorted,
		along: axis === 'x' ? 'level' : 'upright',
		at: sorted[0]!.centre[axis === 'x' ? 'y' : 'x'],
		step
	};
}
