import type { Project } from '../project';
import { flattenOutline } from '../geometry';
import { layZone, linesOfJoins } from '../layout';
import { isBoxOutline, type Part } from '../piece';
import type { ItemRow, Plan } from '../plan';
import { formatLength, type Mm } from '../units';
import { wrapText } from './flowLines';
import { wordZone } from './wordZone';
import { drawLevelDimension, drawUprightDimension } from './drawDimension';
import { PAGE_MARGIN, PAPERS, type Page, type PageItem } from './page';

const ROW: Mm = 6;
/** Where the drawing begins, and how tall it may be. */
const DRAWING_TOP: Mm = 42;
const DRAWING_TALLEST: { readonly level: Mm; readonly upright: Mm } = { level: 82, upright: 120 };
const LEFT: Mm = PAGE_MARGIN + 16;
/** Room for the dimension at the right of the drawing. */
const RIGHT: Mm = PAGE_MARGIN + 10;
/** From line to line of the notes. */
const NOTE: Mm = 4.4;
const NOTE_SIZE: Mm = 3.1;

/** The pages of one drawer front: its drawing with dimensions, and a row of figures for every placement, in the order of placing. */
export function describeFront(project: Project, plan: Plan, part: Part, paper: Project['paper']): Page[] {
	const { width, height } = PAPERS[paper];
	const rows = numberRows(plan, part);
	const tallest = part.height > part.width ? DRAWING_TALLEST.upright : DRAWING_TALLEST.level;
	const scale = Math.min((width - LEFT - RIGHT) / part.width, tallest / part.height);
	const notes = zoneNotes(project, plan, part, width);
	const notesTop = DRAWING_TOP + part.height * scale + 18;
	const tableTop = notesTop + notes.length * NOTE + 6;
	const first = Math.max(1, Math.floor((height - PAGE_MARGIN - 18 - tableTop) / ROW));
	const later = Math.floor((height - PAGE_MARGIN - 18 - 34) / ROW);
	const pages: NumberedRow[][] = [rows.slice(0, first)];
	for (let at = first; at < rows.length; at += later) pages.push(rows.slice(at, at + later));
	return pages.map((some, i) => {
		const items = [...header(project, part, pages.length > 1 ? ` (${i + 1} of ${pages.length})` : '', width), ...footer(height)];
		if (i === 0)
			items.push(
				...drawing({ project, plan, part, rows, scale }),
				...notes.map((text, n): PageItem => ({ kind: 'text', x: PAGE_MARGIN, y: notesTop + n * NOTE, text, size: NOTE_SIZE, ink: 'ink' }))
			);
		items.push(...table({ project, rows: some, top: i === 0 ? tableTop : 34, width, total: rows.length }));
		return { width, height, title: `${part.name}${i > 0 ? `, page ${i + 1}` : ''}`, items };
	});
}

type NumberedRow = ItemRow & {
	readonly label: string;
	/** Of a second arrangement, whose numbers stand above their motifs. */ readonly above: boolean;
};

/** Arrangement by arrangement in the order of placing; where there are several, each has a letter. */
function numberRows(plan: Plan, part: Part): NumberedRow[] {
	const rows = plan.items.filter((item) => item.part === part.id && item.motif !== null);
	const laid = [...new Set(rows.map(({ arrangement }) => arrangement))];
	return laid.flatMap((arrangement, i) =>
		rows
			.filter((row) => row.arrangement === arrangement)
			.sort((a, b) => a.order - b.order)
			.map((row) => ({
				...row,
				rings: row.rings,
				label: `${laid.length > 1 ? String.fromCharCode(65 + (i % 26)) : ''}${row.order}`,
				above: i % 2 === 1
			}))
	);
}

function header(project: Project, part: Part, more: string, width: Mm): PageItem[] {
	const size = [part.width, part.height].map((mm) => formatLength(mm, project.units).text).join(' wide, ');
	return [
		{ kind: 'text', x: PAGE_MARGIN, y: 20, text: `${part.name}${more}`, size: 7, ink: 'ink', bold: true },
		{
			kind: 'text',
			x: PAGE_MARGIN,
			y: 27,
			text: `${project.piece.name} · ${size} high · measure from the left and the top edge of this ${part.role === 'face' ? 'face' : 'part'}`,
			size: 3.4,
			ink: 'soft'
		},
		{ kind: 'line', x1: PAGE_MARGIN, y1: 30, x2: width - PAGE_MARGIN, y2: 30, weight: 0.3, ink: 'ember' }
	];
}

function footer(height: Mm): PageItem[] {
	const text = 'The labels of your own paints come first. Print at 100 %, not fitted to the page; check the square on the motif page.';
	return [{ kind: 'text', x: PAGE_MARGIN, y: height - PAGE_MARGIN, text, size: 2.8, ink: 'soft' }];
}

