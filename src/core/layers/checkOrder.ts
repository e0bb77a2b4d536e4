import type { Finding } from './findings';
import { RULES } from './rules';
import type { Decision } from './schema';
import type { Stack } from './stackLayers';

const SEVERITY = ['must', 'should', 'school', 'note'];

/** Every finding of every rule, the gravest first; those that the painter overruled carry the decision. A `must` cannot be overruled. */
export function checkOrder(stack: Stack, decisions: readonly Decision[]): Finding[] {
	const findings = RULES.flatMap((rule) =>
		rule.check(stack).map((found): Finding => {
			const decision = found.kind === 'must' ? undefined : decisions.find((other) => other.rule === rule.id && other.coat === found.coat);
			return { rule: rule.id, ...found, overruled: decision?.choice ?? null };
		})
	);
	return findings.sort((a, b) => SEVERITY.indexOf(a.kind) - SEVERITY.indexOf(b.kind));
}
