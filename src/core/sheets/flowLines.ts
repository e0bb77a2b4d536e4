import type { Mm } from '../units';
import { PAGE_MARGIN, PAPERS, type Ink, type Page, type PageItem } from './page';

/** A line of running text on a page; long ones are broken. */
export interface FlowLine {
	readonly text: string;
	readonly size?: Mm;
	readonly ink?: Ink;
	readonly bold?: boolean;
	/** In from the left margin, mm. */
	readonly indent?: Mm;
	/** At the right margin, on its first line. */
	readonly right?: string;
	/** Left free above, mm. */
	readonly before?: Mm;
	/** Begins on a new page where so much does not fit below it, mm. */
	readonly keep?: Mm;
}

/** The mean width of a letter, as a share of its size: measured on the type of the sheets, a little on the wide side. */
const LETTER = 0.5;
const LEADING = 1.35;
const TOP: Mm = 38;
const FOOT: Mm = 8;

/** A space at which no line is broken. */
const HELD = '\u00a0';
const UNITS = 'mm|cm|m|m²|in|ft|ml|l|fl oz|qt|min|h|days?|weeks?|%|°C|°F|µm|coats?|lays?|drops?';

const WHOLE_AND_FRACTION = /(\d) (?=\d+\/\d+)/g;
const WITH_UNIT = new RegExp(`(\\d) (?=(?:${UNITS})(?![\\p{L}\\d]))`, 'gu');

/** Whole inches with their fraction, and a figure with its unit, stand on one line; so does what parts two figures with the first. */
function holdFigures(text: string): string {
	return text.replace(WHOLE_AND_FRACTION, `$1${HELD}`).replace(WITH_UNIT, `$1${HELD}`).replaceAll(' ·', `${HELD}·`);
}

/** A text broken at its spaces, but never within a figure, so that no line is wider than a width (mm) at a size. */
export function wrapText(text: string, width: Mm, size: Mm): string[] {
	const most = Math.max(8, Math.floor(width / (size * LETTER)));
	const lines: string[] = [];
	let line = '';
	for (const word of holdFigures(text).split(' ')) {
		if (line !== '' && line.length + 1 + word.length > most) {
			lines.push(line);
			line = word;
		} else line = line === '' ? word : `${line} ${word}`;
	}
	return [...lines, line].map((one) => one.replaceAll(HELD, ' '));
}

/** A last page with no more lines than these is drawn in on the pages before it. */
const FEW_LINES = 4;
/** By how much type, and what is left free, shrink for that at most; and grow where there is room on the same pages, to be read from further. */
const CLOSER = [0.97, 0.94, 0.91, 0.88];
const LARGER = [1.35, 1.28, 1.21, 1.14, 1.07];

/** Lines of text over as many pages as they need, each with its heading, as large as those pages take; no page with a line or two by themselves where closer setting saves it. */
export function flowLines(title: string, under: string, lines: readonly FlowLine[], paper: 'a4' | 'letter'): Page[] {
	const size = PAPERS[paper];
	const layAt = (by: number) => layLines(lines, size, by);
	const isLonely = (pages: readonly LaidPage[]) => pages.length > 1 && pages.at(-1)!.lines <= FEW_LINES;
	const plain = layAt(1);
	const closer = isLonely(plain) ? CLOSER.map(layAt).find((pages) => pages.length < plain.length) : undefined;
	const larger = closer ? undefined : LARGER.map(layAt).find((pages) => pages.length === plain.length && !isLonely(pages));
	return headPages({ title, under, pages: (closer ?? larger ?? plain).map(({ items }) => items), size });
}

interface LaidPage {
	readonly items: PageItem[];
	lines: number;
}

function layLines(lines: readonly FlowLine[], { width, height }: { readonly width: Mm; readonly height: Mm }, by: number): LaidPage[] {
	const bottom = height - PAGE_MARGIN - FOOT;
	const pages: LaidPage[] = [{ items: [], lines: 0 }];
	let y = TOP;
	for (const { text, size: wish = 3.4, ink = 'ink', bold = false, indent = 0, right, before = 0, keep = 0 } of lines) {
		const size = wish * by;
		const room = width - 2 * PAGE_MARGIN - indent - (right === undefined ? 0 : right.length * size * LETTER + 4);
		const broken = wrapText(text, room, size);
		y += before * by;
		if (y + Math.max(keep, broken.length * size * LEADING) > bottom && y > TOP) {
			pages.push({ items: [], lines: 0 });
			y = TOP;
		}
		const page = pages.at(-1)!;
		page.lines += broken.length;
		broken.forEach((part, i) => {
			y += size * LEADING;
			page.items.push({ kind: 'text', x: PAGE_MARGIN + indent, y, text: part, size, ink, bold });
			if (i === 0 && right !== undefined)
				page.items.push({ kind: 'text', x: width - PAGE_MARGIN, y, text: right, size, ink, bold, anchor: 'end' });
		});
	}
	return pages;
}

/** Pages of one title, each with its heading. */
export function headPages({
	title,
	under,
	pages,
	size: { width, height }
}: {
	readonly title: string;
	readonly under: string;
	readonly pages: readonly (readonly PageItem[])[];
	readonly size: { readonly width: Mm; readonly height: Mm };
}): Page[] {
	return pages.map((items, i) => ({
		width,
		height,
		title: `${title}${i > 0 ? `, page ${i + 1}` : ''}`,
		items: [
			{
				kind: 'text',
				x: PAGE_MARGIN,
				y: 20,
				text: `${title}${pages.length > 1 ? ` (${i + 1} of ${pages.length})` : ''}`,
				size: 7,
				ink: 'ink',
				bold: true
			},
			{ kind: 'text', x: PAGE_MARGIN, y: 27, text: under, size: 3.4, ink: 'soft' },
			{ kind: 'line', x1: PAGE_MARGIN, y1: 30, x2: width - PAGE_MARGIN, y2: 30, weight: 0.3, ink: 'ember' },
			...items
		]
	}));
}
