import type { Found, Rule } from '../findings';
import { newCrackle } from '../kinds/crackle';
import { layersOver, layersUnder, type Stack } from '../stackLayers';
import { tackArcs } from './tackHolds';

/** The second part of crackle goes on while the first is tacky. Source: craft 3 and 12. */
export const crackleTack: Rule = {
	id: 'crackle-tack',
	risk: 'dry',
	satisfiedBy: 'The second coat of two-part crackle on the first, all of it laid while that is tacky.',
	check: (stack) => [...alone(stack, 'second'), ...alone(stack, 'first')],
	arcs: (stack) => tackArcs(stack, 'crackle-tack', ({ traits }) => traits.cracks === 'second'),
	examples: {
		bad: [
			['too soon', 'base; crackle:crackle-first; crackle:crackle-second wait=5!'],
			['next morning', 'base; crackle:crackle-first; crackle:crackle-second wait=720!'],
			['no first coat', 'base; crackle:crackle-second!'],
			['no second coat', 'base; crackle:crackle-first!; clear']
		],
		good: [
			['left to the plan', 'base; crackle:crackle-first; crackle:crackle-second'],
			['at the tack', 'base on=drawer-1; crackle:crackle-first on=drawer-1; crackle:crackle-second on=drawer-1 wait=25'],
			['another kind of crackle', 'base; crackle; base']
		]
	}
};

/** One part without the other. */
function alone(stack: Stack, part: 'first' | 'second'): Found[] {
	const [other, meets] = part === 'second' ? (['first', layersUnder] as const) : (['second', layersOver] as const);
	return stack.layers
		.filter(({ traits }) => traits.cracks === part)
		.flatMap((layer): Found[] => {
			const met = new Set(meets(stack, layer).flatMap(({ layer: { traits }, where }) => (traits.cracks === other ? where : [])));
			const where = [...layer.surfaces].filter((surface) => !met.has(surface));
			if (where.length === 0) return [];
			return [
				{
					kind: 'must',
					what:
						part === 'second'
							? 'There is no first coat under the second of two-part crackle.'
							: 'The first coat of two-part crackle has no second.',
					coat: layer.coat.id,
					where,
					why: 'The two pull against each other as they dry; one alone does not crack.',
					remedies: [
						{
							label: part === 'second' ? 'The first coat before it' : 'The second coat after it',
							edits: [
								{
									op: 'insert',
									at: part === 'second' ? layer.at : layer.at + 1,
									coat: newCrackle(`crackle-${other}`, stack.placesFor(where))
								}
							]
						}
					]
				}
			];
		});
}
