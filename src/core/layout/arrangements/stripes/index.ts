import type { ArrangementKind } from '../types';
import { planStripes } from './planStripes';
import type { Stripes } from './schema';

/** Taped stripes, by the tapes of the shelf or measured. Source: craft 5, methods 5. */
export const stripes: ArrangementKind<Stripes> = {
	word: 'Stripes',
	short: 'stripes',
	of: 'tape',
	spreads: false,
	start: ({ id, name, parts, shortest }) => ({
		kind: 'stripes',
		id,
		name,
		parts,
		angle: 90,
		over: 'each',
		widths: [shortest < 150 ? 12 : 24],
		gap: shortest < 150 ? 12 : 24,
		middle: 'either',
		school: 'tape',
		sliver: 8,
		picks: {},
		leftOut: []
	}),
	motifs: () => [],
	createPlanner: () => planStripes,
	take: (arrangement, group, pick) => ({ ...arrangement, picks: { ...arrangement.picks, [group]: pick } }),
	/** Stripes lie by their count, not by hand. */
	moveItem: (arrangement) => arrangement,
	leaveOut: (arrangement, { part, place }) => ({ ...arrangement, leftOut: [...arrangement.leftOut, { part, place }] }),
	isPlaced: false,
	release: null,
	meansHardware: () => true
};
