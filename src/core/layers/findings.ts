import type { Arc, RuleKind } from './arcs';
import type { Coat } from './kinds/schema';
import type { FinishEdit, Remedy } from './remedy';
import { withCoats, type Finish } from './schema';
import type { Layer, Stack } from './stackLayers';
import type { Minutes } from '../units';

export interface Finding {
	readonly rule: string;
	readonly risk: Risk;
	readonly kind: RuleKind;
	/** What is wrong. */
	readonly what: string;
	/** The step that it concerns; null for the finish as a whole. */
	readonly coat: string | null;
	/** Surfaces where it holds: ids of parts, and of faces for their carcass. */
	readonly where: readonly string[];
	readonly why: string;
	/** The colour that is wished for, and the one that comes of it. */
	readonly swatches?: readonly [wished: string, comes: string];
	readonly remedies: readonly Remedy[];
	/** The painter's decision, where they overruled it. */
	readonly overruled: string | null;
}

/** What a rule finds, before it is known whether the painter overruled it. */
export type Found = Omit<Finding, 'rule' | 'risk' | 'overruled'>;

/**
 * An order of steps in short, as the tests read it: `kind:material option`, divided by semicolons; first what differs of the
 * piece, before a bar. The step with `!` is the one that is found.
 */
export type Example = readonly [says: string, order: string];

/** Work that cannot all be done while it is wet, as whoever cuts its sections found it. */
export interface Overrun {
	/** Of one sitting, in their order: the last is the one that is found. */
	readonly layers: readonly Layer[];
	/** Surfaces of the parts that are too large. */
	readonly where: readonly string[];
	/** What the largest of them takes, and how long it may. */
	readonly minutes: Minutes;
	readonly most: Minutes;
	/** A mist keeps it wet for longer, as often as it is counted in. */
	readonly isMisted: boolean;
	/** What would help, as it was tried: coats in place of those that are there. */
	readonly changes: readonly { readonly label: string; readonly coats: readonly Coat[] }[];
}

/** What a finding puts at risk: that coats hold, that they dry as they should, how it looks, how long it lasts, the piece itself. */
export const RISKS = ['hold', 'dry', 'look', 'last', 'piece'] as const;
export type Risk = (typeof RISKS)[number];

export interface Rule {
	readonly id: string;
	/** What is put at risk where it is not kept. */
	readonly risk: Risk;
	/** What satisfies it, for help in place. */
	readonly satisfiedBy: string;
	/** What is wrong whatever the clock says. */
	readonly check?: (stack: Stack) => Found[];
	/** What has to pass between steps. */
	readonly arcs?: (stack: Stack) => Arc[];
	/** What it says of work that takes longer than it stays wet. */
	readonly overrun?: (overrun: Overrun) => Found;
	/** Read by the tests: what it must say, and what it must not. */
	readonly examples: { readonly bad: readonly Example[]; readonly good: readonly Example[] };
}

/** Applies every edit of a remedy in turn; a coat that is gone is passed over. The finish that went in is left as it was. */
export function applyRemedy(finish: Finish, remedy: Remedy): Finish {
	return remedy.edits.reduce(applyEdit, finish);
}

function applyEdit(finish: Finish, edit: FinishEdit): Finish {
	const { coats } = finish;
	switch (edit.op) {
		case 'insert':
			return withCoats(finish, coats.toSpliced(edit.at, 0, { ...edit.coat, id: freeId(edit.coat.id, coats) }));
		case 'move':
			return withCoats(finish, moveCoat(coats, edit.coat, edit.to));
		case 'replace':
			return withCoats(
				finish,
				coats.map((coat) => (coat.id === edit.coat ? edit.with : coat))
			);
		case 'wait':
			return { ...finish, coats: coats.map((coat) => (coat.id === edit.coat ? { ...coat, wait: edit.wait } : coat)) };
		case 'drop':
			return withCoats(
				finish,
				coats.filter(({ id }) => id !== edit.coat)
			);
		case 'decide':
			return { ...finish, decisions: [...finish.decisions, edit.decision] };
	}
}

/** The coats with one moved to a place, counted in the list without it. */
export function moveCoat(coats: readonly Coat[], id: string, to: number): Coat[] {
	const coat = coats.find((other) => other.id === id);
	const rest = coats.filter((other) => other.id !== id);
	return coat ? rest.toSpliced(Math.max(0, Math.min(rest.length, to)), 0, coat) : [...coats];
}

/** An id that no coat has yet: `base`, then `base-2`, ... */
export function freeId(wish: string, taken: readonly { readonly id: string }[]): string {
	const ids = new Set(taken.map(({ id }) => id));
	if (!ids.has(wish)) return wish;
	let n = 2;
	while (ids.has(`${wish}-${n}`)) n++;
	return `${wish}-${n}`;
}
