import type { Project } from '../project';
import { intersectRings } from '../geometry';
import { ringsForScale, type Motif } from '../layout';
import { ringOfBox, type Box } from '../piece';
import { formatLength, MM_PER_INCH, type Mm } from '../units';
import { PAGE_MARGIN, PAPERS, type Page, type PageItem } from './page';

const TOP: Mm = 34;
/** Tiles of a motif that is larger than the page overlap by this, mm. */
const OVERLAP: Mm = 10;
/** Pages that one motif is spread over. */
const MOST_TILES = 120;

/** A motif at true size, over as many pages as it needs, with a square to check the printer by. */
export function describeMotif(project: Project, motif: Motif, scale: number, paper: Project['paper']): Page[] {
	const { width, height } = PAPERS[paper];
	const square = checkSquare(project, width, height);
	const size = { width: motif.width * scale, height: motif.height * scale };
	const above = { width: width - 2 * PAGE_MARGIN, height: square.y - 8 - TOP };
	const beside = { width: square.x - 8 - PAGE_MARGIN, height: height - PAGE_MARGIN - TOP };
	const fitsBeside = size.height > above.height && size.width <= beside.width && size.height <= beside.height;
	const room = fitsBeside ? beside : above;
	const [across, down] = [tiles(size.width, room.width), tiles(size.height, room.height)];
	if (across * down > MOST_TILES) return [describeLarge({ project, motif, scale, size, page: { width, height } })];
	const rings = ringsForScale(motif, scale);
	return Array.from({ length: across * down }, (_, i) => {
		const offset = { x: (i % across) * (room.width - OVERLAP), y: Math.floor(i / across) * (room.height - OVERLAP) };
		const origin =
			across * down === 1 ? { x: PAGE_MARGIN + (room.width - size.width) / 2, y: TOP } : { x: PAGE_MARGIN - offset.x, y: TOP - offset.y };
		const more = across * down > 1 ? ` (${i + 1} of ${across * down}: cut on the dashed lines, cross on cross)` : '';
		const isTiled = across * down > 1;
		const whole = rings.map((ring) => ring.map((value, at) => (at % 2 === 0 ? origin.x : origin.y) + value * scale));
		const tile = { x: PAGE_MARGIN, y: TOP, ...room };
		const placed = isTiled ? intersectRings(whole, [ringOfBox(tile)]) : whole;
		const items: PageItem[] = [
			{ kind: 'text', x: PAGE_MARGIN, y: 20, text: `${motif.name}, true size`, size: 7, ink: 'ink', bold: true },
			{
				kind: 'text',
				x: PAGE_MARGIN,
				y: 27,
				text: `Scale ${scale.toFixed(3)} · ${write(project, size.width)} wide, ${write(project, size.height)} high${more}`,
				size: 3.4,
				ink: 'soft'
			},
			{ kind: 'line', x1: PAGE_MARGIN, y1: 30, x2: width - PAGE_MARGIN, y2: 30, weight: 0.3, ink: 'ember' },
			{ kind: 'rings', rings: placed, fill: '#e4dfd4', weight: 0.2, ink: 'ink', name: 'motif' },
			...registerMarks(origin, size).flatMap((item) => (isTiled ? clipToTile(item, tile) : [item])),
			...(isTiled ? drawTile({ at: i, across, down, room, pageWidth: width }) : []),
			...square.items
		];
		return { width, height, title: `${motif.name} at ${scale.toFixed(2)}`, items };
	});
}

/** A motif that nobody would glue together: where to have it instead. */
function describeLarge({
	project,
	motif,
	scale,
	size,
	page
}: {
	readonly project: Project;
	readonly motif: Motif;
	readonly scale: number;
	readonly size: { width: Mm; height: Mm };
	readonly page: { width: Mm; height: Mm };
}): Page {
	const lines = [
		`Scale ${scale.toFixed(3)} · ${write(project, size.width)} wide, ${write(project, size.height)} high`,
		'At true size it would cover more pages than anybody glues together.',
		'Take its file for a cutter, on the page Cut sheets, or lay it smaller.'
	];
	const items: PageItem[] = [
		{ kind: 'text', x: PAGE_MARGIN, y: 20, text: motif.name, size: 7, ink: 'ink', bold: true },
		...lines.map((text, i): PageItem => ({ kind: 'text', x: PAGE_MARGIN, y: 27 + 6 * i, text, size: 3.4, ink: 'soft' }))
	];
	return { ...page, title: `${motif.name} at ${scale.toFixed(2)}`, items };
}

function tiles(size: Mm, room: Mm): number {
	return size <= room ? 1 : Math.ceil((size - OVERLAP) / (room - OVERLAP));
}

