import type { Rule } from '../findings';
import { newClear } from '../kinds/clear';
import { nameCoat } from '../kinds';
import { layersOn, type Layer, type Stack } from '../stackLayers';
import { areWetTogether } from '../wetRuns';

/** A coat that water wakes is brushed little by the next wet one, or sealed between. Source: craft 12. */
export const wake: Rule = {
	id: 'wake',
	risk: 'look',
	satisfiedBy: 'A clear coat between a paint that water wakes (clay, milk) and what is blended over it; or few strokes, and no going back.',
	check: (stack) =>
		stack.layers.flatMap((layer) => {
			if (!layer.traits.mists && !layer.traits.soaks) return [];
			const woken = [...layer.surfaces].flatMap((surface) => {
				const under = wokenUnder(stack, layer, surface);
				return under ? [{ surface, under }] : [];
			});
			if (woken.length === 0) return [];
			const where = woken.map(({ surface }) => surface);
			const [{ under }] = woken as [(typeof woken)[number]];
			return [
				{
					kind: 'note' as const,
					what: `Water in it wakes ${nameCoat(under.coat, under.material)} under it.`,
					coat: layer.coat.id,
					where,
					why: 'A brush that stays in one place pulls the undercoat up into the new colour.',
					remedies: [
						{ label: 'Seal it between', edits: [{ op: 'insert', at: layer.at, coat: { ...newClear(stack.placesFor(where)), times: 1 } }] }
					]
				}
			];
		}),
	examples: {
		bad: [
			['blending over milk paint', 'base:milk-paint; blend:milk-paint!'],
			['a wash over clay-type paint', 'base:clay-paint; wash!']
		],
		good: [
			['sealed between', 'base:milk-paint; clear; blend:milk-paint'],
			['over chalk-type paint', 'base; blend'],
			['a paint that seals itself between', 'base:clay-paint; base:mineral-paint; blend'],
			['worn back on purpose', 'base:milk-paint; blend:milk-paint method=layer-and-wear'],
			['a bed laid fresh to be blended into', 'base:chalk-paint; base:milk-paint; blend:milk-paint into']
		]
	}
};

function wokenUnder(stack: Stack, layer: Layer, surface: string): Layer | undefined {
	const top = layersOn(stack, surface, layer.at).findLast(({ traits }) => traits.film && traits.covers);
	return top && top.traits.needsCover === 'must' && !areWetTogether(stack, top, layer) ? top : undefined;
}
