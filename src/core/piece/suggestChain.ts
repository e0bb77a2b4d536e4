import type { Reading } from './schema';

/**
 * The chain that a person measures on a chest of so many drawers, from the top: rail, gap, drawer, gap, ... plinth.
 * Readings that stand in the old chain at the same place are kept; the rest wait to be taken.
 */
export function suggestChain(drawers: number, old: readonly Reading[] = []): Reading[] {
	const kept = (id: string) => old.find((entry) => entry.id === id)?.reading ?? '';
	const entry = (role: Reading['role'], id: string): Reading => ({ id, role, reading: kept(id) });
	const chain = [entry('rail', 'rail')];
	for (let i = 1; i <= drawers; i++) chain.push(entry('gap', `gap-${i}`), entry('drawer', `drawer-${i}`));
	return [...chain, entry('gap', 'gap-last'), entry('plinth', 'plinth')];
}
