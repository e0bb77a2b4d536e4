import type { Choice, ChoiceGroup } from './types';

/** A group with its taken choice: the picked one, else the best. */
export function takeChoice<C extends Choice>(group: Omit<ChoiceGroup<C>, 'taken'>, picked: string | undefined): ChoiceGroup<C> {
	const at = picked === undefined ? -1 : group.choices.findIndex(({ pick }) => pick === picked);
	return { ...group, taken: at >= 0 ? at : group.choices.length > 0 ? 0 : -1 };
}

/** As many ways as anybody looks through. */
const MOST = 8;

/** Best first; of those that are called the same, the best. Those of `keep` are among them, however far down they stand. */
export function rankChoices<C extends Choice>(choices: readonly C[], keep: readonly unknown[] = []): C[] {
	const sorted = [...choices].sort((a, b) => a.cost - b.cost || (a.title < b.title ? -1 : 1));
	const titles = new Set<string>();
	const best = sorted.filter(({ title, reason }) => !titles.has(title + reason) && titles.add(title + reason)).slice(0, MOST);
	const kept = sorted.filter((choice, i) => keep.includes(choice.pick) && sorted.findIndex(({ pick }) => pick === choice.pick) === i);
	return [...best, ...kept.filter(({ pick }) => !best.some((other) => other.pick === pick))];
}
