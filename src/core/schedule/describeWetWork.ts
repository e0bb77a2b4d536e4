import { amountOfCoat, METHODS, MOST_HANDS, type Coat, type Overrun, type Rates, type WetCoat } from '../layers';
import { LOSS, volumeForArea } from '../materials';
import type { Minutes, Ml } from '../units';
import type { Section, TooLarge } from './cutSections';
import { recutWork, type WetContext, type WetWork } from './cutWetWork';
import type { DryingTimes } from './dryMaterial';

/** How what is worked in sections is worked: one coat, or several in one sitting, one into the other. */
export interface WetWorkRow {
	/** In their order. */
	readonly coats: readonly string[];
	/** Passes that are worked so. */
	readonly passes: number;
	/** Minutes that it can be worked, with its extender, in this workshop; null: it need not be kept wet. */
	readonly open: Minutes | null;
	/** With as many mists as are counted on; as `open` where a mist does not help. */
	readonly most: Minutes | null;
	/** m2 that one section can hold; null: any. */
	readonly holds: number | null;
	/** m2 a minute, all its coats together. */
	readonly rate: number;
	/** Of one pass. */
	readonly minutes: Minutes;
	/** In the order in which they are done. */
	readonly sections: readonly (Section & {
		/** How often it is misted again before it is done. */
		readonly mists: number;
		/** Of each coat: its minutes, and what it takes, ml, all colours together. */
		readonly of: readonly { readonly coat: string; readonly minutes: Minutes; readonly ml: Ml }[];
	})[];
	readonly tooLarge: readonly TooLarge[];
}

/** The work of every coat that is worked in sections: in order, with what each section takes, and what cannot be done wet. Source: methods 11. */
export function describeWetWork(works: readonly WetWork[]): WetWorkRow[] {
	return works.map(({ layers, parts, open, most, list, tooLarge }) => {
		const minutes = sum(parts.map((part) => part.minutes));
		const rate = sum(parts.map(({ area }) => area)) / minutes;
		const passes = layers.length > 1 ? 1 : passesAlone(layers[0]!.coat, works);
		return {
			coats: layers.map(({ coat }) => coat.id),
			passes,
			open: finite(open),
			most: finite(most),
			holds: finite(rate * open),
			rate,
			minutes,
			sections: list.map(({ by, ...section }) => ({
				...section,
				of: layers.map((layer, i) => ({
					coat: layer.coat.id,
					minutes: by[i]!,
					ml: mlOf(layer, by[i]! / (sum(parts.map((part) => part.by[i]!)) || 1), parts, i)
				}))
			})),
			tooLarge
		};
	});
}

/** What a share of a coat takes, once over. */
function mlOf({ coat, material }: WetWork['layers'][0], share: number, parts: WetWork['parts'], i: number): Ml {
	if (material === null || !('times' in coat)) return 0;
	const area = sum(parts.map(({ areas }) => areas[i]!));
	return share * volumeForArea(area * 1e6, amountOfCoat(coat) / coat.times, material.coverage, LOSS[coat.applicator]);
}

/** Passes of a coat that are not shared with another. */
function passesAlone(coat: Coat, works: readonly WetWork[]): number {
	const shared = works.filter(({ layers }) => layers.length > 1 && layers.some((layer) => layer.coat.id === coat.id)).length;
	return ('times' in coat ? coat.times : 1) - shared;
}

const finite = (value: number): number | null => (Number.isFinite(value) ? value : null);

/** What cannot all be done while it is wet, and changes that were tried: with each of them all of it can be. Source: methods 11. */
export function findOverruns(works: readonly WetWork[], drying: readonly DryingTimes[], context: WetContext, rates: Rates): Overrun[] {
	return works.flatMap((work): Overrun[] => {
		if (work.tooLarge.length === 0) return [];
		const coats = work.layers.map(({ coat }) => coat);
		const cures = (changed: readonly Coat[]) => recutWork(work, changed, { drying, context, rates }).tooLarge.length === 0;
		const large = work.parts.filter(({ part }) => work.tooLarge.some((one) => one.part === part));
		return [
			{
				layers: work.layers,
				where: [...new Set(large.flatMap(({ surfaces }) => surfaces))],
				minutes: Math.max(...work.tooLarge.map(({ short }) => short + work.most)),
				most: work.most,
				isMisted: work.isMisted,
				changes: changesFor(coats, cures).map(({ label, coats: changed }) => ({
					label,
					coats: changed.filter((coat, i) => coat !== coats[i])
				}))
			}
		];
	});
}

/** An extender adds so many minutes, by the labels of most. Source: craft 3. */
const EXTENDER = { least: 10, most: 20 } as const;

interface Change {
	readonly label: string;
	readonly coats: readonly Coat[];
}

/** An extender, more hands, both, or methods that need not be kept wet: of each the least that cures; where nothing does, none. */
function changesFor(coats: readonly Coat[], cures: (changed: readonly Coat[]) => boolean): Change[] {
	const wet = coats as readonly WetCoat[];
	const own = Math.max(...wet.map(({ hands = 1 }) => hands));
	const longest = Math.max(...wet.map(({ extender = 0 }) => extender));
	const extenders = range(Math.max(EXTENDER.least, Math.ceil(longest) + 1), EXTENDER.most);
	const hands = range(own + 1, MOST_HANDS);
	const all = (change: Partial<Pick<WetCoat, 'extender' | 'hands'>>) => wet.map((coat) => ({ ...coat, ...change }) as Coat);
	const longer = extenders.map((extender) => ({
		label: `Put in an extender that adds ${extender} minutes, by its label`,
		coats: all({ extender })
	}));
	const more = hands.map((count) => ({ label: `Work on it with ${count} people`, coats: all({ hands: count }) }));
	const both = hands.map((count) => ({
		label: `Work on it with ${count} people, and an extender that adds ${EXTENDER.most} minutes`,
		coats: all({ hands: count, extender: Math.max(EXTENDER.most, longest) })
	}));
	const first = (list: readonly Change[]) => list.filter((one) => cures(one.coats)).slice(0, 1);
	const [withExtender, withHands] = [first(longer), first(more)];
	const [last] = coats.slice(-1);
	const methods =
		last?.kind === 'blend' && coats.length === 1
			? Object.values(METHODS)
					.filter(({ id }) => id !== last.method)
					.map(({ id, name, wet: isWet }) => ({
						label: `${name}: ${isWet ? 'it covers more in the time' : 'it need not be kept wet'}`,
						coats: [{ ...last, method: id }]
					}))
					.filter((one) => cures(one.coats))
					.slice(0, 2)
			: [];
	return [...withExtender, ...withHands, ...(withExtender.length + withHands.length === 0 ? first(both) : []), ...methods];
}

function range(from: number, to: number): number[] {
	return Array.from({ length: Math.max(0, to - from + 1) }, (_, i) => from + i);
}

function sum(values: readonly number[]): number {
	return values.reduce((a, b) => a + b, 0);
}
