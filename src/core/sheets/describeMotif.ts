import type { Project } from '../project';
import { intersectRings } from '../geometry';
import { ringsForScale, type Motif } from '../layout';
import { ringOfBox, type Box } from '../piece';
import { formatLength, MM_PER_INCH, type Mm } from '../units';
import { PAGE_MARGIN, sizeOfPage, type Page, type PageItem } from './page';

const TOP: Mm = 34;
/** Tiles of a motif that is larger than the page overlap by this, mm. */
const OVERLAP: Mm = 10;
/** Pages that one motif is spread over. */
const MOST_TILES = 60;

/**
 * A motif at true size, over as few pages as it needs, upright or across, with something to check the printer by: a square in the corner, or
 * where that would cost a page two lines along the edges.
 */
export function describeMotif(project: Project, motif: Motif, scale: number, paper: Project['paper']): Page[] {
	const size = { width: motif.width * scale, height: motif.height * scale };
	const { page, check, room } = settingFor(size, project, paper);
	const { width, height } = page;
	const across = tile(size.width, room.width);
	const down = tile(size.height, room.height);
	const count = across.count * down.count;
	if (count > MOST_TILES) return [describeLarge({ project, motif, scale, size, page })];
	const rings = ringsForScale(motif, scale);
	const isTiled = count > 1;
	const shown = { x: PAGE_MARGIN, y: TOP, width: across.size, height: down.size };
	return Array.from({ length: count }, (_, i) => {
		const offset = { x: (i % across.count) * (across.size - OVERLAP), y: Math.floor(i / across.count) * (down.size - OVERLAP) };
		const origin = isTiled
			? { x: PAGE_MARGIN - offset.x, y: TOP - offset.y }
			: { x: PAGE_MARGIN + (room.width - size.width) / 2, y: TOP + Math.min(LOWER, (room.height - size.height) / 2) };
		const more = isTiled ? ` (${i + 1} of ${count}: cut on the dashed lines, cross on cross)` : '';
		const whole = rings.map((ring) => ring.map((value, at) => (at % 2 === 0 ? origin.x : origin.y) + value * scale));
		const placed = isTiled ? intersectRings(whole, [ringOfBox(shown)]) : whole;
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
			...registerMarks(origin, size).flatMap((item) => (isTiled ? clipToTile(item, shown) : [item])),
			...(isTiled ? drawTile({ at: i, across: across.count, down: down.count, room: shown, pageWidth: width }) : []),
			...check
		];
		return { width, height, title: `${motif.name} at ${scale.toFixed(2)}`, items };
	});
}

interface Setting {
	readonly page: { readonly width: Mm; readonly height: Mm };
	/** What the printer is checked by. */
	readonly check: readonly PageItem[];
	/** What it leaves for the motif, from the left margin and below the heading. */
	readonly room: { readonly width: Mm; readonly height: Mm };
}

/** The first of the settings that takes the fewest pages: the square before the lines, upright before across. */
function settingFor(size: { readonly width: Mm; readonly height: Mm }, project: Project, paper: Project['paper']): Setting {
	const pages = (['upright', 'across'] as const).map((lie) => sizeOfPage(paper, lie));
	const settings = [...pages.flatMap((page) => withSquare(page, project)), ...pages.map((page) => withLines(page, project))];
	const count = ({ room }: Setting) => tile(size.width, room.width).count * tile(size.height, room.height).count;
	return settings.reduce((best, one) => (count(one) < count(best) ? one : best));
}

/** The square stands in the corner below, and the motif above it or beside it. */
function withSquare(page: Setting['page'], project: Project): Setting[] {
	const { x, y, items } = checkSquare(project, page.width, page.height);
	return [
		{ page, check: items, room: { width: page.width - 2 * PAGE_MARGIN, height: y - AWAY - TOP } },
		{ page, check: items, room: { width: x - AWAY - PAGE_MARGIN, height: page.height - PAGE_MARGIN - TOP } }
	];
}

/** A line of the same length along the right edge, and one along the lower. */
function withLines(page: Setting['page'], project: Project): Setting {
	const { side, label } = checkLength(project);
	const [right, bottom] = [page.width - PAGE_MARGIN, page.height - PAGE_MARGIN];
	const line = (x1: Mm, y1: Mm, x2: Mm, y2: Mm): PageItem => ({ kind: 'line', x1, y1, x2, y2, weight: 0.25, ink: 'ink' });
	const named = { name: 'check-line' };
	const said = `Both lines are ${label} long, this one and the one at the right edge. Measure them before you cut; if they are not, print again at 100 %.`;
	return {
		page,
		check: [
			{ ...line(PAGE_MARGIN, bottom, PAGE_MARGIN + side, bottom), ...named },
			line(PAGE_MARGIN, bottom - TICK, PAGE_MARGIN, bottom),
			line(PAGE_MARGIN + side, bottom - TICK, PAGE_MARGIN + side, bottom),
			{ ...line(right, TOP, right, TOP + side), ...named },
			line(right - TICK, TOP, right, TOP),
			line(right - TICK, TOP + side, right, TOP + side),
			{ kind: 'text', x: PAGE_MARGIN, y: bottom - TICK - 1.2, text: said, size: 2.6, ink: 'ink' }
		],
		room: { width: right - TICK - AWAY / 2 - PAGE_MARGIN, height: bottom - 2 * TICK - 3 - AWAY / 2 - TOP }
	};
}

const AWAY: Mm = 8;
const TICK: Mm = 3;
/** A motif alone on its page hangs no lower than so much under its heading. */
const LOWER: Mm = 12;

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

/** How many tiles a length takes, all of one size, so that none is a strip. */
function tile(size: Mm, room: Mm): { readonly count: number; readonly size: Mm } {
	const count = size <= room ? 1 : Math.ceil((size - OVERLAP) / (room - OVERLAP));
	return { count, size: count === 1 ? room : (size + (count - 1) * OVERLAP) / count };
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
	/** The edge of the motif lies on that of its last tile. */
	return x1 <= x2 + HAIR && y1 <= y2 + HAIR ? [{ ...item, x1, y1, x2, y2 }] : [];
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

const HAIR: Mm = 1e-6;
const CROSS: Mm = 3;
const KEY: Mm = 3.2;

function checkLength({ units }: Project): { readonly side: Mm; readonly label: string } {
	return units === 'in' ? { side: 4 * MM_PER_INCH, label: '4 in' } : { side: 100, label: '100 mm' };
}

function checkSquare(project: Project, width: Mm, height: Mm): { x: Mm; y: Mm; items: PageItem[] } {
	const { side, label } = checkLength(project);
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
