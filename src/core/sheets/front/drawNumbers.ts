import type { Part } from '../../piece';
import type { Mm } from '../../units';
import type { PageItem } from '../page';
import type { NumberedLaid, NumberedRow } from './numberRows';
import type { ToPage } from './toPage';

/** Half of what a number takes, mm. */
const NUMBER: Mm = 2.8;
/** Of its type, and of the ring round it. */
const TYPE: Mm = 3.2;
const RING: Mm = 2.7;
/** Where more lie on a part only those that the table lists, and those that a line begins and ends with, bear one. */
const MOST_NUMBERS = 90;
/** A number that finds no room by its motif stands as near as it can, with a line to it: the step of looking, and how far. */
const STEP: Mm = 1.6;
/** A number stands so far off the edge of its motif. */
const OFF: Mm = 3.1;
const FURTHEST: Mm = 60;

interface Spot {
	readonly x: Mm;
	readonly y: Mm;
}

/** Every motif that the table lists, and where there is room for all every other too, with its number by it. */
export function drawNumbers(laid: readonly NumberedLaid[], part: Part, page: ToPage): PageItem[] {
	const all = laid.flatMap(({ rows }) => rows);
	const ends = new Set(
		laid.flatMap(({ settings }) => settings.flatMap(({ ways }) => ways.flatMap(({ items }) => [items[0]!, items.at(-1)!])))
	);
	const listed = laid.flatMap((one) => one.listed);
	const shown = all.length <= MOST_NUMBERS ? all : all.filter((one) => listed.includes(one) || ends.has(one.row));
	const taken: (Spot & { readonly half: Mm })[] = [];
	return shown.flatMap((one): PageItem[] => {
		const half = Math.max(NUMBER, 0.92 * one.label.length + 0.5);
		const isFree = ({ x, y }: Spot) =>
			taken.every((other) => Math.abs(other.x - x) > other.half + half || Math.abs(other.y - y) > 2 * NUMBER);
		const by = spotsBy(one, part, page, half);
		const spot = by.find(isFree) ?? nearest(centreOf(one, page), isFree, part, page);
		taken.push({ ...spot, half });
		const { x, y } = centreOf(one, page);
		const isBy = by.some((other) => other.x === spot.x && other.y === spot.y);
		return [
			...(isBy ? [] : [{ kind: 'line', x1: x, y1: y, x2: spot.x, y2: spot.y, weight: 0.15, ink: 'ember' } as const]),
			half === NUMBER
				? { kind: 'circle', ...spot, radius: RING, weight: 0.2, ink: 'ember', fill: '#ffffff' }
				: { kind: 'rect', x: spot.x - half, y: spot.y - 2.4, width: 2 * half, height: 4.8, weight: 0.2, ink: 'ember', fill: '#ffffff' },
			{ kind: 'text', x: spot.x, y: spot.y + 1.1, text: one.label, size: TYPE, ink: 'ember', anchor: 'middle', bold: true, name: 'number' }
		];
	});
}

function centreOf({ row }: NumberedRow, { at }: ToPage): Spot {
	const [x, y] = at(row.centre.x, row.centre.y);
	return { x, y };
}

/** Where a number may stand, the best first; below its motif, or above where it is of a second arrangement; not beside the part, where its dimensions are. */
function spotsBy({ row, above: isAbove }: NumberedRow, part: Part, { at, scale }: ToPage, half: Mm): Spot[] {
	const [x, y] = at(row.centre.x, row.centre.y);
	const [left, top] = at(0, 0);
	const [right, bottom] = at(part.width, part.height);
	const above = { x, y: at(0, Math.max(0, row.top))[1] - OFF };
	const below = { x, y: at(0, Math.min(row.top + row.height, part.height))[1] + OFF };
	const aside = (row.width * scale) / 2 + half;
	const spots = [...(isAbove ? [above, below] : [below, above]), { x, y }, { x: x + aside, y }, { x: x - aside, y }];
	return spots.filter((spot) => spot.x >= left && spot.x <= right && spot.y >= top - OFF && spot.y <= bottom + OFF + 1e-6);
}

/** As near as there is room on the part, in widening squares. */
function nearest(from: Spot, isFree: (spot: Spot) => boolean, part: Part, { at }: ToPage): Spot {
	const [left, top] = at(0, 0);
	const [right, bottom] = at(part.width, part.height);
	const within = ({ x, y }: Spot): Spot => ({ x: Math.min(Math.max(x, left), right), y: Math.min(Math.max(y, top - OFF), bottom + OFF) });
	for (let far = STEP; far <= FURTHEST; far += STEP)
		for (let along = -far; along <= far; along += STEP)
			for (const [dx, dy] of [
				[along, -far],
				[along, far],
				[-far, along],
				[far, along]
			] as const) {
				const spot = within({ x: from.x + dx, y: from.y + dy });
				if (isFree(spot)) return spot;
			}
	return within(from);
}
