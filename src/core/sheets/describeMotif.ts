import type { Project } from '../formats';
import { measureMotif, type Motif } from '../layout';
import { formatLength, MM_PER_INCH, type Mm } from '../units';
import { PAGE_MARGIN, PAPERS, type Page, type PageItem } from './page';

const TOP: Mm = 34;
/** Tiles of a motif that is larger than the page overlap by this, mm. */
const OVERLAP: Mm = 10;

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
	const rings = measureMotif(motif).rings;
	return Array.from({ length: across * down }, (_, i) => {
		const offset = { x: (i % across) * (room.width - OVERLAP), y: Math.floor(i / across) * (room.height - OVERLAP) };
		const origin =
			across * down === 1 ? { x: PAGE_MARGIN + (room.width - size.width) / 2, y: TOP } : { x: PAGE_MARGIN - offset.x, y: TOP - offset.y };
		const more =
			across * down > 1
				? ` (${i + 1} of ${across * down}; cut along the dashed lines, overlap ${formatLength(OVERLAP, project.units).text})`
				: '';
		const placed = rings.map((ring) => ring.map((value, at) => (at % 2 === 0 ? origin.x : origin.y) + value * scale));
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
			...registerMarks(origin, size),
			...(across * down > 1 ? [tileFrame(room)] : []),
			...square.items
		];
		return { width, height, title: `${motif.name} at ${scale.toFixed(2)}`, items };
	});
}

function tiles(size: Mm, room: Mm): number {
	return size <= room ? 1 : Math.ceil((size - OVERLAP) / (room - OVERLAP));
}

/** The lines that meet in the centre of the motif, and its frame: what the figures of the fronts are measured to. */
function registerMarks(origin: { x: Mm; y: Mm }, size: { width: Mm; height: Mm }): PageItem[] {
	const [cx, cy] = [origin.x + size.width / 2, origin.y + size.height / 2];
	return [
		{ kind: 'rect', ...origin, ...size, weight: 0.12, ink: 'ember', name: 'motif-frame' },
		{ kind: 'line', x1: cx, y1: origin.y - 3, x2: cx, y2: origin.y + size.height + 3, weight: 0.12, ink: 'ember', dashed: true },
		{ kind: 'line', x1: origin.x - 3, y1: cy, x2: origin.x + size.width + 3, y2: cy, weight: 0.12, ink: 'ember', dashed: true }
	];
}

function tileFrame(room: { width: Mm; height: Mm }): PageItem {
	return { kind: 'rect', x: PAGE_MARGIN, y: TOP, ...room, weight: 0.12, ink: 'soft' };
}

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
