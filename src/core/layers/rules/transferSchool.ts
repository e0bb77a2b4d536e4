import type { Rule } from '../findings';
import { newClear } from '../kinds/clear';
import { layersOver } from '../stackLayers';

/** A tough coat straight on film, or only over standard ones: two schools. Source: craft 9 and 12. */
export const transferSchool: Rule = {
	id: 'transfer-school',
	risk: 'last',
	satisfiedBy: 'A standard clear coat between a transfer and a tough one; or the tough coat straight on the film, as a choice.',
	check: (stack) =>
		stack.layers
			.filter(({ traits }) => traits.transfers && stack.schools.transferTop !== 'straight')
			.flatMap((layer) => {
				const over = layersOver(stack, layer);
				const firsts = new Map(
					[...layer.surfaces].flatMap((surface) => {
						const first = over.find(({ layer: { traits }, where }) => traits.film && !traits.transfers && where.includes(surface));
						return first ? [[surface, first.layer] as const] : [];
					})
				);
				const where = [...firsts].filter(([, first]) => first.traits.tough).map(([surface]) => surface);
				if (where.length === 0) return [];
				const tough = firsts.get(where[0]!)!;
				return [
					{
						kind: 'school' as const,
						what: 'A tough clear coat goes straight on the film of the transfer.',
						coat: tough.coat.id,
						where,
						why: 'Some lay it straight on; others only over a standard coat, because it can pull at the film as it hardens.',
						remedies: [
							{
								label: 'A standard clear coat between',
								edits: [{ op: 'insert', at: tough.at, coat: { ...newClear(stack.placesFor(where)), times: 1 } }]
							}
						]
					}
				];
			}),
	examples: {
		bad: [
			['tough coat on film', 'base; transfer; burnish; clear:tough-clear-coat!'],
			['sealed before, tough after', 'base; clear; transfer; burnish; clear:tough-clear-coat!']
		],
		good: [
			['standard first', 'base; transfer; burnish; clear; clear:tough-clear-coat'],
			['straight on, where this workshop does so', 'school=transferTop:straight | base; transfer; burnish; clear:tough-clear-coat'],
			['standard only', 'base; transfer; burnish; clear'],
			['tough coat where there is no transfer', 'base; transfer on=drawer-1; burnish; clear on=drawer-1; clear:tough-clear-coat on=frame']
		]
	}
};
