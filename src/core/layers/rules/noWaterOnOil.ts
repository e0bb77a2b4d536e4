import { nameCoat } from '../kinds';
import type { Rule } from '../findings';
import { layersOver } from '../stackLayers';

/** Water-based coats hold on gilding wax when it has hardened; oil on it is fine. Source: craft 3 and 12. */
export const noWaterOnOil: Rule = {
	id: 'no-water-on-oil',
	risk: 'hold',
	satisfiedBy: 'Gilding wax that has hardened (12 to 24 hours) before a water-based coat; it needs no coat over it at all.',
	arcs: (stack) =>
		stack.layers
			.filter(({ traits }) => traits.oil)
			.flatMap((before) =>
				layersOver(stack, before)
					.filter(({ layer }) => layer.traits.wet && (layer.material?.carrier === 'water' || layer.traits.thinned === 'water'))
					.map(({ layer: after, where }) => ({
						rule: 'no-water-on-oil',
						before,
						after,
						where,
						least: 'hardening',
						asks: 'hard',
						most: null,
						kind: 'must',
						what: (waited, needs) =>
							`It goes on ${waited} after ${nameCoat(before.coat, before.material)}, which takes ${needs} at least to harden.`,
						why: 'Water beads on oil that is soft, and drags the metal off with it.'
					}))
			),
	examples: {
		bad: [
			['a clear coat on gilding wax of two hours', 'base; gilding-wax; clear wait=120!'],
			['a water-based wax on fresh gilding wax', 'base; gilding-wax; wax:clear-wax-water wait=60!'],
			['a glaze on gilding wax of the same day', 'base; gilding-wax; glaze wait=700!']
		],
		good: [
			['a clear coat when it has hardened', 'base; gilding-wax; clear wait=1440'],
			['left to the plan', 'base; gilding-wax; clear'],
			['more gilding wax on it', 'base; gilding-wax; gilding-wax wait=60'],
			['gilding wax on the frame says nothing about the fronts', 'gilding-wax on=frame; clear on=drawers wait=30'],
			['gilding wax at the end', 'base; clear; gilding-wax']
		]
	}
};
