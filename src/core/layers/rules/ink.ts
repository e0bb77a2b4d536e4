import type { Rule } from '../findings';
import { newPrime } from '../kinds/prime';
import { layersOver } from '../stackLayers';

/** A water-based line runs under what is wet. Source: craft 3 and 12. */
export const ink: Rule = {
	id: 'ink',
	risk: 'look',
	satisfiedBy: 'Clear shellac or a wax over a water-based line before anything wet; a spirit-based one does not run under water.',
	check: (stack) =>
		stack.layers
			.filter(({ traits }) => traits.inks === 'water')
			.flatMap((layer) => {
				const over = layersOver(stack, layer);
				const runs = [...layer.surfaces].flatMap((surface) => {
					const next = over.find(({ layer: { traits }, where }) => traits.film && traits.wet && where.includes(surface));
					const { traits, material } = next?.layer ?? {};
					return next && material?.carrier === 'water' && !traits!.wax && traits!.inks === null ? [{ surface, next: next.layer }] : [];
				});
				if (runs.length === 0) return [];
				const where = runs.map(({ surface }) => surface);
				const at = Math.min(...runs.map(({ next }) => next.at));
				return [
					{
						kind: 'should' as const,
						what: 'A wet coat goes over a water-based line.',
						coat: layer.coat.id,
						where,
						why: 'It wakes the ink, and draws it out into the ground with the brush.',
						remedies: [
							{
								label: 'Clear shellac over it first',
								edits: [{ op: 'insert', at, coat: { ...newPrime(stack.placesFor(where)), material: 'shellac-clear' } }]
							},
							{
								label: 'Draw it with a spirit-based marker',
								edits: [{ op: 'replace', coat: layer.coat.id, with: { ...layer.coat, material: 'spirit-marker' } as typeof layer.coat }]
							}
						]
					}
				];
			}),
	examples: {
		bad: [
			['a clear coat over it', 'base; stencil; pen!; clear'],
			['a clear crackle over it', 'base; pen!; crackle:crackle-single; glaze']
		],
		good: [
			['shellac first', 'base; pen; prime:shellac-clear; clear'],
			['spirit-based', 'base; pen:spirit-marker; clear'],
			['under wax', 'base; clear; pen; wax'],
			['nothing goes over it', 'base; clear; pen']
		]
	}
};
