import type { LaidItem, SetOutField, SetOutRim, SetOutRing, SetOutRow, SetOutWay } from '../../layout';
import { kindOfArrangement } from '../../layout';
import type { Part } from '../../piece';
import { datumWords, type DatumWords, type ItemRow } from '../../plan';
import type { Project } from '../../project';
import { formatFine, formatLength, type LengthUnit, type Mm } from '../../units';
import type { NumberedLaid } from './numberRows';
import { remarkOf } from './placeTable';

/** How the places of an arrangement are found on a part, in which order they are laid, and what is not like the others. Source: methods 3. */
export function wordSettingOut(laid: NumberedLaid, part: Part, { units, layout }: Project): string[] {
	const words = datumWords(part, units);
	const labelOf = (item: LaidItem) => laid.rows.find(({ row }) => row === item)!.label;
	const told = laid.settings.flatMap(({ role, ways }) => {
		const sentences = [
			...ways.flatMap((way) => (way.way === 'row' ? [] : [sentenceOf(way, { words, unit: units, labelOf, part })])),
			...likeRows(ways).map((rows) => wordRows(rows, { words, unit: units, labelOf, part }, isListed(rows[0]!, laid)))
		];
		return laid.settings.length > 1 && sentences.length > 0 ? [`${NAMES[role] ?? role}: ${sentences.join(' ')}`] : sentences;
	});
	const said = [...told, ...exceptions(laid), orderOf(laid, layout)].filter((text) => text !== '');
	return said.length === 0 ? [] : [`${laid.name}: ${said.join(' ')}`];
}

/** What of an arrangement is set out by itself. */
const NAMES: Readonly<Record<string, string>> = { corner: 'Corners', motif: 'Sides', border: 'Border', field: 'Field', centre: 'Centre' };

/** Rows that have the same figures along them, as the two sides of a border have. */
function likeRows(ways: readonly SetOutWay[]): SetOutRow[][] {
	const likes = new Map<string, SetOutRow[]>();
	for (const way of ways) {
		if (way.way !== 'row') continue;
		const key = [way.along, ...way.items.map(({ centre }) => (way.along === 'level' ? centre.x : centre.y).toFixed(1))].join(' ');
		likes.set(key, [...(likes.get(key) ?? []), way]);
	}
	return [...likes.values()];
}

interface Telling {
	readonly words: DatumWords;
	readonly unit: LengthUnit;
	readonly part: Part;
	readonly labelOf: (item: LaidItem) => string;
}

const isListed = ({ items }: SetOutRow, { listed }: NumberedLaid) => listed.some(({ row }) => row === items[0]);

function sentenceOf(way: Exclude<SetOutWay, SetOutRow>, telling: Telling): string {
	switch (way.way) {
		case 'ring':
			return wordRing(way, telling);
		case 'rim':
			return wordRim(way, telling);
		case 'field':
			return wordField(way, telling);
	}
}

/** Dividers are set finer than a tape is read: to a tenth of a mm, or 1/64 in. */
const fine = (mm: Mm, unit: LengthUnit) => (unit === 'in' ? formatFine(mm, unit).text : formatLength(mm, unit, 0.1).text);
const FINEST: Readonly<Record<LengthUnit, Mm>> = { mm: 0.1, in: 25.4 / 64 };

function wordRing({ items, centre, radius, inset, steps, isClosed }: SetOutRing, { words, unit, part, labelOf }: Telling): string {
	const write = (mm: Mm) => formatLength(mm, unit).text;
	const isMiddle = Math.hypot(centre.x - part.width / 2, centre.y - part.height / 2) < 0.1;
	const pin =
		isMiddle && words.datum.across === 'centre' && words.datum.down === 'centre'
			? 'where the centre lines cross'
			: `${words.across(centre.x)}, ${words.down(centre.y)}`;
	const line = `Pin the centre ${pin}; pencil a circle of ${write(radius)} radius${inset === null ? '' : `, ${write(inset)} inside the edge`}.`;
	const first = items[0]!.centre;
	const begins = `Number ${labelOf(items[0]!)} on it: ${words.across(first.x)}, ${words.down(first.y)}`;
	const isEven = Math.max(...steps) - Math.min(...steps) < FINEST[unit];
	if (!isEven)
		return `${line} ${begins}; clockwise from it, straight across: ${listSteps(steps, [...items, items[0]!], { unit, labelOf })}${back(isClosed, labelOf(items[0]!))}.`;
	const told = Math.round(steps[0]! / FINEST[unit]) * FINEST[unit];
	const check = isClosed
		? ` The last step, back to it, is then ${fine(lastStep(told, items.length, radius), unit)}: if not, set the dividers anew.`
		: '';
	return `${line} ${begins}; step ${fine(steps[0]!, unit)} straight across from each to the next, clockwise.${check}`;
}

/** What is left for the last of so many steps round a circle, straight across, when the others are as they are told. */
export function lastStep(told: Mm, count: number, radius: Mm): Mm {
	const angle = 2 * Math.PI - (count - 1) * 2 * Math.asin(Math.min(1, told / (2 * radius)));
	return Math.abs(2 * radius * Math.sin(angle / 2));
}

