import type { Rule } from '../findings';
import { nameCoat } from '../kinds';
import { layersUnder } from '../stackLayers';

/** Paint is a day old before a heat gun comes near it, minutes. */
const A_DAY = 1440;

/** Heat blisters fresh paint: what lies under and round puffed work, and ornament that is bent warm, is dry all through. Source: craft 12. */
export const heat: Rule = {
	id: 'heat',
	risk: 'dry',
	satisfiedBy: 'A day between the last coat under it and the heat gun; and the gun 10 to 15 cm off, always moving.',
	arcs: (stack) =>
		stack.layers
			.filter(({ traits }) => traits.heated)
			.flatMap((after) =>
				layersUnder(stack, after)
					.filter(({ layer }) => layer.traits.film && layer.material !== null)
					.map(({ layer: before, where }) => ({
						rule: 'heat',
						before,
						after,
						where,
						least: A_DAY,
						asks: A_DAY,
						most: null,
						kind: 'should',
						what: (waited, needs) =>
							`A heat gun comes to it ${waited} after ${nameCoat(before.coat, before.material)}; a day (${needs}) is the careful figure.`,
						why: 'Water and solvent that are still in the paint boil under the gun, and it blisters.'
					}))
			),
	examples: {
		bad: [
			['on paint of three hours', 'base; paste:puff-gel wait=180!'],
			['ornament warmed on paint of this morning', 'base; cast:bendable-applique wait=240!'],
			['on fresh glaze', 'base; glaze; cast:bendable-applique wait=240!'],
			['on a clear coat of this morning', 'base; clear:tough-clear-coat; scuff; paste:puff-gel wait=240!']
		],
		good: [
			['a day later', 'base; paste:puff-gel wait=1440'],
			['ornament that is not warmed', 'base; cast:wood-applique wait=240'],
			['left to the plan', 'base; paste:puff-gel'],
			['paste that dries by itself', 'base; paste wait=120; sand through']
		]
	}
};
