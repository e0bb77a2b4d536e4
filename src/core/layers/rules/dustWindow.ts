import type { Rule } from '../findings';
import { nameCoat } from '../kinds';
import { newWax } from '../kinds/wax';
import { layersUnder } from '../stackLayers';

/** Powder holds on wax that has set and is not yet hard. Source: craft 3 and 12. */
export const dustWindow: Rule = {
	id: 'dust-window',
	risk: 'dry',
	satisfiedBy: 'Dusting powder on a wax that has set for half an hour or more, and before it is hard.',
	check: (stack) =>
		stack.layers
			.filter(({ traits }) => traits.powders)
			.flatMap((layer) => {
				const waxed = new Set(layersUnder(stack, layer).flatMap(({ layer: { traits }, where }) => (traits.wax ? where : [])));
				const where = [...layer.surfaces].filter((surface) => !waxed.has(surface));
				if (where.length === 0) return [];
				return [
					{
						kind: 'must' as const,
						what: 'There is no wax under the powder.',
						coat: layer.coat.id,
						where,
						why: 'Nothing else holds it: it is wiped off with the first cloth.',
						remedies: [
							{
								label: 'Clear wax before it',
								edits: [
									{ op: 'insert', at: layer.at, coat: newWax(stack.placesFor(where)) },
									{ op: 'wait', coat: layer.coat.id, wait: null }
								]
							}
						]
					}
				];
			}),
	arcs: (stack) =>
		stack.layers
			.filter(({ traits }) => traits.powders)
			.flatMap((after) =>
				layersUnder(stack, after)
					.filter(({ layer }) => layer.traits.wax)
					.slice(-1)
					.map(({ layer: before, where }) => ({
						rule: 'dust-window',
						before,
						after,
						where,
						least: 'wax-set',
						asks: 'wax-set',
						most: 'wax-hard',
						kind: 'must',
						what: (took, needs, isLate) =>
							isLate
								? `The powder is on ${took} after ${nameCoat(before.coat, before.material)}, which is hard after ${needs}.`
								: `The powder goes on ${took} after ${nameCoat(before.coat, before.material)}, which has set only after ${needs}.`,
						why: 'On soft wax it smears into mud; on hard wax it does not hold.'
					}))
			),
	examples: {
		bad: [
			['on fresh wax', 'base; wax; powder wait=5!'],
			['next day', 'base; wax; powder wait=1440!'],
			['no wax', 'base; clear; powder!']
		],
		good: [
			['in its window', 'base on=drawer-1; wax on=drawer-1; powder on=drawer-1 wait=60'],
			['left to the plan', 'base; wax; powder'],
			['on the upper of two waxes', 'base; wax; wax:dark-wax; powder']
		]
	}
};
