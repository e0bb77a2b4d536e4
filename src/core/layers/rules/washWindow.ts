import type { Rule } from '../findings';
import { nameCoat } from '../kinds';
import { layersUnder } from '../stackLayers';

/** Running colour is softened once it has half set, and before it has set. Source: craft 4 and 12. */
export const washWindow: Rule = {
	id: 'wash-window',
	risk: 'dry',
	satisfiedBy: 'Dabbing running colour soft when it no longer shines all over, and before it has set.',
	arcs: (stack) =>
		stack.layers
			.filter(({ traits }) => traits.softens)
			.flatMap((after) =>
				layersUnder(stack, after)
					.filter(({ layer }) => layer.traits.runs)
					.slice(-1)
					.map(({ layer: before, where }) => ({
						rule: 'wash-window',
						before,
						after,
						where,
						least: 'half-set',
						asks: 'half-set',
						most: 'set',
						kind: 'should',
						what: (took, needs, isLate) =>
							isLate
								? `It is dabbed soft ${took} after ${nameCoat(before.coat, before.material)}, which has set after ${needs}.`
								: `It is dabbed ${took} after ${nameCoat(before.coat, before.material)}, which has half set only after ${needs}.`,
						ifLate: [{ label: 'Dab it as it is laid, section by section', edits: [{ op: 'drop', coat: after.coat.id }] }],
						why: 'Too early it lifts off on the sponge; too late its edges stay hard.'
					}))
			),
	examples: {
		bad: [
			['at once', 'base; wash done=dabbed on=drawer-1; soften on=drawer-1 wait=0!'],
			['an hour later', 'base; blend method=running-colour; soften wait=60!']
		],
		good: [
			['left to the plan', 'base on=drawer-1; wash done=dabbed on=drawer-1; soften on=drawer-1'],
			['softened as it is laid', 'base; blend method=running-colour'],
			['dabbing that has nothing to do with a run', 'base; soften wait=600']
		]
	}
};
