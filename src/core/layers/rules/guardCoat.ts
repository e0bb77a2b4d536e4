import type { Rule } from '../findings';
import { newClear } from '../kinds/clear';
import { newWax } from '../kinds/wax';
import { layersOn } from '../stackLayers';

/** Dark or coloured wax straight on porous paint grabs and goes much darker. Source: craft 12. */
export const guardCoat: Rule = {
	id: 'guard-coat',
	risk: 'look',
	satisfiedBy: 'A clear wax or a clear coat under dark, white, tinted or chalky wax; or straight on, as a choice.',
	check: (stack) =>
		stack.layers.flatMap((layer) => {
			if (!layer.traits.wax || !layer.traits.dark) return [];
			const where = [...layer.surfaces].filter(
				(surface) => layersOn(stack, surface, layer.at).findLast(({ traits }) => traits.film && traits.covers)?.traits.porous
			);
			if (where.length === 0) return [];
			const on = stack.placesFor(where);
			return [
				{
					kind: 'should' as const,
					what: 'A coloured wax goes straight on bare porous paint.',
					coat: layer.coat.id,
					where,
					why: 'It grabs where it touches first, goes much darker than in the tin, and cannot be wiped back.',
					remedies: [
						{ label: 'Clear wax under it, as a guard coat', edits: [{ op: 'insert', at: layer.at, coat: newWax(on) }] },
						{ label: 'A clear coat under it', edits: [{ op: 'insert', at: layer.at, coat: { ...newClear(on), times: 1 } }] }
					]
				}
			];
		}),
	examples: {
		bad: [
			['dark wax on chalk-type paint', 'base; wax:dark-wax!'],
			['white wax on a blended coat', 'base; blend; wax:white-wax!'],
			['a guard coat on the frame only', 'base; wax on=frame; wax:dark-wax!']
		],
		good: [
			['clear wax first', 'base; wax; wax:dark-wax'],
			['a clear coat first', 'base; clear; wax:dark-wax'],
			['paint that seals itself', 'base:mineral-paint; wax:dark-wax'],
			['clear wax needs none', 'base; wax'],
			['through motifs, over a sealed ground', 'base; clear; stencil; wax:dark-wax through']
		]
	}
};
