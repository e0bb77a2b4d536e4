import type { Project } from '../formats';
import { patternOf } from '../layout';
import type { Part } from '../piece';
import type { ItemRow, Plan } from '../plan';
import { formatLength, type Mm } from '../units';
import { drawLevelDimension, drawUprightDimension } from './drawDimension';
import { PAGE_MARGIN, PAPERS, type Page, type PageItem } from './page';

const ROW: Mm = 6;
/** Where the drawing begins, and how tall it may be. */
const DRAWING_TOP: Mm = 42;
const DRAWING_TALLEST: Mm = 82;
const LEFT: Mm = PAGE_MARGIN + 16;

/** The pages of one drawer front: its drawing with dimensions, and a row of figures for every placement, in the order of placing. */
export function describeFront(project: Project, plan: Plan, part: Part, paper: Project['paper']): Page[] {
	const { width, height } = PAPERS[paper];
	const rows = numberRows(plan, part);
	const scale = Math.min((width - LEFT - PAGE_MARGIN) / part.width, DRAWING_TALLEST / part.height);
	const tableTop = DRAWING_TOP + part.height * scale + 26;
	const first = Math.max(1, Math.floor((height - PAGE_MARGIN - 18 - tableTop) / ROW));
	const later = Math.floor((height - PAGE_MARGIN - 18 - 34) / ROW);
	const pages: NumberedRow[][] = [rows.slice(0, first)];
	for (let at = first; at < rows.length; at += later) pages.push(rows.slice(at, at + later));
	return pages.map((some, i) => {
		const items = [...header(project, part, pages.length > 1 ? ` (${i + 1} of ${pages.length})` : '', width), ...footer(height)];
		if (i === 0) items.push(...drawing(project, plan, part, rows, scale), ...zoneNotes(project, plan, part, tableTop - 12));
		items.push(...table(project, some, i === 0 ? tableTop : 34, width, rows.length));
		return { width, height, title: `${part.name}${i > 0 ? `, page ${i + 1}` : ''}`, items };
	});
}

type NumberedRow = ItemRow & { readonly label: string };

