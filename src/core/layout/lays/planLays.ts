import { partsOnFace, type MeasuredFace, type Part } from '../../piece';
import type { LaidItem, MotifInUse } from '../arrangements/types';
import type { Motif } from '../motif';
import { colourRounds, type Conflicts, type Rounds } from './colourRounds';
import { cutIntoRows } from './cutIntoRows';
import { findConflicts } from './findConflicts';
import { orderByHand } from './orderByHand';
import { layByChain, layByMarks, sheetOf, type PlacedLay } from './placeLays';
import { LAY_MODES, type Lay, type LayMode, type LaysChoice, type LaysPlan, type LaysSetting, type LaysWish } from './types';

export interface LaysContext extends LaysSetting {
	readonly faces: readonly MeasuredFace[];
	readonly motifs: ReadonlyMap<string, MotifInUse>;
}

/** Lays in one of the modes, and which of them cannot be wet together. */
export interface FoundLays {
	readonly mode: LayMode;
	readonly placed: readonly PlacedLay[];
	readonly conflicts: Conflicts;
}

/** How laid items can be filled through their sheets: chained, grown from the middle, or by marks; modes in which a row cannot be worked are not among them. Source: methods 4. */
export function findLays(
	items: readonly LaidItem[],
	{ cut, isDry = false }: Pick<LaysWish, 'cut' | 'isDry'>,
	{ faces, motifs, lies }: LaysContext
): readonly FoundLays[] {
	const parts = partsById(faces);
	const open = items.filter(({ openArea }) => openArea > 0);
	/** Where nothing stays wet there is nothing to wait for, nor to lay it over. */
	const modes = isDry ? (['marks'] as const) : LAY_MODES;
	return modes.flatMap((mode) => {
		const placed = placeAll(open, mode, cut, motifs);
		return placed === null
			? []
			: [{ mode, placed, conflicts: isDry ? placed.map(() => []) : findConflicts(placed, (id) => parts.get(id)!, { lies }) }];
	});
}

/** Lays in the fewest rounds, with one wait between each two. @param roundsOf - of what is laid by marks. Source: methods 4. */
export function planLays(
	found: readonly FoundLays[],
	wish: Pick<LaysWish, 'mode'>,
	context: LaysContext,
	roundsOf: (conflicts: Conflicts) => Rounds = colourRounds
): LaysPlan {
	const parts = partsById(context.faces);
	const ways = found.map(({ mode, placed, conflicts }) => {
		return { mode, placed, rounds: mode === 'marks' ? roundsOf(conflicts) : chainRounds(placed, conflicts) };
	});
	const ranked = [...ways].sort(
		(a, b) => a.rounds.count - b.rounds.count || a.placed.length - b.placed.length || LAY_MODES.indexOf(b.mode) - LAY_MODES.indexOf(a.mode)
	);
	const taken = ranked.find(({ mode }) => mode === wish.mode) ?? ranked[0];
	const choices = ranked.map(({ mode, placed, rounds: { count, least } }): LaysChoice => {
		return { mode, lays: placed.length, rounds: count, least, waits: Math.max(0, count - 1) };
	});
	if (!taken) return { mode: 'marks', lays: [], choices };
	return { mode: taken.mode, lays: numberLays(taken.placed, taken.rounds, parts, context), choices };
}

function partsById(faces: LaysContext['faces']): ReadonlyMap<string, Part> {
	return new Map(faces.flatMap(partsOnFace).map((part) => [part.id, part]));
}

/** Null where a row cannot be worked so. A chain that no row needs is none. */
function placeAll(items: readonly LaidItem[], mode: LayMode, cut: boolean, motifs: LaysContext['motifs']): PlacedLay[] | null {
	const motifOf = ({ motif }: LaidItem) => (motif === null ? null : (motifs.get(motif)?.motif ?? null));
	const sheetFor = (motif: Motif | null) => (motif === null ? { border: 0, across: 1, down: 1 } : sheetOf(motif, cut));
	const rows = cutIntoRows(items, (item) => sheetFor(motifOf(item)).down);
	const placed = rows.map((row, at) => {
		const motif = motifOf(row.columns[0]![0]!);
		const sheet = sheetFor(motif);
		return mode === 'marks'
			? layByMarks(row, motif, sheet)
			: layByChain({ row, motif, sheet, chain: at, from: mode === 'chain' ? 'end' : 'middle' });
	});
	if (placed.some((lays) => lays === null)) return null;
	const all = placed.flatMap((lays) => lays!);
	return mode === 'marks' || all.some(({ chain }) => chain !== null && chain.at > 0) ? all : null;
}

/**
 * Each lay of a chain after the one that registers it, as early as nothing wet lies in its way; the longest chains first. No fewer rounds than the
 * longest chain has lays one after the other.
 */
function chainRounds(lays: readonly PlacedLay[], conflicts: Conflicts): Rounds {
	const of = new Array<number>(lays.length).fill(-1);
	const length = new Map<number, number>();
	for (const { chain } of lays) length.set(chain!.of, Math.max(length.get(chain!.of) ?? 0, chain!.at + 1));
	const order = lays
		.map((_, i) => i)
		.sort((a, b) => {
			const [one, other] = [lays[a]!.chain!, lays[b]!.chain!];
			return length.get(other.of)! - length.get(one.of)! || one.of - other.of || one.at - other.at;
		});
	for (const lay of order) {
		const { of: own, at } = lays[lay]!.chain!;
		const before = lays.flatMap(({ chain }, i) => (chain!.of === own && chain!.at < at && of[i]! >= 0 ? [of[i]!] : []));
		let round = Math.max(-1, ...before) + 1;
		while (conflicts[lay]!.some((other) => of[other] === round)) round++;
		of[lay] = round;
	}
	const count = Math.max(-1, ...of) + 1;
	return { of, count, least: Math.max(0, ...length.values()) };
}

function numberLays(placed: readonly PlacedLay[], rounds: Rounds, parts: ReadonlyMap<string, Part>, context: LaysContext): Lay[] {
	const lays: Lay[] = [];
	for (let round = 0; round < rounds.count; round++)
		for (const face of context.faces) {
			const own = placed
				.filter((lay, i) => rounds.of[i] === round && parts.get(lay.part)!.face === face.id)
				.map((lay) => {
					const part = parts.get(lay.part)!;
					const middle = (axis: 0 | 1) => (lay.sheet[axis]! + lay.sheet[axis + 4]!) / 2;
					const ys = [1, 3, 5, 7].map((at) => lay.sheet[at]!);
					return { lay, x: part.x + middle(0), y: part.y + middle(1), height: Math.max(...ys) - Math.min(...ys) };
				});
			for (const { lay } of orderByHand(own, context, face)) {
				const { part, wet, sheet, design, mark, turn, masked, chain } = lay;
				lays.push({
					part,
					face: face.id,
					items: wet.map(({ key }) => key),
					sheet,
					design,
					dry: {
						column: wet.length > 0 && lay.items[0] === wet[0] ? 'last' : 'first',
						keys: chain === null ? [] : lay.items.filter((item) => !wet.includes(item)).map(({ key }) => key)
					},
					mark,
					turn,
					masked: masked + (chain === null ? 0 : lay.items.length - wet.length),
					round: round + 1,
					number: lays.length + 1
				});
			}
		}
	return lays;
}
