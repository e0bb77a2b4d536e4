import type { Part } from '../../piece';
import type { Mm } from '../../units';
import type { LaidItem } from '../arrangements/types';
import { SAME_PLACE, type SetOutField } from './types';

/** Fewer in a row or a column are no field. */
const LEAST_LINES = 2;
/** Of its places at least so many are laid, as a share. */
const FILLED = 0.65;

/** All of them in rows and columns, every second row half a step aside or none; places may be left free. Null where they are not. Source: methods 3. */
export function findField(items: readonly LaidItem[], part: Part): SetOutField | null {
	const xs = valuesOf(items.map(({ centre }) => centre.x));
	const ys = valuesOf(items.map(({ centre }) => centre.y));
	if (xs.length < LEAST_LINES || ys.length < LEAST_LINES || items.length <= xs.length + ys.length - 2) return null;
	/** Of rows that stand aside the columns lie half a step apart. */
	const [half, line] = [leastStep(xs), leastStep(ys)];
	if (half === null || line === null) return null;
	const [x0, y0] = [xs[0]!, ys[0]!];
	const nodes = items.map(({ centre }) => ({
		column: Math.round((centre.x - x0) / half),
		row: Math.round((centre.y - y0) / line),
		centre
	}));
	const isOn = nodes.every(
		({ column, row, centre }) => Math.abs(centre.x - x0 - column * half) <= SAME_PLACE && Math.abs(centre.y - y0 - row * line) <= SAME_PLACE
	);
	if (!isOn) return null;
	const parity = new Set(nodes.map(({ column, row }) => Math.abs(column + row) % 2));
	const isAside = parity.size === 1 && nodes.some(({ row }) => row % 2 !== nodes[0]!.row % 2);
	/** Those along the edges of a box only are no field. */
	const nodesInAll = xs.length * ys.length * (isAside ? 0.5 : 1);
	if (items.length < FILLED * nodesInAll) return null;
	const within = (values: readonly Mm[], size: Mm) => values.filter((value) => value >= -SAME_PLACE && value <= size + SAME_PLACE);
	const linesOf = (own: readonly LaidItem[]) => ({
		columns: within(valuesOf(own.map(({ centre }) => centre.x)), part.width),
		rows: within(valuesOf(own.map(({ centre }) => centre.y)), part.height)
	});
	const isEven = (i: number) => Math.abs(nodes[i]!.row) % 2 === 0;
	return {
		way: 'field',
		items,
		...linesOf(isAside ? items.filter((_, i) => isEven(i)) : items),
		aside: isAside ? linesOf(items.filter((_, i) => !isEven(i))) : null,
		across: isAside ? 2 * half : half,
		down: isAside ? 2 * line : line
	};
}

/** Each once, from the least up. */
function valuesOf(all: readonly Mm[]): Mm[] {
	const sorted = [...all].sort((a, b) => a - b);
	return sorted.filter((value, i) => i === 0 || value - sorted[i - 1]! > SAME_PLACE);
}

/** Of which every step is a multiple; null where there is none. */
function leastStep(values: readonly Mm[]): Mm | null {
	const steps = values.slice(1).map((value, i) => value - values[i]!);
	const least = Math.min(...steps);
	return steps.every((step) => Math.abs(step / least - Math.round(step / least)) * least <= SAME_PLACE * 2) ? least : null;
}
