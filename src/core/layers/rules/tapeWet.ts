import type { Rule } from '../findings';
import { newUnmask } from '../kinds/unmask';

/** A mask stays as long as its panel is protected, and comes off again. Source: craft 12. */
export const tapeWet: Rule = {
	id: 'tape-wet',
	risk: 'dry',
	satisfiedBy:
		'Taking every mask off after the last coat that it keeps away; the tape of a stripe is pulled at its own step, while it is wet.',
	check({ layers }) {
		return layers
			.filter(({ traits, coat }) => traits.masks === 'on' && !layers.some((layer) => layer.traits.unmasks === coat.id))
			.map(({ coat, surfaces }) => ({
				kind: 'must',
				what: 'The mask is never taken off.',
				coat: coat.id,
				where: [...surfaces],
				why: 'Tape that stays bakes on: its glue goes into the paint, and the film over its edge tears when it is pulled at last.',
				remedies: [{ label: 'Take it off at the end', edits: [{ op: 'insert', at: layers.length, coat: newUnmask(coat.id) }] }]
			}));
	},
	examples: {
		bad: [
			['a mask that stays', 'base; mask on=drawers!; base on=frame'],
			['two masks, one of them taken off', 'base; mask on=drawers; mask on=frame!; unmask mask=mask']
		],
		good: [
			['taken off after the coats', 'base; mask on=drawers; base on=frame; unmask mask=mask'],
			['no mask at all', 'base; clear']
		]
	}
};
