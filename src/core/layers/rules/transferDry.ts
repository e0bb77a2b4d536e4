import type { Rule } from '../findings';
import { nameCoat } from '../kinds';
import { layersUnder } from '../stackLayers';

const A_DAY = 1440;

/** Paint under a transfer is dry; a day is the careful figure. Source: craft 9 and 12. */
export const transferDry: Rule = {
	id: 'transfer-dry',
	risk: 'dry',
	satisfiedBy: 'Paint past its recoat under a transfer, and better a day old; more where it is damp.',
	arcs: (stack) =>
		stack.layers
			.filter(({ traits }) => traits.transfers)
			.flatMap((after) =>
				layersUnder(stack, after)
					.filter(({ layer }) => layer.traits.film && layer.traits.wet && layer.material !== null)
					.flatMap(({ layer: before, where }) =>
						(['recoat', A_DAY] as const).map((least) => ({
							rule: 'transfer-dry',
							before,
							after,
							where,
							least,
							asks: least,
							most: null,
							kind: least === A_DAY ? ('should' as const) : ('must' as const),
							what: (waited: string, needs: string) =>
								`The transfer goes on ${waited} after ${nameCoat(before.coat, before.material)}; ${least === A_DAY ? `a day (${needs}) is the careful figure.` : `that needs ${needs}.`}`,
							why: 'The film comes off its backing only on a dry, hard ground; on a soft one it takes the paint with it.'
						}))
					)
			),
	examples: {
		bad: [
			['on wet paint', 'base; transfer wait=30!'],
			['on paint of the same day', 'base; transfer wait=300!'],
			['on a clear coat of an hour', 'base; clear; transfer wait=70!']
		],
		good: [
			['a day later', 'base; transfer wait=1440'],
			['left to the plan', 'base; transfer'],
			['wet on another surface', 'base on=frame; transfer on=drawers wait=0']
		]
	}
};
