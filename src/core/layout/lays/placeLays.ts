import type { Ring } from '../../geometry';
import type { Mm } from '../../units';
import type { LaidItem } from '../arrangements/types';
import type { Motif } from '../motif';
import type { Row } from './cutIntoRows';

/** A sheet in place, not yet in a round. */
export interface PlacedLay {
	readonly part: string;
	readonly items: readonly LaidItem[];
	/** Filled through it; in a chain the first ones are there already, and dry. */
	readonly wet: readonly LaidItem[];
	readonly sheet: Ring;
	readonly design: Ring;
	readonly mark: { readonly left: Mm; readonly top: Mm };
	readonly turn: number;
	readonly masked: number;
	/** Place in its chain; lays of one chain follow each other. */
	readonly chain: { readonly of: number; readonly at: number } | null;
}

export interface SheetSize {
	readonly border: Mm;
	/** Repeats in a line of it, and its lines. */
	readonly across: number;
	readonly down: number;
}

/** One that nobody described: cut by itself. */
export const USUAL_SHEET = { border: 25, across: 1, down: 1, thickness: 0.2 } as const satisfies NonNullable<Motif['sheet']>;
/** Left round each motif of a sheet that is cut up, mm. */
const CUT_BORDER: Mm = 15;

export function sheetOf({ sheet }: Motif, cut: boolean): SheetSize {
	const { border, across, down } = sheet ?? USUAL_SHEET;
	return cut ? { border: Math.min(border, CUT_BORDER), across: 1, down: 1 } : { border, across, down };
}

/** Every place by its marks: ceil(N / k) lays of a row of N columns; what a short last one has too many is masked. Source: methods 4. */
export function layByMarks(row: Row, motif: Motif | null, sheet: SheetSize): PlacedLay[] {
	const { columns } = row;
	const k = motif === null ? 1 : sheet.across;
	return Array.from({ length: Math.ceil(columns.length / k) }, (_, i) => {
		const own = columns.slice(i * k, (i + 1) * k);
		return place({ columns: own, wet: own, row, motif, sheetSize: sheet, k, chain: null });
	});
}

/**
 * Each lay over the last column of the one before it: 1 + ceil((N - k) / (k - 1)) lays. From one end; or from the middle to both sides, where two
 * chains share their first lay. Null where a sheet of one repeat cannot overlap. Source: methods 4.
 */
export function layByChain({
	row,
	motif,
	sheet,
	chain,
	from
}: {
	readonly row: Row;
	readonly motif: Motif | null;
	readonly sheet: SheetSize;
	readonly chain: number;
	readonly from: 'end' | 'middle';
}): PlacedLay[] | null {
	const { columns } = row;
	const k = sheet.across;
	const n = columns.length;
	if (n <= k) return [place({ columns, wet: columns, row, motif, sheetSize: sheet, k, chain: { of: chain, at: 0 } })];
	if (k < 2) return null;
	const count = 1 + Math.ceil((n - k) / (k - 1));
	const first = from === 'end' ? 0 : Math.floor((count - 1) / 2);
	const spanOf = (lay: number) => columns.slice(lay * (k - 1), lay * (k - 1) + k);
	return Array.from({ length: count }, (_, lay) => {
		const own = spanOf(lay);
		/** What it lies over: its first column where it goes on to the right, its last where to the left. */
		const wet = lay === first ? own : lay > first ? own.slice(1) : own.slice(0, -1);
		return place({ columns: own, wet, row, motif, sheetSize: sheet, k, chain: { of: chain, at: Math.abs(lay - first) } });
	});
}

const RADIANS = Math.PI / 180;

function place({
	columns,
	wet,
	row: { step, down },
	motif,
	sheetSize: { border, down: lines },
	k,
	chain
}: {
	readonly columns: Row['columns'];
	readonly wet: Row['columns'];
	readonly row: Row;
	readonly motif: Motif | null;
	readonly sheetSize: SheetSize;
	readonly k: number;
	readonly chain: PlacedLay['chain'];
}): PlacedLay {
	const items = columns.flat();
	const [first] = items as [LaidItem, ...LaidItem[]];
	const turn = motif === null ? 0 : first.turn;
	const [cos, sin] = [Math.cos(turn * RADIANS), Math.sin(turn * RADIANS)];
	const size =
		motif === null
			? { width: first.width, height: first.height }
			: { width: motif.width * first.scale, height: motif.height * first.scale };
	/** Along the sheet: where the step goes against it, its last repeat stands first. One that stands alone leaves the others of its sheet masked beside it. */
	const along = columns.length > 1 ? step.x * cos + step.y * sin : size.width;
	/** The lines that a short band has too few of lie masked below it. */
	const below = motif === null ? 0 : (lines - 1) * (down.x === 0 && down.y === 0 ? size.height : down.y * cos - down.x * sin);
	const reach = (k - 1) * along;
	const [left, right] = [Math.min(0, reach) - size.width / 2, Math.max(0, reach) + size.width / 2];
	const at = (x: Mm, y: Mm): [Mm, Mm] => [first.centre.x + x * cos - y * sin, first.centre.y + x * sin + y * cos];
	const rim = motif === null ? 0 : border;
	const [top, bottom] = [-size.height / 2, below + size.height / 2];
	const mark = at(left, top);
	const design = [...mark, ...at(right, top), ...at(right, bottom), ...at(left, bottom)];
	return {
		part: first.part,
		items,
		wet: wet.flat(),
		sheet: [...at(left - rim, top - rim), ...at(right + rim, top - rim), ...at(right + rim, bottom + rim), ...at(left - rim, bottom + rim)],
		design,
		mark: { left: mark[0], top: mark[1] },
		turn,
		masked: motif === null ? 0 : k * lines - items.length,
		chain
	};
}
