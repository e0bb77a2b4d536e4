import type { Rule } from '../findings';
import { newScuff } from '../kinds/scuff';
import { layersOn } from '../stackLayers';

/** A light sanding and dusting before a transfer. Source: craft 9 and 12. */
export const transferSmooth: Rule = {
	id: 'transfer-smooth',
	risk: 'hold',
	satisfiedBy: 'A few light strokes with a fine pad, dusted off, between the last paint and the transfer.',
	check: (stack) =>
		stack.layers
			.filter(({ traits }) => traits.transfers)
			.flatMap((layer) => {
				const where = [...layer.surfaces].filter((surface) => {
					const under = layersOn(stack, surface, layer.at);
					const paint = under.findLastIndex(({ traits }) => traits.film && traits.wet);
					return paint >= 0 && !under.slice(paint).some(({ traits }) => traits.keys || traits.dusts);
				});
				if (where.length === 0) return [];
				return [
					{
						kind: 'note' as const,
						what: 'The transfer goes on paint that was not smoothed.',
						coat: layer.coat.id,
						where,
						why: 'Each grain under the film stays a bubble, and shows.',
						remedies: [{ label: 'Smooth it first', edits: [{ op: 'insert', at: layer.at, coat: newScuff(stack.placesFor(where)) }] }]
					}
				];
			}),
	examples: {
		bad: [
			['straight on paint', 'base; transfer!'],
			['smoothed before the last coat', 'base; scuff; base; transfer!']
		],
		good: [
			['smoothed', 'base; scuff; transfer'],
			['dusted', 'base; dust; transfer'],
			['on bare wood', 'sand; transfer']
		]
	}
};
