import { amountOfCoat, METHODS, MOST_HANDS, type Blend, type Coat, type Rates } from '../layers';
import { LOSS, volumeForArea } from '../materials';
import type { Minutes, Ml } from '../units';
import { cutWetCoat, type WetCoat } from './cutWetCoats';
import type { DryingTimes } from './dryMaterial';
import type { Section } from './cutSections';

/** How one blended coat is worked. */
export interface BlendWork {
	readonly coat: string;
	readonly zone: string;
	readonly passes: number;
	/** Minutes that the paint can be worked, with its extender, in this workshop; null: it need not be kept wet. */
	readonly open: Minutes | null;
	/** m2 that one section can hold; null: any. */
	readonly holds: number | null;
	/** m2 a minute. */
	readonly rate: number;
	/** Of one pass. */
	readonly minutes: Minutes;
	/** In the order in which they are done; ml of one pass, of all colours together. */
	readonly sections: readonly (Section & { readonly ml: Ml })[];
	readonly tooLarge: readonly {
		readonly part: string;
		readonly minutes: Minutes;
		/** Minutes of open time that it would need more. */
		readonly short: Minutes;
		readonly remedies: readonly { readonly says: string; readonly coat: Coat }[];
	}[];
}

/** The work of every blended coat: its sections in order, with what each takes; and what cannot be done wet, with what would help. Source: methods 11. */
export function sectionBlends(wet: ReadonlyMap<string, WetCoat>, drying: readonly DryingTimes[], rates: Rates): BlendWork[] {
	return [...wet.values()].flatMap((one) => {
		const { coat } = one.layer;
		return coat.kind === 'blend' ? [workOf(coat, one, drying[one.layer.at]!, rates)] : [];
	});
}

function workOf(coat: Blend, { layer, parts, rate, open, holds, list, tooLarge }: WetCoat, drying: DryingTimes, rates: Rates): BlendWork {
	const { material } = layer;
	const mlOf = (area: number) =>
		material ? volumeForArea(area * 1e6, amountOfCoat(coat) / coat.times, material.coverage, LOSS[coat.applicator]) : 0;
	/** A change is offered where it was tried: the part can be done, and no other has become too large. */
	const cures = (part: string) => (changed: Blend) => {
		const left = cutWetCoat({ ...layer, coat: changed }, parts, drying, rates)?.tooLarge ?? [];
		return left.every((one) => one.part !== part && tooLarge.some((before) => before.part === one.part));
	};
	return {
		coat: coat.id,
		zone: coat.zone,
		passes: coat.times,
		open: Number.isFinite(open) ? open : null,
		holds: Number.isFinite(holds) ? holds : null,
		rate,
		minutes: list.reduce((sum, section) => sum + section.minutes, 0),
		sections: list.map((section) => ({ ...section, ml: mlOf(section.area) })),
		tooLarge: tooLarge.map((one) => ({ ...one, remedies: remediesFor(coat, cures(one.part)) }))
	};
}

/** An extender adds so many minutes, by the labels of most. Source: craft 3. */
const EXTENDER = { least: 10, most: 20 } as const;

/** An extender, more hands, both, or methods that need not be kept wet: of each the least that cures; where nothing does, none. */
function remediesFor(coat: Blend, cures: (changed: Blend) => boolean): BlendWork['tooLarge'][0]['remedies'] {
	const own = coat.hands ?? 1;
	const extenders = range(Math.max(EXTENDER.least, Math.ceil(coat.extender ?? 0) + 1), EXTENDER.most);
	const hands = range(own + 1, MOST_HANDS);
	const longer = extenders.map((extender) => ({
		says: `Put in an extender that adds ${extender} minutes, by its label`,
		coat: { ...coat, extender }
	}));
	const more = hands.map((count) => ({ says: `Work on it ${count} at once`, coat: { ...coat, hands: count } }));
	const both = hands.map((count) => ({
		says: `Work on it ${count} at once, with an extender that adds ${EXTENDER.most} minutes`,
		coat: { ...coat, hands: count, extender: Math.max(EXTENDER.most, coat.extender ?? 0) }
	}));
	const first = (list: readonly { says: string; coat: Blend }[]) => list.filter((one) => cures(one.coat)).slice(0, 1);
	const [withExtender, withHands] = [first(longer), first(more)];
	const methods = Object.values(METHODS)
		.filter(({ id }) => id !== coat.method)
		.map(({ id, name, wet }) => ({
			says: `${name}: ${wet ? 'it covers more in the time' : 'it need not be kept wet'}`,
			coat: { ...coat, method: id }
		}))
		.filter((one) => cures(one.coat))
		.slice(0, 2);
	return [...withExtender, ...withHands, ...(withExtender.length + withHands.length === 0 ? first(both) : []), ...methods];
}

function range(from: number, to: number): number[] {
	return Array.from({ length: Math.max(0, to - from + 1) }, (_, i) => from + i);
}
