import { flattenOutline } from '../../geometry';
import type { Project } from '../../project';
import { groundOn, GROUNDS, HARDWARE, type MeasuredFace } from '../../piece';
import type { Plan } from '../../plan';
import { formatLength, type Mm } from '../../units';
import { PAGE_MARGIN, PAPERS, type Page, type PageItem } from '../page';
import { describeHoles } from './describeHoles';
import { describeMeasured, type DrawnItem } from './describeMeasured';

/** Height of figures on paper. */
const FIGURES: Mm = 3;
/** One to so many. */
const SCALES = [0.5, 1, 2, 2.5, 4, 5, 6, 7.5, 8, 10, 12.5, 15, 20, 25, 30, 40, 50, 75, 100];
const TOP: Mm = 36;
const NOTES: Mm = 34;

/** The measured drawing of a piece: a page for each face that is measured, to scale, with its dimension lines and notes, and one for its holes. */
export function describeMeasuredPages(project: Project, plan: Plan, paper: Project['paper']): Page[] {
	return plan.faces
		.filter(({ idle }) => !idle)
		.flatMap((face) => [describePage(project, face, paper), ...describeHoles(project, plan, face, paper)]);
}

function describePage(project: Project, face: MeasuredFace, paper: Project['paper']): Page {
	const { width, height } = PAPERS[paper];
	const room = { width: width - 2 * PAGE_MARGIN, height: height - TOP - NOTES - PAGE_MARGIN };
	/** The figures take room themselves: the first scale of the row at which all of it goes on the page. */
	const drawn = (ratio: number) => ({ scale: 1 / ratio, drawing: describeMeasured(face, project.units, FIGURES * ratio) });
	const fits = ({ scale, drawing }: ReturnType<typeof drawn>) =>
		drawing.width * scale <= room.width && drawing.height * scale <= room.height;
	const { scale, drawing } = SCALES.map(drawn).find(fits) ?? drawn(SCALES.at(-1)!);
	const dx = PAGE_MARGIN + (room.width - drawing.width * scale) / 2 - drawing.left * scale;
	const dy = TOP - drawing.top * scale;
	return {
		width,
		height,
		title: `Measured drawing: ${face.name}`,
		items: [
			...heading(project, face, scale, width),
			...drawing.items.flatMap((item) => toPage(item, scale, dx, dy)),
			...notes(project, face, height)
		]
	};
}

function heading(project: Project, face: MeasuredFace, scale: number, width: Mm): PageItem[] {
	const size = [face.width, face.height].map((mm) => formatLength(mm, project.units).text).join(' × ');
	return [
		{ kind: 'text', x: PAGE_MARGIN, y: 20, text: face.name, size: 7, ink: 'ink', bold: true },
		{
			kind: 'text',
			x: PAGE_MARGIN,
			y: 27,
			text: `${project.piece.name} · ${size} · drawn 1 : ${Math.round(10 / scale) / 10}, figures in ${project.units === 'mm' ? 'mm' : 'inches'}`,
			size: 3.4,
			ink: 'soft'
		},
		{ kind: 'line', x1: PAGE_MARGIN, y1: 30, x2: width - PAGE_MARGIN, y2: 30, weight: 0.3, ink: 'ember' }
	];
}

function notes(project: Project, face: MeasuredFace, height: Mm): PageItem[] {
	const { units } = project;
	const write = (mm: Mm) => formatLength(mm, units, 0.1).text;
	const counts = new Map<string, number>();
	for (const { kind } of face.whole.hardware) counts.set(kind, (counts.get(kind) ?? 0) + 1);
	const stands = face.parts
		.filter(({ setOff }) => setOff !== 0)
		.map(({ name, setOff }) => `${name} ${write(Math.abs(setOff))} ${setOff > 0 ? 'proud' : 'recessed'}`);
	const filled = face.whole.filled.length;
	const others = face.parts
		.flatMap(({ id, name }) => (Object.hasOwn(face.grounds, id) ? [`; ${name} ${GROUNDS[groundOn(face, id)].name}`] : []))
		.join('');
	const lines = [
		`Ground: ${GROUNDS[face.ground].name}${others}.${face.floor === null ? '' : ` Bottom edge ${write(face.floor)} above the floor.`}`,
		counts.size > 0
			? `Hardware: ${[...counts].map(([kind, n]) => `${n} ${n === 1 ? HARDWARE[kind as 'knob'].name : HARDWARE[kind as 'knob'].plural}`).join(', ')}${filled > 0 ? `; ${filled} old holes to fill` : ''}.`
			: '',
		stands.length > 0 ? `Stands off: ${stands.join('; ')}.` : '',
		face.square?.verdict === 'out'
			? `Out of square by ${write(Math.abs(face.square.lean))} over its height, leaning to the ${face.square.lean > 0 ? 'right' : 'left'}.`
			: '',
		face.estimated ? 'Dashed lines are guesses: readings are missing.' : ''
	].filter((line) => line !== '');
	return lines.map((text, i): PageItem => ({
		kind: 'text',
		x: PAGE_MARGIN,
		y: height - PAGE_MARGIN - (lines.length - 1 - i) * 5,
		text: text.slice(0, 130),
		size: 3.2,
		ink: 'ink'
	}));
}

function toPage(item: DrawnItem, scale: number, dx: Mm, dy: Mm): PageItem[] {
	const [x, y] = [(mm: Mm) => dx + mm * scale, (mm: Mm) => dy + mm * scale];
	switch (item.kind) {
		case 'outline': {
			const ring = flattenOutline(item.outline, 0.1 / scale).map((value, i) => (i % 2 === 0 ? x(value) : y(value)));
			const weight = item.layer === 'OUTLINE' ? 0.45 : item.layer === 'GAPS' ? 0.12 : 0.28;
			if (!item.dashed) return [{ kind: 'rings', rings: [ring], fill: null, weight, ink: item.layer === 'GAPS' ? 'faint' : 'ink' }];
			return Array.from({ length: ring.length / 2 }, (_, i) => {
				const k = (2 * i + 2) % ring.length;
				return { kind: 'line', x1: ring[2 * i]!, y1: ring[2 * i + 1]!, x2: ring[k]!, y2: ring[k + 1]!, weight, ink: 'ink', dashed: true };
			});
		}
		case 'line':
			return [{ kind: 'line', x1: x(item.x1), y1: y(item.y1), x2: x(item.x2), y2: y(item.y2), weight: 0.12, ink: 'soft' }];
		case 'circle':
			return [
				{
					kind: 'circle',
					x: x(item.x),
					y: y(item.y),
					radius: item.radius * scale,
					weight: 0.2,
					ink: item.layer === 'HOLES' ? 'ember' : 'ink'
				}
			];
		case 'text':
			return [
				{
					kind: 'text',
					x: x(item.x),
					y: y(item.y),
					text: item.text,
					size: item.size * scale,
					ink: item.layer === 'TEXT' ? 'soft' : 'ink',
					anchor: item.anchor,
					...(item.turn === 0 ? {} : { turn: item.turn })
				}
			];
	}
}