/** Arrangement by arrangement in the order of placing; where there are several, each has a letter. */
function numberRows(plan: Plan, part: Part): NumberedRow[] {
	const rows = plan.items.filter((item) => item.part === part.id);
	const laid = [...new Set(rows.map(({ arrangement }) => arrangement))];
	return laid.flatMap((arrangement, i) =>
		rows
			.filter((row) => row.arrangement === arrangement)
			.sort((a, b) => a.order - b.order)
			.map((row) => ({ ...row, label: `${laid.length > 1 ? String.fromCharCode(65 + (i % 26)) : ''}${row.order}` }))
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
			text: `${project.piece.name} · ${size} high · measure from the left and the top edge of this front`,
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

function drawing(project: Project, plan: Plan, part: Part, rows: readonly NumberedRow[], scale: number): PageItem[] {
	const at = (x: Mm, y: Mm) => [LEFT + x * scale, DRAWING_TOP + y * scale] as const;
	const [right, bottom] = at(part.width, part.height);
	const write = (mm: Mm) => formatLength(mm, project.units).text;
	const items: PageItem[] = [
		{ kind: 'rect', x: LEFT, y: DRAWING_TOP, width: right - LEFT, height: bottom - DRAWING_TOP, weight: 0.35, ink: 'ink', name: 'front' }
	];
	for (const zone of plan.zones.filter((zone) => zone.part === part.id && followsEdge(project, zone.zone)))
		for (const { at: depth } of zone.joins) {
			const [x, y] = at(depth, depth);
			const [w, h] = [(part.width - 2 * depth) * scale, (part.height - 2 * depth) * scale];
			if (w > 0 && h > 0) items.push({ kind: 'rect', x, y, width: w, height: h, weight: 0.12, ink: 'faint' });
		}
	for (const row of rows) items.push(...drawPlacement(row, scale));
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

function drawPlacement(row: NumberedRow, scale: number): PageItem[] {
	const rings = row.rings.map((ring) => ring.map((value, i) => (i % 2 === 0 ? LEFT : DRAWING_TOP) + value * scale));
	const x = LEFT + row.centre.x * scale;
	const y = DRAWING_TOP + (row.top + row.height) * scale;
	return [
		{ kind: 'rings', rings, fill: '#ddd6c8', weight: 0.12, ink: 'soft' },
		{ kind: 'circle', x, y: y + 2.6, radius: 2.2, weight: 0.2, ink: 'ember', fill: '#ffffff' },
		{ kind: 'text', x, y: y + 3.5, text: row.label, size: 2.6, ink: 'ember', anchor: 'middle', bold: true }
	];
}

/** Only such a pattern is drawn as lines parallel to the edge. */
function followsEdge(project: Project, zone: string): boolean {
	const found = project.layout.zones.find(({ id }) => id === zone);
	return found?.over === 'each' && (found.field.pattern === 'edge-shade' || found.field.pattern === 'rings');
}

function zoneNotes(project: Project, plan: Plan, part: Part, y: Mm): PageItem[] {
	const nameOf = (id: string) => project.palette.find((colour) => colour.id === id)?.name ?? id;
	return plan.zones
		.filter((zone) => zone.part === part.id)
		.map((zone, i): PageItem => {
			const { field } = project.layout.zones.find(({ id }) => id === zone.zone)!;
			const [first, last] = patternOf(field).ends(field);
			const joins = zone.joins.map(({ at }) => formatLength(at, project.units).text).join(' and ');
			const where = followsEdge(project, zone.zone) ? 'in from the edge' : 'from the first';
			const meet = zone.joins.length === 0 ? '' : `; the colours meet ${joins} ${where}`;
			const text = `From ${first} to ${last}: ${zone.areas.map(({ colour }) => nameOf(colour)).join(', ')}${meet}.`;
			return { kind: 'text', x: PAGE_MARGIN, y: y + i * 4.5, text, size: 3.1, ink: 'ink' };
		});
}

const COLUMNS = [
	{ title: 'Place', at: 0 },
	{ title: 'Motif', at: 14 },
	{ title: 'Left edge, from the left', at: 44 },
	{ title: 'Top edge, from the top', at: 88 },
	{ title: 'Centre, left', at: 130 },
	{ title: 'Centre, top', at: 156 }
] as const;

function table(project: Project, rows: readonly NumberedRow[], top: Mm, width: Mm, total: number): PageItem[] {
	if (total === 0) return [{ kind: 'text', x: PAGE_MARGIN, y: top, text: 'No motifs on this front.', size: 3.4, ink: 'soft' }];
	const stretch = (width - 2 * PAGE_MARGIN) / 186;
	const x = (column: number) => PAGE_MARGIN + COLUMNS[column]!.at * stretch;
	const items: PageItem[] = COLUMNS.map(({ title }, c): PageItem => ({ kind: 'text', x: x(c), y: top, text: title, size: 3, ink: 'soft' }));
	items.push({ kind: 'line', x1: PAGE_MARGIN, y1: top + 1.6, x2: width - PAGE_MARGIN, y2: top + 1.6, weight: 0.25, ink: 'ink' });
	rows.forEach((row, i) => {
		const y = top + 1.6 + (i + 1) * ROW - 1.6;
		const motif = project.layout.motifs.find((other) => other.id === row.motif)!;
		const remark = row.half !== 'none' ? ` (${row.half === 'left' ? 'right' : 'left'} half)` : row.byHand ? ' (by hand)' : '';
		const leftEdge = row.half === 'left' ? 'masked at its centre' : row.tape.left;
		const cells = [row.label, `${motif.name}${remark}`, leftEdge, row.tape.top, row.tape.centreFromLeft, row.tape.centreFromTop];
		cells.forEach((text, c) =>
			items.push({ kind: 'text', x: x(c), y, text, size: 3.6, ink: c === 0 ? 'ember' : 'ink', bold: c === 0 || c === 2 || c === 3 })
		);
		items.push({ kind: 'line', x1: PAGE_MARGIN, y1: y + 1.6, x2: width - PAGE_MARGIN, y2: y + 1.6, weight: 0.1, ink: 'faint' });
	});
	return items;
}
