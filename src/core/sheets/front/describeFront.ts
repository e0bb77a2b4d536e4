import type { Part } from '../../piece';
import { datumWords, type Plan } from '../../plan';
import type { Project } from '../../project';
import { formatLength, type Mm } from '../../units';
import { wrapText } from '../flowLines';
import { PAGE_MARGIN, PAPERS, type Page, type PageItem } from '../page';
import { wordZone } from '../wordZone';
import { drawFront } from './drawFront';
import { numberRows, type NumberedLaid } from './numberRows';
import { placeTable, ROW } from './placeTable';
import { wordSettingOut } from './wordSettingOut';

/** Where the drawing begins, and how tall it may be. */
const DRAWING_TOP: Mm = 42;
const DRAWING_TALLEST: { readonly level: Mm; readonly upright: Mm } = { level: 82, upright: 120 };
const LEFT: Mm = PAGE_MARGIN + 16;
/** Room for the dimension at the right of the drawing. */
const RIGHT: Mm = PAGE_MARGIN + 10;
/** From line to line of the notes. */
const NOTE: Mm = 4.4;
const NOTE_SIZE: Mm = 3.1;
const LATER_TOP: Mm = 34;
/** Of the line under the heading; a long one is set smaller. */
const UNDER: Mm = 3.4;
const LETTER = 0.47;

/** The pages of one part: its drawing with dimensions, how its colours and motifs are set out, and a row of figures for each placement that is found by itself. */
export function describeFront(project: Project, plan: Plan, part: Part, paper: Project['paper']): Page[] {
	const { width, height } = PAPERS[paper];
	const laid = numberRows(project, plan, part);
	const listed = laid.flatMap((one) => one.listed);
	const tallest = part.height > part.width ? DRAWING_TALLEST.upright : DRAWING_TALLEST.level;
	const scale = Math.min((width - LEFT - RIGHT) / part.width, tallest / part.height);
	const at = (x: Mm, y: Mm) => [LEFT + x * scale, DRAWING_TOP + y * scale] as const;
	const bottom = height - PAGE_MARGIN - 18;
	/** Notes first, then the table; each goes on where the page is full. */
	const lines = notesOf(project, plan, part, laid).flatMap((text) => wrapText(text, width - 2 * PAGE_MARGIN, NOTE_SIZE));
	const pages: PageItem[][] = [drawFront({ project, plan, part, laid, page: { scale, at } })];
	let y = DRAWING_TOP + part.height * scale + 18;
	const turn = () => {
		pages.push([]);
		y = LATER_TOP + 4;
	};
	for (const text of lines) {
		if (y > bottom) turn();
		pages.at(-1)!.push({ kind: 'text', x: PAGE_MARGIN, y, text, size: NOTE_SIZE, ink: 'ink' });
		y += NOTE;
	}
	y += 6;
	for (let from = 0; from < listed.length;) {
		const room = Math.floor((bottom - y) / ROW);
		if (room < Math.min(2, listed.length - from)) {
			turn();
			continue;
		}
		const some = listed.slice(from, from + room);
		pages.at(-1)!.push(...placeTable({ project, part, rows: some, top: y, width }));
		from += some.length;
		y += (some.length + 1) * ROW;
		if (from < listed.length) turn();
	}
	return pages.map((items, i) => ({
		width,
		height,
		title: `${part.name}${i > 0 ? `, page ${i + 1}` : ''}`,
		items: [...header(project, part, pages.length > 1 ? ` (${i + 1} of ${pages.length})` : '', width), ...footer(height), ...items]
	}));
}

function header(project: Project, part: Part, more: string, width: Mm): PageItem[] {
	const size = [part.width, part.height].map((mm) => formatLength(mm, project.units).text).join(' wide, ');
	const { first } = datumWords(part, project.units);
	const under = `${project.piece.name} · ${size} high · ${first}`;
	return [
		{ kind: 'text', x: PAGE_MARGIN, y: 20, text: `${part.name}${more}`, size: 7, ink: 'ink', bold: true },
		{
			kind: 'text',
			x: PAGE_MARGIN,
			y: 27,
			text: under,
			size: Math.min(UNDER, (width - 2 * PAGE_MARGIN) / (under.length * LETTER)),
			ink: 'soft'
		},
		{ kind: 'line', x1: PAGE_MARGIN, y1: 30, x2: width - PAGE_MARGIN, y2: 30, weight: 0.3, ink: 'ember' }
	];
}

function footer(height: Mm): PageItem[] {
	const text = 'The labels of your own paints come first. Print at 100 %, not fitted to the page; check the square on the motif page.';
	return [{ kind: 'text', x: PAGE_MARGIN, y: height - PAGE_MARGIN, text, size: 2.8, ink: 'soft' }];
}

/** What each zone is on this part, how each arrangement is set out, and what is taped elsewhere. */
function notesOf(project: Project, plan: Plan, part: Part, laid: readonly NumberedLaid[]): string[] {
	const zones = project.layout.zones.map((zone) => wordZone(project, plan, zone, part.id));
	const placed = laid.flatMap((one) => wordSettingOut(one, part, project));
	const arrangements = plan.arrangements.flatMap(({ notes }) => notes.filter((note) => note.part === part.id).map(({ text }) => text));
	const isTaped = plan.arrangements.some(({ taping }) => taping.some((one) => one.part === part.id && one.strips.length > 0));
	const taped = isTaped ? ['What is taped here stands on the tape page.'] : [];
	return [...zones, ...placed, ...arrangements, ...taped].filter((text) => text !== '');
}
