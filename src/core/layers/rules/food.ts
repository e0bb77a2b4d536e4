import type { Rule } from '../findings';
import { nameCoat } from '../kinds';
import { newClear } from '../kinds/clear';
import { layersOn } from '../stackLayers';

/** What touches food, or is a child's, takes materials whose maker says so. Source: craft 12 and 15. */
export const food: Rule = {
	id: 'food',
	risk: 'last',
	satisfiedBy:
		'On what touches food or is for children: a last coat whose own label says that it may; else it is decorative only, and that is written on it.',
	check: (stack) => {
		const use = stack.uses.has('food') ? 'food' : stack.uses.has('children') ? 'children' : null;
		if (use === null) return [];
		const open = stack.surfaces.flatMap((surface) => {
			const top = layersOn(stack, surface).findLast(({ traits }) => traits.film && traits.covers);
			return top && !top.traits.food ? [{ surface, top }] : [];
		});
		if (open.length === 0) return [];
		const where = open.map(({ surface }) => surface);
		const { top } = open[0]!;
		const safe = [...stack.materials.values()].find(({ kind, food: may }) => kind === 'clear' && may === true);
		return [
			{
				kind: 'should' as const,
				what: `The label of ${nameCoat(top.coat, top.material)} is not known to say that it may ${use === 'food' ? 'touch food' : 'be used for children'}.`,
				coat: top.coat.id,
				where,
				why:
					use === 'food'
						? 'Only its maker can say so, and only when it has cured. Write it down from the label; or leave it decorative only, and say so under the piece.'
						: 'Only its maker can say so. Write it down from the label; local rules for toys and children’s furniture come first.',
				remedies: safe
					? [
							{
								label: `Seal it with ${safe.name.toLowerCase()}`,
								edits: [{ op: 'insert', at: stack.layers.length, coat: { ...newClear(stack.placesFor(where)), material: safe.id } }]
							}
						]
					: []
			}
		];
	},
	examples: {
		bad: [
			['a board sealed with something of which nothing is known', 'food | base; clear!'],
			["a child's chest", 'children | base; clear!']
		],
		good: [
			['its label says so', 'food | base; clear:made-up-board-coat'],
			['nothing touches food', 'base; clear'],
			['nothing is painted yet', 'food | clean']
		]
	}
};
