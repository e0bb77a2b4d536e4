import type { Rule } from '../findings';
import { nameCoat } from '../kinds';
import { newClear } from '../kinds/clear';
import { layersUnder, layersOn } from '../stackLayers';

/** Wax lifts soft metallics: wanted, or sealed first. Source: craft 11 and 12. */
export const metalWax: Rule = {
	id: 'metal-wax',
	risk: 'look',
	satisfiedBy:
		'A clear coat between metallic paint or leaf and the wax; or straight on, where it is meant to be softened. Gilding wax that has hardened takes wax.',
	check: (stack) =>
		stack.layers
			.filter(({ traits }) => traits.wax)
			.flatMap((layer) => {
				const metals = layersUnder(stack, layer).filter(({ layer: { traits } }) => traits.metallic);
				const open = metals.flatMap(({ layer: metal, where }) =>
					where
						.filter(
							(surface) =>
								!layersOn(stack, surface, layer.at).some(({ at, traits }) => at > metal.at && traits.film && traits.covers && traits.seals)
						)
						.map((surface) => ({ surface, metal }))
				);
				if (open.length === 0) return [];
				const where = [...new Set(open.map(({ surface }) => surface))];
				const { metal } = open[0]!;
				return [
					{
						kind: 'should' as const,
						what: `Wax goes over ${nameCoat(metal.coat, metal.material)}.`,
						coat: layer.coat.id,
						where,
						why: 'The solvent in wax lifts loose flake: it dulls the metal, and carries it over what lies beside it.',
						remedies: [
							{
								label: 'A clear coat between',
								edits: [{ op: 'insert', at: layer.at, coat: { ...newClear(stack.placesFor(where)), times: 1 } }]
							}
						]
					}
				];
			}),
	examples: {
		bad: [
			['metallic paint under wax', 'base; base:metallic-paint; wax!'],
			['leaf under wax', 'base; size; leaf; wax!'],
			['dry-brushed metal under dark wax', 'base; clear; dry-brush; wax:dark-wax!']
		],
		good: [
			['sealed first', 'base; base:metallic-paint; clear; wax'],
			['gilding wax under wax', 'base; clear; gilding-wax; wax'],
			['metal over the wax', 'base; wax; gilding-wax'],
			['metal on another surface', 'base; base:metallic-paint on=frame; wax on=drawers']
		]
	}
};
