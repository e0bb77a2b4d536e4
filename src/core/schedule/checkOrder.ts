import { RULES, type Decision, type Finding, type Found, type Overrun, type Remedy } from '../layers';
import { formatDuration, SAME, type Minutes, formatWait, formatLatest } from '../units';
import { timeOrder, type TimedArc, type TimedOrder, type TimedSitting } from './timeOrder';

const SEVERITY = ['must', 'should', 'school', 'note'];
/**
 * Every finding of every rule, the gravest first: what is wrong whatever the clock says, each arc that is kept too short
 * or too long, and work that cannot be done while it is wet. Those that the painter overruled carry the decision; a `must` cannot be overruled.
 */
export function checkOrder(order: TimedOrder, overruns: readonly Overrun[], decisions: readonly Decision[]): Finding[] {
	const findings = RULES.flatMap((rule) => {
		const told = rule.overrun ? overruns.map(rule.overrun) : [];
		const found = [...brokenArcs(order, rule.id), ...(rule.check?.(order.stack) ?? []), ...told];
		return found
			.filter((one) => !isSwallowed(one, found))
			.map((one): Finding => ({ rule: rule.id, risk: rule.risk, ...one, overruled: overruledBy(rule.id, one, decisions) }));
	});
	return findings.sort((a, b) => SEVERITY.indexOf(a.kind) - SEVERITY.indexOf(b.kind));
}

function overruledBy(rule: string, { kind, coat }: Found, decisions: readonly Decision[]): string | null {
	return kind === 'must' ? null : (decisions.find((other) => other.rule === rule && other.coat === coat)?.choice ?? null);
}

/** What one rule says of one coat more gravely, it need not say again. */
function isSwallowed({ coat, kind }: Found, found: readonly Found[]): boolean {
	return found.some((other) => other.coat === coat && SEVERITY.indexOf(other.kind) < SEVERITY.indexOf(kind));
}

/** An arc that is kept too short, or whose window is over before the work in it is done. */
interface Broken {
	readonly timed: TimedArc;
	/** Minutes that were waited, or that went by until all was done. */
	readonly took: Minutes;
	readonly off: Minutes;
	readonly isLate: boolean;
}

/** Of each step the arc of a rule that is kept worst, of each gravity. */
function brokenArcs(order: TimedOrder, rule: string): Found[] {
	const worst = new Map<string, Broken>();
	for (const timed of order.arcs) {
		if (timed.arc.rule !== rule) continue;
		const broken = breakOf(order, timed);
		const key = `${timed.arc.kind} ${timed.arc.after.coat.id}`;
		if (broken.off > SAME && broken.off > (worst.get(key)?.off ?? 0)) worst.set(key, broken);
	}
	return [...worst.values()].map((broken) => {
		const { timed, took, isLate } = broken;
		const { arc, least, asks, most } = timed;
		return {
			kind: arc.kind,
			what: arc.what(formatDuration(took), isLate ? formatLatest(most!) : formatWait(least), isLate),
			coat: arc.after.coat.id,
			where: arc.where,
			why: arc.why,
			remedies: isLate
				? [...remediesForLate(order, broken), ...(arc.ifLate ?? [])]
				: [{ label: `Wait ${formatWait(asks)}`, edits: [{ op: 'wait', coat: arc.after.coat.id, wait: null }] }]
		};
	});
}

function breakOf(order: TimedOrder, timed: TimedArc): Broken {
	const { arc, least, most } = timed;
	/** In one sitting the second is begun before all of the first is done. */
	const waited = Math.max(0, order.steps[arc.after.at]!.beginsAt - order.steps[arc.before.at]!.doneAt);
	const held = most === null ? 0 : longestHeld(order, timed);
	const late = most === null ? 0 : held - most;
	const isLate = late > least - waited;
	return { timed, took: isLate ? held : waited, off: isLate ? late : least - waited, isLate };
}

/** A window holds to the end of the work in it, on each surface by itself: the longest that one is kept open. */
function longestHeld({ links, sittings }: TimedOrder, timed: TimedArc): Minutes {
	return links
		.filter(({ arc }) => arc === timed)
		.reduce((longest, { before, after }) => Math.max(longest, heldBetween(sittings[before]!, sittings[after]!)), 0);
}

/** What is worked into is open from when it is begun; in one sitting its sections were cut to that. */
function heldBetween(before: TimedSitting, after: TimedSitting): Minutes {
	if (after.wetFrom === null || after.wetFrom !== before.wetFrom) return after.doneAt - before.doneAt;
	return after.beginsAt - before.doneAt > SAME ? after.doneAt - before.beginsAt : 0;
}

/** Waits of the painter's own within the window are given up, where that is enough. */
function remediesForLate(order: TimedOrder, { timed: { arc } }: Broken): Remedy[] {
	const { stack, drying, untimed } = order;
	const own = stack.layers.filter(({ at, coat }) => at > arc.before.at && at <= arc.after.at && coat.wait !== null);
	if (own.length === 0) return [];
	const layers = stack.layers.map((layer) => (own.includes(layer) ? { ...layer, coat: { ...layer.coat, wait: null } } : layer));
	const sooner = timeOrder({ ...stack, layers }, drying, untimed);
	const isKept = sooner.arcs
		.filter((other) => other.arc.rule === arc.rule && other.arc.after.at === arc.after.at)
		.every((other) => breakOf(sooner, other).off <= SAME);
	const edits = own.map(({ coat }) => ({ op: 'wait' as const, coat: coat.id, wait: null }));
	return isKept ? [{ label: 'Go on as soon as it is ready', edits }] : [];
}
