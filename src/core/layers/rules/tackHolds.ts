import type { Rule } from '../findings';
import { nameCoat } from '../kinds';
import type { Arc } from '../arcs';
import { layersUnder, type Layer, type Stack } from '../stackLayers';

/** What holds by a tack is laid while it is there, from its beginning to its end; of leaf and crackle their own rules say it. Source: craft 3 and 12. */
export const tackHolds: Rule = {
	id: 'tack-holds',
	risk: 'dry',
	satisfiedBy: 'Laid once what is under it is tacky, and all of it on before the tack is gone.',
	arcs: (stack) => tackArcs(stack, 'tack-holds', ({ traits, material }) => traits.cracks === null && material?.kind !== 'leaf'),
	examples: {
		bad: [
			['before the size is tacky', 'base; glaze:made-up-size; base:made-up-leaf wait=10!'],
			['after its tack is gone', 'base; glaze:made-up-size; base:made-up-leaf wait=1440!'],
			['begun in time, but not done in time', 'base; glaze:made-up-size; base:made-up-leaf wait=1435!']
		],
		good: [
			['at the tack', 'base; glaze:made-up-size; base:made-up-leaf wait=40'],
			['left to the plan', 'base; glaze:made-up-size; base:made-up-leaf'],
			['dark wax at the tack of a clear wax', 'base; wax; wax:dark-wax wait=20'],
			['dark wax days after a clear wax', 'base; wax; wax:dark-wax wait=9000'],
			['on another surface', 'glaze:made-up-size on=frame; base:made-up-leaf on=drawers wait=5000']
		]
	}
};

/** Of what holds by a tack: laid from its beginning to its end. */
export function tackArcs(stack: Stack, rule: string, isMeant: (layer: Layer) => boolean): Arc[] {
	return stack.layers
		.filter((layer) => layer.traits.clings && isMeant(layer))
		.flatMap((after) =>
			layersUnder(stack, after)
				.filter(({ layer }) => layer.material?.tack)
				.slice(-1)
				.map(({ layer: before, where }): Arc => ({
					rule,
					before,
					after,
					where,
					least: 'tacky',
					asks: 'tacky',
					most: 'tack-lost',
					kind: 'must',
					what: (took, needs, isLate) =>
						isLate
							? `It is on ${took} after ${nameCoat(before.coat, before.material)}, whose tack is gone after ${needs}.`
							: `It goes on ${took} after ${nameCoat(before.coat, before.material)}, which is tacky only after ${needs}.`,
					why: 'Too soon it drowns in what is still wet; too late there is nothing that holds it.'
				}))
		);
}