function wordRim({ items, inset, steps, isClosed }: SetOutRim, { words, unit, labelOf }: Telling): string {
	const first = items[0]!.centre;
	const line = `Pencil a line ${formatLength(inset, unit).text} inside the edge. Number ${labelOf(items[0]!)} on it: ${words.across(first.x)}, ${words.down(first.y)}`;
	return `${line}; from it along the line, straight across: ${listSteps(steps, [...items, items[0]!], { unit, labelOf })}${back(isClosed, labelOf(items[0]!))}.`;
}

const back = (isClosed: boolean, first: string) => (isClosed ? `, the last one back to number ${first}` : '');

/** Those that are alike are told once, with the number that they reach. */
function listSteps(steps: readonly Mm[], items: readonly LaidItem[], { unit, labelOf }: Pick<Telling, 'unit' | 'labelOf'>): string {
	const told: { readonly text: string; count: number; to: number }[] = [];
	steps.forEach((step, i) => {
		/** Two halves that meet in a corner stand on one place. */
		if (step < FINEST[unit]) return;
		const text = fine(step, unit);
		const last = told.at(-1);
		if (last?.text === text) [last.count, last.to] = [last.count + 1, i + 1];
		else told.push({ text, count: 1, to: i + 1 });
	});
	if (told.length === 1) return `${told[0]!.text} to each`;
	return told
		.map(({ text, count, to }) => (count > 1 ? `${text} each up to ${labelOf(items[to]!)}` : `${text} to ${labelOf(items[to]!)}`))
		.join(', ');
}

function wordField({ columns, rows, aside }: SetOutField, { words }: Telling): string {
	const between =
		aside === null
			? ''
			: ` Between them, half a step aside: columns ${words.alongAcross(aside.columns)}; rows ${words.alongDown(aside.rows)}.`;
	return `Columns with their centres ${words.alongAcross(columns)}; rows ${words.alongDown(rows)}.${between}`;
}

function wordRows(rows: readonly SetOutRow[], { words, part, labelOf }: Telling, isInTable: boolean): string {
	const [{ along, items }] = rows as [SetOutRow];
	const isLevel = along === 'level';
	const [axis, size] = isLevel ? (['x', part.width] as const) : (['y', part.height] as const);
	const at = rows.map((row) => (isLevel ? words.down(row.at) : words.across(row.at)));
	const on = at.every((text) => text.startsWith('on '))
		? at[0]!
		: `on ${isLevel ? 'a level' : 'an upright'} line ${at.join(' and on one ')}`;
	const which = rows.map((row) => `${labelOf(row.items[0]!)} to ${labelOf(row.items.at(-1)!)}`).join(' and ');
	if (isInTable) return `Numbers ${which}: centres ${on}; mark their places of the table on one strip of tape.`;
	const within = items.map(({ centre }) => centre[axis]).filter((mm) => mm > -0.05 && mm < size + 0.05);
	return `Numbers ${which}: centres ${on}; mark on one strip of tape: ${isLevel ? words.alongAcross(within) : words.alongDown(within)}.`;
}

/** More are seen in the drawing. */
const MOST_EXCEPTIONS = 12;

/** Of what stands in no table: halves, and what is mirrored. */
function exceptions({ rows, listed }: NumberedLaid): string[] {
	const said = new Map<string, string[]>();
	for (const one of rows.filter((other) => !listed.includes(other))) {
		const remark = remarkOf(one.row);
		if (remark !== '') said.set(remark, [...(said.get(remark) ?? []), one.label]);
	}
	return [...said].map(([remark, labels]) => {
		const isSecond =
			remark === 'mirrored' &&
			labels.length > 2 &&
			labels.length >= Math.floor(rows.length / 2) &&
			isEverySecond(rows.map(({ row }) => row));
		if (labels.length > MOST_EXCEPTIONS && !isSecond) return `${remark[0]!.toUpperCase()}${remark.slice(1)}: as in the drawing.`;
		return isSecond ? 'Every second one is mirrored.' : `${remark[0]!.toUpperCase()}${remark.slice(1)}: ${labels.join(', ')}.`;
	});
}

const isEverySecond = (rows: readonly ItemRow[]) => rows.every(({ mirrored }, i) => i === 0 || mirrored !== rows[i - 1]!.mirrored);

/** More than so many are not told one by one. */
const MOST_IN_ORDER = 16;

function orderOf({ rows }: NumberedLaid, { arrangements }: Project['layout']): string {
	if (rows.length < 3) return '';
	const inOrder = [...rows].sort((a, b) => a.row.order - b.row.order);
	if (inOrder.every((one, i) => one === rows[i])) return '';
	if (rows.length <= MOST_IN_ORDER) return `Lay them in this order: ${inOrder.map(({ label }) => label).join(', ')}.`;
	const arrangement = arrangements.find(({ id }) => id === rows[0]!.row.arrangement)!;
	return kindOfArrangement(arrangement).spreads ? 'Lay them from the top down.' : 'Lay them from the middle outwards.';
}
