import { type Project } from '../project';
import { kindOfArrangement, type ArrangementPlan, type MotifShape } from '../layout';
import type { MeasuredPiece } from '../piece';
import { formatLength } from '../units';
import type { ArrangementSummary, ItemRow } from './types';

const M2 = 1e6;

/** Lays every arrangement; each kind remembers what is dear, as while a motif is dragged. */
export function createArrangementsPlanner() {
	const kept = new Map<string, ReturnType<ReturnType<typeof kindOfArrangement>['createPlanner']>>();
	return (
		arrangements: Project['layout']['arrangements'],
		motifs: Project['layout']['motifs'],
		shapes: ReadonlyMap<string, MotifShape>,
		piece: MeasuredPiece
	): ArrangementPlan[] =>
		arrangements.flatMap((arrangement, i) => {
			const motif = motifs.find((other) => other.id === arrangement.motif);
			const key = `${arrangement.kind} ${arrangement.id}`;
			if (!kept.has(key)) kept.set(key, kindOfArrangement(arrangement).createPlanner());
			if (!motif) return [];
			return [kept.get(key)!(arrangement, { motif, shape: shapes.get(motif.id)!, piece, path: `layout.arrangements[${i}]` })];
		});
}

export function summarizeArrangement(
	{ arrangement: id, groups, items }: ArrangementPlan,
	layout: Project['layout'],
	shapes: ReadonlyMap<string, MotifShape>
): ArrangementSummary {
	const { kind, motif } = layout.arrangements.find((other) => other.id === id)!;
	const sum = (areas: readonly number[]) => areas.reduce((a, b) => a + b, 0) / M2;
	return {
		arrangement: id,
		kind,
		motif,
		motifArea: (shapes.get(motif)?.openArea ?? 0) / M2,
		openArea: sum(items.map(({ openArea }) => openArea)),
		lost: sum(items.map(({ lost }) => lost)),
		groups
	};
}

/** Each arrangement on each part by itself, from the middle outwards: what is left over then falls where it shows least. Rows of a field from the top down. */
export function listItems(laid: readonly ArrangementPlan[], { units }: Project): ItemRow[] {
	const orders = new Map<object, number>();
	for (const { items } of laid)
		for (const part of new Set(items.map((item) => item.part))) {
			const here = items.filter((item) => item.part === part);
			const xs = here.map(({ centre }) => centre.x);
			const middle = (Math.min(...xs) + Math.max(...xs)) / 2;
			const rowOf = ({ place, centre }: ItemRow | (typeof here)[0]) => (place.includes(',') ? centre.y : 0);
			[...here]
				.sort((a, b) => rowOf(a) - rowOf(b) || Math.abs(a.centre.x - middle) - Math.abs(b.centre.x - middle) || a.centre.x - b.centre.x)
				.forEach((item, i) => orders.set(item, i + 1));
		}
	return laid
		.flatMap(({ items }) => items)
		.map((item) => {
			const texts = [item.left, item.top, item.centre.x, item.centre.y].map((mm) => formatLength(mm, units));
			const [left, top, centreFromLeft, centreFromTop] = texts.map(({ text }) => text) as [string, string, string, string];
			return {
				...item,
				tape: { left, top, centreFromLeft, centreFromTop, rounded: texts.some(({ rounded }) => rounded) },
				order: orders.get(item)!
			};
		});
}