function drawing({
	project,
	plan,
	part,
	rows,
	scale
}: {
	readonly project: Project;
	readonly plan: Plan;
	readonly part: Part;
	readonly rows: readonly NumberedRow[];
	readonly scale: number;
}): PageItem[] {
	const at = (x: Mm, y: Mm) => [LEFT + x * scale, DRAWING_TOP + y * scale] as const;
	const [right, bottom] = at(part.width, part.height);
	const write = (mm: Mm) => formatLength(mm, project.units).text;
	const items: PageItem[] = [outlineOf(part, at, scale)];
	for (const zone of project.layout.zones)
		for (const { laid } of layZone(zone, plan, plan.items).filter((one) => one.part.id === part.id))
			for (const stretch of (linesOfJoins(zone, laid) ?? []).flat()) {
				const [[x1, y1], [x2, y2]] = [at(stretch[0], stretch[1]), at(stretch[2], stretch[3])];
				items.push({ kind: 'line', x1, y1, x2, y2, weight: 0.12, ink: 'faint' });
			}
	for (const { rings } of plan.items.filter((item) => item.part === part.id && item.motif === null))
		items.push({
			kind: 'rings',
			rings: rings.map((ring) => ring.map((value, i) => (i % 2 === 0 ? LEFT : DRAWING_TOP) + value * scale)),
			fill: '#ebe6db',
			weight: 0.1,
			ink: 'faint'
		});
	items.push(...drawPlacements(rows, part, scale));
	for (const { footprint } of part.hardware) {
		const [x, y] = at(footprint.x + footprint.width / 2, footprint.y + footprint.height / 2);
		items.push({
			kind: 'circle',
			x,
			y,
			radius: (Math.min(footprint.width, footprint.height) / 2) * scale,
			weight: 0.25,
			ink: 'ink',
			fill: '#ffffff'
		});
	}
	items.push(...drawLevelDimension({ from: LEFT, to: right, at: bottom + 9, off: bottom, text: write(part.width) }));
	items.push(...drawUprightDimension({ from: DRAWING_TOP, to: bottom, at: LEFT - 9, off: LEFT, text: write(part.height) }));
	const leftmost = [...rows].sort((a, b) => a.left - b.left).find((row) => row.half === 'none');
	if (leftmost && leftmost.left > 0.5) {
		const [x, y] = at(leftmost.left, leftmost.top);
		items.push(
			...drawLevelDimension({
				from: LEFT,
				to: x,
				at: DRAWING_TOP - 4,
				off: DRAWING_TOP,
				text: write(leftmost.left),
				size: 2.6,
				ink: 'ember'
			})
		);
		items.push(
			...drawUprightDimension({ from: DRAWING_TOP, to: y, at: right + 5, off: right, text: write(leftmost.top), size: 2.6, ink: 'ember' })
		);
	}
	return items;
}

/** Half the room that a number takes, mm. */
const NUMBER: Mm = 2.3;

/** Every motif with its number beside it: below it, or above where it is of a second arrangement; else wherever there is room by it. One that finds none stands in the table alone. */
function drawPlacements(rows: readonly NumberedRow[], part: Part, scale: number): PageItem[] {
	const motifs = rows.map(({ rings }): PageItem => ({
		kind: 'rings',
		rings: rings.map((ring) => ring.map((value, i) => (i % 2 === 0 ? LEFT : DRAWING_TOP) + value * scale)),
		fill: '#ddd6c8',
		weight: 0.12,
		ink: 'soft'
	}));
	const taken: { readonly x: Mm; readonly y: Mm }[] = [];
	const numbers = rows.flatMap((row): PageItem[] => {
		const spot = spotsBy(row, part, scale).find(({ x, y }) =>
			taken.every((other) => Math.abs(other.x - x) > 2 * NUMBER * 1.35 || Math.abs(other.y - y) > 2 * NUMBER)
		);
		if (!spot) return [];
		taken.push(spot);
		return [
			{ kind: 'circle', ...spot, radius: 2.2, weight: 0.2, ink: 'ember', fill: '#ffffff' },
			{ kind: 'text', x: spot.x, y: spot.y + 0.9, text: row.label, size: 2.6, ink: 'ember', anchor: 'middle', bold: true }
		];
	});
	return [...motifs, ...numbers];
}

/** Where a number may stand, the best first; below its motif, but not below the part. */
function spotsBy(row: NumberedRow, part: Part, scale: number): { readonly x: Mm; readonly y: Mm }[] {
	const [x, y] = [LEFT + row.centre.x * scale, DRAWING_TOP + row.centre.y * scale];
	const above = { x, y: DRAWING_TOP + Math.max(0, row.top) * scale - 2.6 };
	const below = { x, y: DRAWING_TOP + Math.min(row.top + row.height, part.height) * scale + 2.6 };
	const aside = (row.width * scale) / 2 + NUMBER;
	const spots = [...(row.above ? [above, below] : [below, above]), { x, y }, { x: x + aside, y }, { x: x - aside, y }];
	/** Beside the part stand its dimensions. */
	const [right, bottom] = [LEFT + part.width * scale, DRAWING_TOP + part.height * scale + 2.6];
	return spots.filter((spot) => spot.x >= LEFT && spot.x <= right && spot.y >= DRAWING_TOP - 2.6 && spot.y <= bottom + 1e-6);
}

