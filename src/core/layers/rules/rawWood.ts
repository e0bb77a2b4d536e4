import type { Rule } from '../findings';
import { newClear } from '../kinds/clear';
import { newWax } from '../kinds/wax';
import { isBared, layersOn } from '../stackLayers';

/** What was sanded to bare wood is not left raw beside what is finished. Source: craft 3 and 12. */
export const rawWood: Rule = {
	id: 'raw-wood',
	risk: 'last',
	satisfiedBy: 'A coat, a clear coat or a wax on whatever was sanded to bare, before the piece is done; or left raw, as a choice.',
	check: (stack) => {
		const last = stack.layers.findLast(({ traits }) => traits.protects);
		if (!last) return [];
		const where = stack.surfaces.filter(
			(surface) =>
				isBared(stack, surface, stack.layers.length) && !layersOn(stack, surface).some(({ traits }) => traits.film && !traits.oil)
		);
		if (where.length === 0) return [];
		const bared = stack.layers.findLast(({ traits, surfaces }) => traits.bares && surfaces.has(where[0]!))!;
		const on = stack.placesFor(where);
		const at = 1 + Math.max(last.at, bared.at);
		return [
			{
				kind: 'should',
				what: 'It is sanded to bare wood, and nothing is laid on that.',
				coat: bared.coat.id,
				where,
				why: 'Raw wood greys, and takes every wet ring and every finger for good.',
				remedies: [
					{ label: 'Two clear coats on it', edits: [{ op: 'insert', at, coat: newClear(on) }] },
					{ label: 'A wax on it', edits: [{ op: 'insert', at, coat: newWax(on) }] }
				]
			}
		];
	},
	examples: {
		bad: [
			['drawers stripped and left', 'sand bare on=drawers!; base on=frame; clear on=frame'],
			['all stripped after the wax', 'base; wax; sand bare on=drawer-1!']
		],
		good: [
			['waxed', 'sand bare on=drawers; base on=frame; clear on=frame; wax on=drawers'],
			['painted', 'sand bare; base; clear'],
			['not done yet', 'sand bare'],
			['keyed only', 'sand on=drawers; base on=frame; clear on=frame']
		]
	}
};
