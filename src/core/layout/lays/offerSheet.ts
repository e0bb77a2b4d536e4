import type { Mm } from '../../units';
import type { LaidItem } from '../arrangements/types';
import type { Motif } from '../motif';
import { colourRounds, QUICK } from './colourRounds';
import { cutIntoRows, SAME, type Row } from './cutIntoRows';
import { sheetOf, USUAL_SHEET } from './placeLays';
import { findLays, planLays, type LaysContext } from './planLays';
import type { LaysWish, SheetOffer } from './types';

/** The largest that one pair of hands lays without a crease, mm. */
const LONG: Mm = 900;
const SHORT: Mm = 600;

/** A motif with so many repeats on its sheet. */
export function withRepeats(motif: Motif, { across, down }: Pick<SheetOffer, 'across' | 'down'>): Motif {
	return { ...motif, sheet: { ...(motif.sheet ?? USUAL_SHEET), across, down } };
}

/**
 * The sheet, cut for these places with more repeats on it, that would need the fewest rounds, then the fewest lays, then the least film;
 * null where nothing larger can be cut: all rows of the motif are to stand at one step, or one sheet would not meet them. Source: methods 4.
 */
export function offerSheet(items: readonly LaidItem[], wish: LaysWish, context: LaysContext): SheetOffer | null {
	const open = items.filter(({ openArea }) => openArea > 0);
	const offers = [...new Set(open.map(({ motif }) => motif))].flatMap((id) => {
		const used = id === null ? undefined : context.motifs.get(id);
		if (!used) return [];
		return sizesFor(
			open.filter(({ motif }) => motif === id),
			used.motif
		).map((size): SheetOffer => {
			const motifs = new Map(context.motifs).set(used.motif.id, { ...used, motif: withRepeats(used.motif, size) });
			const given = { ...context, motifs };
			const { lays } = planLays(findLays(items, { ...wish, cut: false }, given), wish, given, (conflicts) =>
				colourRounds(conflicts, QUICK)
			);
			return { motif: used.motif.id, ...size, lays: lays.length, rounds: Math.max(0, ...lays.map(({ round }) => round)) };
		});
	});
	return offers.sort((a, b) => a.rounds - b.rounds || a.lays - b.lays || a.width * a.height - b.width * b.height)[0] ?? null;
}

type Size = Pick<SheetOffer, 'across' | 'down' | 'width' | 'height'>;

/** All of a band, half its length, one line of it; as much of those as can be laid, and more than there is now. */
function sizesFor(items: readonly LaidItem[], motif: Motif): Size[] {
	const bands = cutIntoRows(items, () => Infinity).filter(({ columns }) => columns.length > 1 || columns[0]!.length > 1);
	const now = sheetOf(motif, false);
	if (!haveOneStep(bands)) return [];
	const sizes = new Map<string, Size>();
	for (const band of bands)
		for (const down of new Set([band.columns[0]!.length, 1]))
			for (const wished of new Set([band.columns.length, Math.ceil(band.columns.length / 2)])) {
				const size = largest(band, wished, down, motif);
				if (size && (size.across > now.across || size.down > now.down)) sizes.set(`${size.across} ${size.down}`, size);
			}
	return [...sizes.values()];
}

function haveOneStep(bands: readonly Row[]): boolean {
	const steps = bands.map(({ step, down }) => [Math.hypot(step.x, step.y), Math.hypot(down.x, down.y)] as const);
	return [0, 1].every((axis) => {
		const own = steps.map((step) => step[axis]!).filter((step) => step > 0);
		return Math.max(...own) - Math.min(...own) <= SAME || own.length === 0;
	});
}

/** As many of a line as are wished for, or as can be laid; at one distance with its border. */
function largest({ step, down, columns }: Row, wished: number, lines: number, motif: Motif): Size | null {
	const { scale } = columns[0]![0]!;
	const { border } = sheetOf(motif, false);
	const height = (lines - 1) * Math.hypot(down.x, down.y) + scale * motif.height + 2 * border;
	for (let across = wished; across * lines > 1; across--) {
		const width = (across - 1) * Math.hypot(step.x, step.y) + scale * motif.width + 2 * border;
		if (Math.max(width, height) <= LONG && Math.min(width, height) <= SHORT) return { across, down: lines, width, height };
	}
	return null;
}