/** The true outline, with what lies in it. */
function outlineOf(part: Part, at: (x: Mm, y: Mm) => readonly [Mm, Mm], scale: number): PageItem {
	if (isBoxOutline(part.outline)) {
		const [x, y] = at(0, 0);
		return { kind: 'rect', x, y, width: part.width * scale, height: part.height * scale, weight: 0.35, ink: 'ink', name: 'front' };
	}
	const flat = flattenOutline(part.outline, 0.1 / scale);
	const ring = flat.map((value, i) => (i % 2 === 0 ? LEFT : DRAWING_TOP) + value * scale);
	return { kind: 'rings', rings: [ring], fill: null, weight: 0.35, ink: 'ink', name: 'front' };
}

/** What each zone is on this part, in lines that fit the page. */
function zoneNotes(project: Project, plan: Plan, part: Part, width: Mm): string[] {
	const zones = project.layout.zones.map((zone) => wordZone(project, plan, zone, part.id));
	const arrangements = plan.arrangements.flatMap(({ notes }) => notes.filter((note) => note.part === part.id).map(({ text }) => text));
	return [...zones, ...arrangements].filter((text) => text !== '').flatMap((text) => wrapText(text, width - 2 * PAGE_MARGIN, NOTE_SIZE));
}

function remarkOf({ half, byHand, turn, mirrored, cutBy }: NumberedRow): string {
	const said = [
		half === 'left' ? 'right half' : half === 'right' ? 'left half' : '',
		mirrored ? 'mirrored' : '',
		turn !== 0 ? `turned ${Math.round(turn)}°` : '',
		half === 'none' && cutBy.length > 0 ? 'cut' : '',
		byHand ? 'by hand' : ''
	].filter(Boolean);
	return said.join(', ');
}

const COLUMNS = [
	{ title: 'Place', at: 0 },
	{ title: 'Motif', at: 14 },
	{ title: 'Left edge, from the left', at: 44 },
	{ title: 'Top edge, from the top', at: 88 },
	{ title: 'Centre, left', at: 130 },
	{ title: 'Centre, top', at: 156 }
] as const;

function table({
	project,
	rows,
	top,
	width,
	total
}: {
	readonly project: Project;
	readonly rows: readonly NumberedRow[];
	readonly top: Mm;
	readonly width: Mm;
	readonly total: number;
}): PageItem[] {
	if (total === 0)
		return [
			{ kind: 'text', x: PAGE_MARGIN, y: top, text: 'No motifs on it. What is taped stands on the tape page.', size: 3.4, ink: 'soft' }
		];
	const stretch = (width - 2 * PAGE_MARGIN) / 186;
	const x = (column: number) => PAGE_MARGIN + COLUMNS[column]!.at * stretch;
	const items: PageItem[] = COLUMNS.map(({ title }, c): PageItem => ({ kind: 'text', x: x(c), y: top, text: title, size: 3, ink: 'soft' }));
	items.push({ kind: 'line', x1: PAGE_MARGIN, y1: top + 1.6, x2: width - PAGE_MARGIN, y2: top + 1.6, weight: 0.25, ink: 'ink' });
	rows.forEach((row, i) => {
		const y = top + 1.6 + (i + 1) * ROW - 1.6;
		const motif = project.layout.motifs.find((other) => other.id === row.motif)!;
		const remark = remarkOf(row);
		const leftEdge = row.half === 'left' ? 'masked at its centre' : row.tape.left;
		const cells = [row.label, motif.name, leftEdge, row.tape.top, row.tape.centreFromLeft, row.tape.centreFromTop];
		cells.forEach((text, c) => {
			/** What is to be said of a motif stands small below its name. */
			const up = c === 1 && remark !== '' ? 1.3 : 0;
			items.push({
				kind: 'text',
				x: x(c),
				y: y - up,
				text,
				size: 3.6 - up / 2,
				ink: c === 0 ? 'ember' : 'ink',
				bold: c === 0 || c === 2 || c === 3
			});
		});
		if (remark !== '') items.push({ kind: 'text', x: x(1), y: y + 0.9, text: remark, size: 2, ink: 'soft' });
		items.push({ kind: 'line', x1: PAGE_MARGIN, y1: y + 1.6, x2: width - PAGE_MARGIN, y2: y + 1.6, weight: 0.1, ink: 'faint' });
	});
	return items;
}
