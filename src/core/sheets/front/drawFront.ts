import { layZone, linesOfJoins } from '../../layout';
import { colourOf, whereOf } from '../../layers';
import { datumOf, faceOf, isBoxOutline, isOwnSurface, ringOfCutout, holesIn, type MeasuredFace, type Part } from '../../piece';
import type { ItemRow, Plan } from '../../plan';
import type { Project } from '../../project';
import { formatLength, type Mm } from '../../units';
import { drawLevelDimension, drawUprightDimension } from '../drawDimension';
import type { PageItem } from '../page';
import { drawColours } from './drawColours';
import { drawNumbers } from './drawNumbers';
import type { NumberedLaid, NumberedRow } from './numberRows';
import { ringsOf, toPageRing, type ToPage } from './toPage';

/** A part as it will be: its colours, the doors, drawers and panels on it, where colours meet, what is taped, its motifs with their numbers, its hardware and its dimensions. */
export function drawFront({
	project,
	plan,
	part,
	laid,
	page
}: {
	readonly project: Project;
	readonly plan: Plan;
	readonly part: Part;
	readonly laid: readonly NumberedLaid[];
	readonly page: ToPage;
}): PageItem[] {
	const face = faceOf(plan.faces, part.face);
	const { at, scale } = page;
	const rows = laid.flatMap((one) => one.rows);
	const items: PageItem[] = [...drawColours(project, plan, part, page), ...drawWhatLiesOnIt(part, face, page)];
	for (const zone of project.layout.zones)
		for (const { laid: field } of layZone(zone, plan, plan.items).filter((one) => one.part.id === part.id))
			for (const stretch of (linesOfJoins(zone, field) ?? []).flat()) {
				const [[x1, y1], [x2, y2]] = [at(stretch[0], stretch[1]), at(stretch[2], stretch[3])];
				items.push({ kind: 'line', x1, y1, x2, y2, weight: 0.12, ink: 'faint' });
			}
	for (const item of plan.items.filter((one) => one.part === part.id)) {
		const hex = hexOf(item, project);
		const rings = item.rings.map((ring) => toPageRing(ring, page));
		if (rings.length > 0)
			items.push({ kind: 'rings', rings, fill: hex, weight: 0.12, ink: 'soft', name: item.motif === null ? 'tape' : 'motif' });
	}
	items.push(...cutByOutline(part, page));
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
	return [...items, ...drawNumbers(laid, part, page), ...drawDimensions(part, rows, project, page)];
}

/** What a motif or a stripe is painted in at last; paper where nothing goes through it yet. */
function hexOf({ arrangement, role }: ItemRow, { finish, palette }: Project): string {
	const colours = finish.coats.flatMap((coat) => {
		const where = whereOf(coat);
		const source = where.through === arrangement && (where.role === undefined || where.role === role) ? colourOf(coat) : null;
		return typeof source === 'string' ? [source] : [];
	});
	return palette.find(({ id }) => id === colours.at(-1))?.hex ?? '#ddd6c8';
}

/** Doors, drawers, panels, rails by their outlines; with their names where there is room for them. */
function drawWhatLiesOnIt(part: Part, face: MeasuredFace, page: ToPage): PageItem[] {
	const isWhole = part.role === 'face' || part.role === 'frame';
	const inside = isWhole ? face.parts.filter(isOwnSurface) : face.parts.filter(({ on }) => on === part.id);
	const holes = isWhole ? holesIn(face.whole, face) : [];
	return [
		...holes.map((hole): PageItem => ({
			kind: 'rings',
			rings: [toPageRing(ringOfCutout(hole), page)],
			fill: '#ffffff',
			weight: 0.12,
			ink: 'soft',
			name: 'opening'
		})),
		...inside.map((one): PageItem => ({
			kind: 'rings',
			rings: ringsOf(one, { x: one.x - part.x, y: one.y - part.y }, page),
			fill: null,
			weight: 0.2,
			ink: 'soft',
			name: `on it: ${one.name}`
		}))
	];
}

/** The true outline; what was drawn beyond it, and within its box, is white again. */
function cutByOutline(part: Part, page: ToPage): PageItem[] {
	const [x, y] = page.at(0, 0);
	const [width, height] = [part.width * page.scale, part.height * page.scale];
	if (isBoxOutline(part.outline)) return [{ kind: 'rect', x, y, width, height, weight: 0.35, ink: 'ink', name: 'front' }];
	const rings = ringsOf(part, { x: 0, y: 0 }, page);
	const past = 0.4;
	const box = [x - past, y - past, x + width + past, y - past, x + width + past, y + height + past, x - past, y + height + past];
	return [
		{ kind: 'rings', rings: [box, ...rings], fill: '#ffffff', weight: 0, ink: 'faint', name: 'beyond' },
		{ kind: 'rings', rings, fill: null, weight: 0.35, ink: 'ink', name: 'front' }
	];
}

/** Type of the figures of the part, to be read from a metre, and of those of its first motif. */
const FIGURE: Mm = 4.6;
const OWN_FIGURE: Mm = 3.4;

function drawDimensions(part: Part, rows: readonly NumberedRow[], { units }: Project, { at }: ToPage): PageItem[] {
	const [left, top] = at(0, 0);
	const [right, bottom] = at(part.width, part.height);
	const write = (mm: Mm) => formatLength(mm, units).text;
	const { across, down } = datumOf(part);
	const items = [
		...drawLevelDimension({ from: left, to: right, at: bottom + 10, off: bottom, text: write(part.width), size: FIGURE }),
		...drawUprightDimension({ from: top, to: bottom, at: left - 10, off: left, text: write(part.height), size: FIGURE })
	];
	/** Centre lines that figures are told from run through it. */
	const [middleX, middleY] = at(part.width / 2, part.height / 2);
	if (across === 'centre')
		items.push({ kind: 'line', x1: middleX, y1: top - 2, x2: middleX, y2: bottom + 2, weight: 0.15, ink: 'ember', dashed: true });
	if (down === 'centre')
		items.push({ kind: 'line', x1: left - 2, y1: middleY, x2: right + 2, y2: middleY, weight: 0.15, ink: 'ember', dashed: true });
	const leftmost = rows
		.map(({ row }) => row)
		.sort((a, b) => a.left - b.left)
		.find((row) => row.half === 'none' && row.left > 0.5 && row.top > 0);
	if (!leftmost || across !== 'left' || down !== 'top') return items;
	const [x, y] = at(leftmost.left, leftmost.top);
	return [
		...items,
		...drawLevelDimension({ from: left, to: x, at: top - 5, off: top, text: write(leftmost.left), size: OWN_FIGURE, ink: 'ember' }),
		...drawUprightDimension({ from: top, to: y, at: right + 6, off: right, text: write(leftmost.top), size: OWN_FIGURE, ink: 'ember' })
	];
}
