import type { Reading } from '../schema';

/**
 * The chain that a person measures on a chest of so many drawers, from the top: rail, gap, drawer, gap, ... plinth.
 * Readings that stand in the old chain at the same place are kept; the rest wait to be taken.
 */
export function suggestChain(drawers: number, old: readonly Reading[] = [], prefix = ''): Reading[] {
	const entry = (role: Reading['role'], name: string): Reading => {
		const id = `${prefix}${name}`;
		return old.find((other) => other.id === id) ?? { id, role, reading: '' };
	};
	const chain = [entry('rail', 'rail')];
	for (let i = 1; i <= drawers; i++) chain.push(entry('gap', `gap-${i}`), entry('drawer', `drawer-${i}`));
	return [...chain, entry('gap', 'gap-last'), entry('plinth', 'plinth')];
}
