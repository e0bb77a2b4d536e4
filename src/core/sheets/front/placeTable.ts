import type { Part } from '../../piece';
import { datumWords, type ItemRow } from '../../plan';
import type { Project } from '../../project';
import { formatLength, type Mm } from '../../units';
import { PAGE_MARGIN, type PageItem } from '../page';
import type { NumberedRow } from './numberRows';

export const ROW: Mm = 6.2;
/** Type of its figures on an upright page; on a wider one it grows with its columns, up to so much. */
const FIGURE: Mm = 3.6;
const LARGEST = 1.2;

interface Column {
	readonly title: string;
	readonly at: Mm;
	readonly cell: (row: NumberedRow) => string;
	readonly bold?: boolean;
}

/** What lies beyond the edge is told by what of it is cut off, not by a figure off the piece. */
const OFF: Mm = 0.5;

/** From the edges that a tape can be hooked on: the near edge of the motif and its centre; from a centre line the centre alone. */
function columnsOf(part: Part, { units, layout }: Project): Column[] {
	const words = datumWords(part, units);
	const write = (mm: Mm) => formatLength(mm, units).text;
	const edge = (mm: Mm) => (mm < -OFF ? `${write(-mm)} of it cut off` : write(mm));
	const centre = (mm: Mm, size: Mm, figure: (mm: Mm) => string) => (mm < -OFF || mm > size + OFF ? 'off it' : figure(mm));
	const { across, down } = words.datum;
	const motifOf = ({ row }: NumberedRow) => layout.motifs.find(({ id }) => id === row.motif)!.name;
	const nearOf: Record<'left' | 'right' | 'top' | 'bottom', (row: ItemRow) => string> = {
		left: (row) => (row.half === 'left' ? 'masked at its centre' : edge(row.left)),
		right: (row) => (row.half === 'right' ? 'masked at its centre' : edge(row.right)),
		top: (row) => edge(row.top),
		bottom: (row) => edge(row.bottom)
	};
	const axes = [
		{ from: across, line: 'upright', own: ({ row }: NumberedRow) => centre(row.centre.x, part.width, words.acrossFigure) },
		{ from: down, line: 'level', own: ({ row }: NumberedRow) => centre(row.centre.y, part.height, words.downFigure) }
	] as const;
	const near = axes.flatMap(({ from }) =>
		from === 'centre'
			? []
			: [
					{
						title: `${from[0]!.toUpperCase()}${from.slice(1)} edge, from the ${from}`,
						cell: (row: NumberedRow) => nearOf[from](row.row),
						bold: true
					}
				]
	);
	const centres = axes.map(({ from, line, own }) => ({
		title: from === 'centre' ? `Centre, from the ${line} centre line` : `Centre, ${from}`,
		cell: own,
		bold: from === 'centre'
	}));
	const places = near.length === 2 ? [44, 88, 130, 156] : near.length === 1 ? [44, 88, 140] : [54, 118];
	return [
		{ title: 'Place', at: 0, cell: ({ label }) => label, bold: true },
		{ title: 'Motif', at: 14, cell: motifOf },
		...[...near, ...centres].map((column, i) => ({ ...column, at: places[i]! }))
	];
}

/** What is to be said of one motif, wherever it is told. */
export function remarkOf({ half, byHand, mirrored }: ItemRow): string {
	const said = [
		half === 'left' ? 'right half' : half === 'right' ? 'left half' : '',
		mirrored ? 'mirrored' : '',
		byHand ? 'by hand' : ''
	].filter(Boolean);
	return said.join(', ');
}

/** The same in its row of the table: with its turn, and of one that goes on beside its part what of it lies here. */
function remarkInRow(row: ItemRow, part: Part, write: (mm: Mm) => string): string {
	const { half, turn, cutBy } = row;
	const shown = (near: Mm, size: Mm, whole: Mm) =>
		near < -OFF || near + size > whole + OFF ? `${write(Math.max(0, -near))} to ${write(Math.min(size, whole - near))}` : '';
	const high = shown(row.top, row.height, part.height);
	const wide = shown(row.left, row.width, part.width);
	const goesOn = [high && `${high} of its height`, wide && `${wide} of its width`].filter(Boolean).join(', ');
	const cut = half !== 'none' || cutBy.length === 0 ? '' : goesOn === '' ? 'cut' : goesOn;
	return [remarkOf(row), wordTurn(turn), cut].filter(Boolean).join(', ');
}

const wordTurn = (turn: number) => (Math.round(turn) === 0 ? '' : `turned ${Math.abs(Math.round(turn))}° ${turn > 0 ? 'right' : 'left'}`);

/** A row of figures for every placement that is found by itself. */
export function placeTable({
	project,
	part,
	rows,
	top,
	width
}: {
	readonly project: Project;
	readonly part: Part;
	readonly rows: readonly NumberedRow[];
	readonly top: Mm;
	readonly width: Mm;
}): PageItem[] {
	const stretch = (width - 2 * PAGE_MARGIN) / 186;
	const larger = Math.min(LARGEST, stretch);
	const columns = columnsOf(part, project);
	const x = ({ at }: Column) => PAGE_MARGIN + at * stretch;
	const items: PageItem[] = columns.map((column): PageItem => ({
		kind: 'text',
		x: x(column),
		y: top,
		text: column.title,
		size: 3 * larger,
		ink: 'soft'
	}));
	items.push({ kind: 'line', x1: PAGE_MARGIN, y1: top + 1.6, x2: width - PAGE_MARGIN, y2: top + 1.6, weight: 0.25, ink: 'ink' });
	rows.forEach((row, i) => {
		const y = top + (i + 1) * ROW;
		const remark = remarkInRow(row.row, part, (mm) => formatLength(mm, project.units).text);
		columns.forEach((column, c) => {
			/** What is to be said of a motif stands small below its name. */
			const up = c === 1 && remark !== '' ? 1.3 : 0;
			items.push({
				kind: 'text',
				x: x(column),
				y: y - up,
				text: column.cell(row),
				size: FIGURE * larger - up / 2,
				ink: c === 0 ? 'ember' : 'ink',
				bold: column.bold ?? false,
				name: 'cell'
			});
		});
		if (remark !== '') items.push({ kind: 'text', x: x(columns[1]!), y: y + 0.9, text: remark, size: 2, ink: 'soft' });
		items.push({ kind: 'line', x1: PAGE_MARGIN, y1: y + 1.6, x2: width - PAGE_MARGIN, y2: y + 1.6, weight: 0.1, ink: 'faint' });
	});
	return items;
}
