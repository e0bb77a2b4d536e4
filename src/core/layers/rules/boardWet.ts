import { GROUNDS, type GroundId } from '../../piece';
import type { Rule } from '../findings';
import { newPrime } from '../kinds/prime';
import { isBared, layersOn } from '../stackLayers';

/** Much water on raw board and veneer swells and lifts it. Source: craft 2 and 12. */
export const boardWet: Rule = {
	id: 'board-wet',
	risk: 'piece',
	satisfiedBy: 'A primer or a base coat on board, raw edges and veneer before much water comes to them.',
	check: (stack) =>
		stack.layers
			.filter(({ traits }) => traits.soaks || traits.rinses)
			.flatMap((layer) => {
				const where = [...layer.surfaces].filter(
					(surface) =>
						GROUNDS[stack.groundOf(surface) as GroundId].swells === true &&
						/** What is finished is sealed by that, until it is sanded off. */
						(stack.condition !== 'finished' || isBared(stack, surface, layer.at)) &&
						!layersOn(stack, surface, layer.at).some(({ traits }) => traits.film && traits.covers)
				);
				if (where.length === 0) return [];
				return [
					{
						kind: 'note' as const,
						what: `Much water comes to raw ${GROUNDS[stack.groundOf(where[0]!) as GroundId].name}.`,
						coat: layer.coat.id,
						where,
						why: 'Raw edges swell and stay swollen; veneer lifts at its rim.',
						remedies: [{ label: 'Prime it first', edits: [{ op: 'insert', at: layer.at, coat: newPrime(stack.placesFor(where)) }] }]
					}
				];
			}),
	examples: {
		bad: [
			['a wash on raw fibre board', 'new ground=fibre-board | dust; wash!'],
			['rinsed when the veneer is bare', 'ground=veneer | sand bare; rinse!']
		],
		good: [
			['primed', 'new ground=fibre-board | dust; prime; wash'],
			['a finished board is sealed', 'ground=pressed-board | rinse; base'],
			['solid wood', 'new | dust; wash'],
			['little water', 'new ground=fibre-board | dust; base']
		]
	}
};
