import type { Arc } from '../arcs';
import type { Rule } from '../findings';
import { nameCoat } from '../kinds';
import { layersUnder, type Layer, type Stack } from '../stackLayers';

/** A day: the careful figure for tape on a panel that is finished, minutes. Source: craft 12. */
const A_DAY = 1440;

/** Tape goes only on a coat past its recoat; a mask that stays on a finished panel a day later. Taped paint keeps `recoat`, as all wet coats do. Source: craft 12. */
export const tapeDry: Rule = {
	id: 'tape-dry',
	risk: 'dry',
	satisfiedBy: 'Waiting as long as the coat under the tape needs before its next; a day where a finished panel is masked.',
	arcs: (stack) => stack.layers.filter(({ traits }) => traits.masks === 'on').flatMap((layer) => tapeArcs(stack, layer)),
	examples: {
		bad: [
			['a mask on paint of an hour ago', 'base; mask on=drawers wait=60!; unmask mask=mask'],
			['a mask on a clear coat that is still soft', 'base; clear; mask on=drawers wait=20!; unmask mask=mask']
		],
		good: [
			['past its recoat', 'base; mask on=drawers wait=130; unmask mask=mask'],
			['left to the plan', 'base; mask on=drawers; base on=frame; unmask mask=mask'],
			['wet on another surface', 'base on=frame; mask on=drawers wait=0; unmask mask=mask']
		]
	}
};

function tapeArcs(stack: Stack, after: Layer): Arc[] {
	return layersUnder(stack, after)
		.filter(({ layer }) => layer.material !== null)
		.map(({ layer: before, where }) => ({
			rule: 'tape-dry',
			before,
			after,
			where,
			least: 'recoat',
			asks: before.traits.decorates || before.traits.blends > 0 || before.traits.protects ? A_DAY : ('recoat' as const),
			most: null,
			kind: 'should',
			what: (waited, needs) => `Tape goes on ${waited} after ${nameCoat(before.coat, before.material)}, which needs ${needs}.`,
			why: 'Tape on soft paint prints into it, and takes it along when it is pulled.'
		}));
}
