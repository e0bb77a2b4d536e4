import { RULES, type Decision, type Finding, type Found } from '../layers';
import { formatDuration, SAME } from '../units';
import type { TimedArc, TimedOrder } from './timeOrder';

const SEVERITY = ['must', 'should', 'school', 'note'];
/**
 * Every finding of every rule, the gravest first: what is wrong whatever the clock says, and each arc that is kept too short
 * or too long. Those that the painter overruled carry the decision; a `must` cannot be overruled.
 */
export function checkOrder(order: TimedOrder, decisions: readonly Decision[]): Finding[] {
	const findings = RULES.flatMap((rule) => {
		const found = [...brokenArcs(order, rule.id), ...(rule.check?.(order.stack) ?? [])];
		return found
			.filter((one) => !isSwallowed(one, found))
			.map((one): Finding => ({ rule: rule.id, ...one, overruled: overruledBy(rule.id, one, decisions) }));
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

/** Of each step the arc that is kept worst. */
function brokenArcs({ arcs, steps }: TimedOrder, rule: string): Found[] {
	const worst = new Map<string, { readonly timed: TimedArc; readonly waited: number; readonly off: number }>();
	for (const timed of arcs) {
		const { arc, least, most } = timed;
		if (arc.rule !== rule) continue;
		const waited = steps[arc.after.at]!.beginsAt - steps[arc.before.at]!.doneAt;
		const off = Math.max(least - waited, most === null ? 0 : waited - most);
		if (off > SAME && off > (worst.get(arc.after.coat.id)?.off ?? 0)) worst.set(arc.after.coat.id, { timed, waited, off });
	}
	return [...worst.values()].map(({ timed: { arc, least, asks, most }, waited }) => {
		const needs = formatDuration(waited < least ? least : most!);
		const before = steps[arc.after.at - 1]!.layer.coat.id;
		return {
			kind: arc.kind,
			what: arc.what(formatDuration(waited), needs),
			coat: arc.after.coat.id,
			where: arc.where,
			why: arc.why,
			remedies: [
				{
					label: waited < least ? `Wait ${formatDuration(asks)}` : 'Go on as soon as it is ready',
					edits: [{ op: 'wait' as const, coat: before, wait: null }]
				}
			]
		};
	});
}
