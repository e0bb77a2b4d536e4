import type { Part } from '../../piece';
import { datumWords, type Plan } from '../../plan';
import type { Project } from '../../project';
import { formatLength, type Mm } from '../../units';
import { wrapText } from '../flowLines';
import { PAGE_MARGIN, sizeOfPage, type Page, type PageItem } from '../page';
import { wordZone } from '../wordZone';
import { drawFront } from './drawFront';
import { numberRows, type NumberedLaid } from './numberRows';
import { placeTable, ROW } from './placeTable';
import { wordSettingOut } from './wordSettingOut';

/** Where the drawing begins; and how tall it is at least, as a share of the page, where words and figures would leave it less. */
const DRAWING_TOP: Mm = 42;
const LEAST_SHARE: { readonly level: number; readonly upright: number } = { level: 0.28, upright: 0.4 };
const LEFT: Mm = PAGE_MARGIN + 18;
/** Room for the dimension at the right of the drawing, and below it. */
const RIGHT: Mm = PAGE_MARGIN + 12;
const BELOW: Mm = 17;
/** From line to line of the notes. */
const NOTE: Mm = 5;
const NOTE_SIZE: Mm = 3.6;
/** Between notes and table. */
const BETWEEN: Mm = 6;
const LATER_TOP: Mm = 34;
/** Kept free above the footer. */
const FOOT: Mm = 10;
/** Of the line under the heading; a long one is set smaller. */
const UNDER: Mm = 3.4;
const LETTER = 0.47;
/** A page lies across where the part is drawn so much larger on it, since words read better on an upright one; for a wide part, where it is hardly smaller. */
const WORTH_TURNING = { wide: 0.95, other: 1.15 };
const WIDE = 2;
/** No page is turned for so few lines or rows. */
const FEW = 2;

/** How a part stands on its pages. */
interface FrontSetting {
	readonly width: Mm;
	readonly height: Mm;
	readonly scale: number;
	readonly lines: readonly string[];
}

/** The pages of one part: its drawing with dimensions, as large as the page and the words leave room for; how its colours and motifs are set out, and a row of figures for each placement that is found by itself. */
export function describeFront(project: Project, plan: Plan, part: Part, paper: Project['paper']): Page[] {
	const laid = numberRows(project, plan, part);
	const listed = laid.flatMap((one) => one.listed);
	const notes = notesOf(project, plan, part, laid);
	const [upright, across] = (['upright', 'across'] as const).map((lie) => settingOf(part, notes, listed.length, sizeOfPage(paper, lie)));
	const worth = part.width > WIDE * part.height ? WORTH_TURNING.wide : WORTH_TURNING.other;
	const { width, height, scale, lines } = across!.scale > worth * upright!.scale ? across! : upright!;
	const at = (x: Mm, y: Mm) => [LEFT + x * scale, DRAWING_TOP + y * scale] as const;
	const bottom = height - PAGE_MARGIN - FOOT;
	/** Notes first, then the table; each goes on where the page is full. */
	const pages: PageItem[][] = [drawFront({ project, plan, part, laid, page: { scale, at } })];
	let y = DRAWING_TOP + part.height * scale + BELOW;
	const turn = () => {
		pages.push([]);
		y = LATER_TOP + 6;
	};
	lines.forEach((text, i) => {
		const isLastButOne = i === lines.length - 2 && y + NOTE > bottom;
		if (y > bottom || (isLastButOne && i > 0)) turn();
		pages.at(-1)!.push({ kind: 'text', x: PAGE_MARGIN, y, text, size: NOTE_SIZE, ink: 'ink' });
		y += NOTE;
	});
	y += BETWEEN;
	for (let from = 0; from < listed.length;) {
		const fits = Math.floor((bottom - y) / ROW);
		const left = listed.length - from;
		/** No row stands alone on a page. */
		const room = left - fits === 1 && fits > 2 ? fits - 1 : fits;
		if (room < Math.min(2, left)) {
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

/** The drawing takes what words and figures leave of its page, or its least share, and they go on overleaf; a little less where that saves a page for a line or two. */
function settingOf(
	part: Part,
	notes: readonly string[],
	rows: number,
	{ width, height }: { readonly width: Mm; readonly height: Mm }
): FrontSetting {
	const lines = notes.flatMap((text) => wrapText(text, width - 2 * PAGE_MARGIN, NOTE_SIZE));
	const words = lines.length * NOTE + (rows === 0 ? 0 : BETWEEN + (rows + 1) * ROW);
	const room = height - PAGE_MARGIN - FOOT - DRAWING_TOP - BELOW - words;
	const least = (part.height > part.width ? LEAST_SHARE.upright : LEAST_SHARE.level) * height;
	const tallest = room >= least - FEW * ROW ? room : least;
	return { width, height, lines, scale: Math.min((width - LEFT - RIGHT) / part.width, tallest / part.height) };
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
	const text =
		'The labels of your own paints come first. Print at 100 %, not fitted to the page; check the square or the lines on the motif page.';
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
