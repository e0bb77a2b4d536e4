import type { Face, Reading, ReadingRole } from '../schema';

const WORDS: Readonly<Record<ReadingRole, string>> = {
	rail: 'Rail',
	stile: 'Stile',
	gap: 'Gap',
	drawer: 'Drawer',
	door: 'Door',
	panel: 'Panel',
	apron: 'Apron',
	leg: 'Leg',
	open: 'Opening',
	row: 'Row',
	plinth: 'Plinth'
};

/** Names in the order of measuring: Drawer 1, Drawer 2; one of a kind goes without a number, but for drawers. */
export function countNames(face: Face): (role: ReadingRole) => string {
	const totals = new Map<ReadingRole, number>();
	const count = (readings: readonly Reading[]) => {
		for (const { role, split } of readings) {
			totals.set(role, (totals.get(role) ?? 0) + 1);
			if (split) count(split.chain);
		}
	};
	count(face.chain);
	const given = new Map<ReadingRole, number>();
	return (role) => {
		const n = (given.get(role) ?? 0) + 1;
		given.set(role, n);
		return totals.get(role) === 1 && role !== 'drawer' ? WORDS[role] : `${WORDS[role]} ${n}`;
	};
}
