import { mustBeDry } from '../layers';
import type { Minutes } from '../units';
import type { Quantities } from './countQuantities';

export interface ToolRow {
	readonly tool: string;
	/** As many as one day asks for at most. */
	readonly count: number;
	/** Used again in a later sitting of a day: wrapped so that it stays wet, it serves again. */
	readonly wrap: boolean;
	/** Coats that it is for, by id. */
	readonly coats: readonly string[];
}

/** A working day, from its first sitting on. A starting figure of ours. */
const DAY: Minutes = 600;

/**
 * Every tool once, with as many as one day asks for at most: a brush that has to be dry serves one sitting of a day, since it is washed
 * and not dry before tomorrow; all others serve sitting after sitting, wrapped in between. `begun`: when each coat is begun, minutes from
 * the first, as early as its waits let. Source: craft 4 and 13.
 */
export function listTools(tools: Quantities['tools'], begun: ReadonlyMap<string, Minutes>): ToolRow[] {
	const dayOf = daysOf([...new Set(tools.map(({ sitting }) => sitting))], begun);
	return [...new Set(tools.map(({ tool }) => tool))].map((tool) => {
		const all = tools.filter((one) => one.tool === tool);
		const inHand = new Map<string, number>();
		for (const { sitting, count } of all) inHand.set(sitting, (inHand.get(sitting) ?? 0) + count);
		const days = new Map<number, number[]>();
		for (const [sitting, count] of inHand) days.set(dayOf.get(sitting)!, [...(days.get(dayOf.get(sitting)!) ?? []), count]);
		const isDry = mustBeDry(tool);
		const asked = [...days.values()].map((counts) => (isDry ? counts.reduce((a, b) => a + b, 0) : Math.max(...counts)));
		const wrap = !isDry && /\bbrush\b/.test(tool) && [...days.values()].some((counts) => counts.length > 1);
		return { tool, count: Math.max(...asked), wrap, coats: all.map(({ coat }) => coat) };
	});
}

/** Of each sitting the day on which it falls, if all goes on as early as it may. */
function daysOf(sittings: readonly string[], begun: ReadonlyMap<string, Minutes>): Map<string, number> {
	const at = (sitting: string) => begun.get(sitting) ?? 0;
	let [day, from] = [0, -Infinity];
	return new Map(
		[...sittings]
			.sort((a, b) => at(a) - at(b))
			.map((sitting) => {
				if (at(sitting) >= from + DAY) [day, from] = [day + 1, at(sitting)];
				return [sitting, day];
			})
	);
}
