import type { LayMode, LaysChoice } from '$core/layout';

const WAYS: Readonly<Record<LayMode, string>> = {
	chain: 'each over the last',
	middle: 'from the middle out',
	marks: 'by marks'
};
const several = (count: number, one: string) => `${count} ${one}${count === 1 ? '' : 's'}`;

/** `by marks: 3 lays, 1 wait`. */
export function wordWay({ mode, lays, waits }: LaysChoice): string {
	return `${WAYS[mode]}: ${several(lays, 'lay')}, ${waits === 0 ? 'no wait' : several(waits, 'wait')}`;
}

/** Whether fewer rounds are possible, as far as is known. */
export function wordProof({ rounds, least }: LaysChoice): string {
	return rounds === least
		? `${several(rounds, 'round')}: no fewer will do`
		: `${several(rounds, 'round')}: the best found; at least ${least}`;
}
