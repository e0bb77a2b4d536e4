import { type Project } from '../../project';
import {
	kindOfArrangement,
	LazyItem,
	orderByHand,
	type Arrangement,
	type ArrangementContext,
	type ArrangementPlan,
	type LaidItem,
	type MotifInUse
} from '../../layout';
import { formatLength } from '../../units';
import type { Stack } from '../../layers';
import { remember, type Remembered } from '../memory/remember';
import { limitsThrough } from '../hints/readMotifs';
import type { ArrangementSummary, ItemRow } from '../types';

const M2 = 1e6;

/** What arrangements hang on besides themselves. */
export type Surroundings = Omit<ArrangementContext, 'path'>;

/**
 * Lays every arrangement: one that is the same as before, on the same piece, stays as it was laid; of the others each kind remembers what is dear, as
 * while a motif is dragged. One that names an unknown motif is not laid.
 */
export function createArrangementsPlanner() {
	const kept = new Map<string, Remembered<[Arrangement, Surroundings, number], ArrangementPlan>>();
	return (arrangements: Project['layout']['arrangements'], surroundings: Surroundings): ArrangementPlan[] =>
		arrangements.flatMap((arrangement, i) => {
			const kind = kindOfArrangement(arrangement);
			const key = `${arrangement.kind} ${arrangement.id}`;
			if (!kind.motifs(arrangement).every((id) => surroundings.motifs.has(id))) return [];
			if (!kept.has(key)) {
				const lay = kind.createPlanner();
				kept.set(
					key,
					remember((one, around, at) => lay(one, { ...around, path: `layout.arrangements[${at}]` }))
				);
			}
			return [kept.get(key)!(arrangement, surroundings, i)];
		});
}

export function summarizeArrangement(
	{ arrangement: id, groups, items, taping = [], notes = [] }: ArrangementPlan,
	layout: Project['layout'],
	motifs: ReadonlyMap<string, MotifInUse>,
	stack: Stack
): ArrangementSummary {
	const arrangement = layout.arrangements.find((other) => other.id === id)!;
	const [motif = null] = kindOfArrangement(arrangement).motifs(arrangement);
	const sum = (areas: readonly number[]) => areas.reduce((a, b) => a + b, 0) / M2;
	return {
		arrangement: id,
		kind: arrangement.kind,
		motif,
		motifArea: motif === null ? null : (motifs.get(motif)?.shape.openArea ?? 0) / M2,
		openArea: sum(items.map(({ openArea }) => openArea)),
		lost: sum(items.map(({ lost }) => lost)),
		groups,
		taping,
		notes,
		limits: limitsThrough(stack, id)
	};
}

/**
 * Each arrangement on each part by itself. A row is laid from the middle outwards, fields row by row from the top down so: what is left over falls
 * where it shows least. What lies all over a part is laid from the top down, and away from the hand that works, so that no wet print is leaned on. Source: craft 6 and 7.
 */
export function listItems(laid: readonly ArrangementPlan[], { units, workshop, layout }: Project): ItemRow[] {
	const orders = new Map<object, number>();
	const numbers = new Map<object, number>();
	for (const { arrangement: id, items } of laid)
		for (const part of new Set(items.map((item) => item.part))) {
			const here = items.filter((item) => item.part === part);
			const arrangement = layout.arrangements.find((one) => one.id === id);
			const isThrown = arrangement && kindOfArrangement(arrangement).isThrown;
			const inLine = isThrown ? [...here].sort((a, b) => a.centre.x - b.centre.x) : here;
			inLine.forEach((item, i) => numbers.set(item, i + 1));
			if (arrangement && kindOfArrangement(arrangement).spreads) {
				const placed = here.map((item) => ({ item, x: item.centre.x, y: item.centre.y, height: item.height }));
				const order = orderByHand(placed, { hand: workshop.hand ?? 'right', lies: 'upright' }, { width: 0, height: 0 });
				order.forEach(({ item }, i) => orders.set(item, i + 1));
				continue;
			}
			const xs = here.map(({ centre }) => centre.x);
			const middle = (Math.min(...xs) + Math.max(...xs)) / 2;
			const rowOf = ({ place, centre }: ItemRow | (typeof here)[0]) => (place.includes(',') ? centre.y : 0);
			[...here]
				.sort((a, b) => rowOf(a) - rowOf(b) || Math.abs(a.centre.x - middle) - Math.abs(b.centre.x - middle) || a.centre.x - b.centre.x)
				.forEach((item, i) => orders.set(item, i + 1));
		}
	/** In a field many stand in one line: a figure is worded once. */
	const worded = new Map<number, ReturnType<typeof formatLength>>();
	const word = (mm: number) => {
		const known = worded.get(mm) ?? formatLength(mm, units);
		worded.set(mm, known);
		return known;
	};
	return laid
		.flatMap(({ items }) => items)
		.map((item) => {
			const [left, top, x, y] = [word(item.left), word(item.top), word(item.centre.x), word(item.centre.y)];
			const rounded = left.rounded || top.rounded || x.rounded || y.rounded;
			const tape = { left: left.text, top: top.text, centreFromLeft: x.text, centreFromTop: y.text, rounded };
			return new Row(item, tape, numbers.get(item)!, orders.get(item)!);
		});
}

class Row extends LazyItem implements ItemRow {
	constructor(
		item: LaidItem,
		readonly tape: ItemRow['tape'],
		readonly number: number,
		readonly order: number
	) {
		super(item, item);
	}
}
