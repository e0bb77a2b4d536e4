import type { Rule } from '../findings';
import { newBurnish } from '../kinds/burnish';
import { layersOver } from '../stackLayers';

/** Air under film lifts it later: burnished before it is sealed. Source: craft 9 and 12. */
export const transferBurnish: Rule = {
	id: 'transfer-burnish',
	risk: 'hold',
	satisfiedBy: 'Burnishing between a transfer and whatever goes over it.',
	check: (stack) =>
		stack.layers
			.filter(({ traits }) => traits.transfers)
			.flatMap((layer) => {
				const over = layersOver(stack, layer);
				const where = [...layer.surfaces].filter((surface) => {
					const next = over.find(({ layer: { traits }, where: on }) => on.includes(surface) && (traits.film || traits.burnishes));
					return next !== undefined && !next.layer.traits.burnishes && !next.layer.traits.transfers;
				});
				if (where.length === 0) return [];
				return [
					{
						kind: 'must' as const,
						what: 'The transfer is covered before it has been burnished.',
						coat: layer.coat.id,
						where,
						why: 'Air that is left under the film swells under a wet coat, and the film lifts off with it.',
						remedies: [{ label: 'Burnish it', edits: [{ op: 'insert', at: layer.at + 1, coat: newBurnish(stack.placesFor(where)) }] }]
					}
				];
			}),
	examples: {
		bad: [
			['sealed at once', 'base; transfer!; clear'],
			['burnished after the clear coat', 'base; transfer!; clear; burnish']
		],
		good: [
			['burnished', 'base; transfer; burnish; clear'],
			['one piece over another, then burnished', 'base; transfer; transfer; burnish; clear'],
			['nothing goes over it yet', 'base; transfer']
		]
	}
};