/** The lines that meet in the centre of the motif, and its frame: what the figures of the fronts are measured to. */
function registerMarks(origin: { x: Mm; y: Mm }, size: { width: Mm; height: Mm }): PageItem[] {
	const [cx, cy] = [origin.x + size.width / 2, origin.y + size.height / 2];
	const corners = [0, 1].flatMap((u) => [0, 1].map((v) => ({ x: origin.x + u * size.width, y: origin.y + v * size.height })));
	return [
		{ kind: 'rect', ...origin, ...size, weight: 0.12, ink: 'ember', name: 'motif-frame' },
		...corners.flatMap(({ x, y }): PageItem[] => [
			{ kind: 'line', x1: x - CROSS, y1: y, x2: x + CROSS, y2: y, weight: 0.2, ink: 'ember' },
			{ kind: 'line', x1: x, y1: y - CROSS, x2: x, y2: y + CROSS, weight: 0.2, ink: 'ember' }
		]),
		{ kind: 'line', x1: cx, y1: origin.y - 3, x2: cx, y2: origin.y + size.height + 3, weight: 0.12, ink: 'ember', dashed: true },
		{ kind: 'line', x1: origin.x - 3, y1: cy, x2: origin.x + size.width + 3, y2: cy, weight: 0.12, ink: 'ember', dashed: true }
	];
}

/** A mark that reaches over its tile ends at the edge of it; one that lies beside it is on another page. */
function clipToTile(item: PageItem, tile: Box): PageItem[] {
	const [right, bottom] = [tile.x + tile.width, tile.y + tile.height];
	if (item.kind === 'rect') {
		const { x, y, width, height, ...rest } = item;
		const sides = [
			[x, y, x + width, y],
			[x + width, y, x + width, y + height],
			[x, y + height, x + width, y + height],
			[x, y, x, y + height]
		] as const;
		return sides.flatMap(([x1, y1, x2, y2]) => clipToTile({ kind: 'line', x1, y1, x2, y2, weight: rest.weight, ink: rest.ink }, tile));
	}
	if (item.kind !== 'line') return [item];
	const [x1, x2] = [Math.max(tile.x, Math.min(item.x1, item.x2)), Math.min(right, Math.max(item.x1, item.x2))];
	const [y1, y2] = [Math.max(tile.y, Math.min(item.y1, item.y2)), Math.min(bottom, Math.max(item.y1, item.y2))];
	return x1 <= x2 && y1 <= y2 ? [{ ...item, x1, y1, x2, y2 }] : [];
}

/** Where a tile is cut: in the middle of what it has in common with its neighbour; a cross on each end of that line lies on the neighbour's; and a key of all tiles. */
function drawTile({
	at,
	across,
	down,
	room,
	pageWidth
}: {
	readonly at: number;
	readonly across: number;
	readonly down: number;
	readonly room: { width: Mm; height: Mm };
	readonly pageWidth: Mm;
}): PageItem[] {
	const [column, row] = [at % across, Math.floor(at / across)];
	const [left, top] = [PAGE_MARGIN, TOP];
	const [right, bottom] = [left + room.width, top + room.height];
	const cuts = { left: left + OVERLAP / 2, right: right - OVERLAP / 2, top: top + OVERLAP / 2, bottom: bottom - OVERLAP / 2 };
	const line = (x1: Mm, y1: Mm, x2: Mm, y2: Mm): PageItem => ({ kind: 'line', x1, y1, x2, y2, weight: 0.2, ink: 'ink', dashed: true });
	const cross = (x: Mm, y: Mm): PageItem[] => [
		{ kind: 'line', x1: x - CROSS, y1: y, x2: x + CROSS, y2: y, weight: 0.2, ink: 'ember' },
		{ kind: 'line', x1: x, y1: y - CROSS, x2: x, y2: y + CROSS, weight: 0.2, ink: 'ember' }
	];
	const upright = [...(column > 0 ? [cuts.left] : []), ...(column < across - 1 ? [cuts.right] : [])];
	const level = [...(row > 0 ? [cuts.top] : []), ...(row < down - 1 ? [cuts.bottom] : [])];
	const inset = { x: room.width / 4, y: room.height / 4 };
	return [
		...upright.flatMap((x) => [line(x, top, x, bottom), ...cross(x, top + inset.y), ...cross(x, bottom - inset.y)]),
		...level.flatMap((y) => [line(left, y, right, y), ...cross(left + inset.x, y), ...cross(right - inset.x, y)]),
		...Array.from({ length: across * down }, (_, k): PageItem => ({
			kind: 'rect',
			x: pageWidth - PAGE_MARGIN - (across - (k % across)) * KEY,
			y: 14 + Math.floor(k / across) * KEY,
			width: KEY,
			height: KEY,
			weight: 0.15,
			ink: 'soft',
			...(k === at ? { fill: '#a83c14', name: 'key-here' } : {})
		}))
	];
}

const CROSS: Mm = 3;
const KEY: Mm = 3.2;

function checkSquare(project: Project, width: Mm, height: Mm): { x: Mm; y: Mm; items: PageItem[] } {
	const side = project.units === 'in' ? 4 * MM_PER_INCH : 100;
	const label = project.units === 'in' ? '4 in' : '100 mm';
	const x = width - PAGE_MARGIN - side;
	const y = height - PAGE_MARGIN - side;
	const lines = [`This square is ${label} on every side.`, 'Measure it before you cut: if it is not,', 'print again at 100 %.'];
	return {
		x,
		y,
		items: [
			{ kind: 'rect', x, y, width: side, height: side, weight: 0.25, ink: 'ink', name: 'check-square' },
			...lines.map((text, i): PageItem => ({ kind: 'text', x: x + 5, y: y + 9 + i * 5, text, size: 3.4, ink: 'ink' }))
		]
	};
}

function write(project: Project, mm: Mm): string {
	return formatLength(mm, project.units).text;
}
