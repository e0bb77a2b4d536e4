import type { Arc } from '../arcs';
import type { Rule } from '../findings';
import { nameCoat } from '../kinds';
import { layersUnder, type Layer, type Stack } from '../stackLayers';
import { areWetTogether } from '../wetRuns';

/** A coat is past its recoat before the next. Wet blending on a coat that is not dry is `base-dry`. Source: craft 12. */
export const recoat: Rule = {
	id: 'recoat',
	risk: 'dry',
	satisfiedBy:
		'Waiting as long as the coat under it needs on the same surface. A wax may go on a wax while that is tacky, and dry drag into paint that is half dry.',
	arcs: (stack) => stack.layers.filter(({ traits }) => touches(traits) && !traits.mists).flatMap((layer) => dryArcs(stack, layer)),
	examples: {
		bad: [
			['a stencil on paint that is not dry', 'base; stencil wait=60!'],
			['a clear coat on wet paint', 'base; clear wait=119!'],
			['sanding a primer that is still soft', 'prime; sand wait=30!'],
			['dark wax before the clear wax is tacky', 'wax; wax:dark-wax wait=10!'],
			['paint on filler of the same day', 'holes | filler; base wait=600!'],
			['layer and wear over a coat that is not dry', 'base; blend method=layer-and-wear wait=60!']
		],
		good: [
			['waited as long as the label says', 'base; stencil wait=120'],
			['left to the plan', 'prime; base; stencil; clear'],
			['dark wax at the tack of the clear wax', 'wax; wax:dark-wax wait=20'],
			['dry drag on a coat that is half dry', 'base; blend method=dry-drag wait=45'],
			['wet on another surface', 'base on=frame; clear on=drawers wait=0'],
			['masking beside wet paint', 'base; hardware-masked wait=0'],
			['a second colour dragged into the wet one', 'base; base into']
		]
	}
};

function touches({ wet, keys, bares, cleans, dusts }: Layer['traits']): boolean {
	return wet || keys || bares || cleans || dusts;
}

/** Laid on its tack on purpose. */
function isHeldBy({ material }: Layer, { traits }: Layer): boolean {
	return traits.clings && material?.tack !== undefined;
}

/** All that is still wet under a layer, and how far it must have come; of paste `paste-dry` says it, of what holds by its tack `tack-holds`. */
export function dryArcs(stack: Stack, after: Layer): Arc[] {
	return layersUnder(stack, after)
		.filter(
			({ layer }) => layer.material !== null && !layer.traits.raised && !isHeldBy(layer, after) && !areWetTogether(stack, layer, after)
		)
		.map(({ layer: before, where }) => ({
			rule: 'recoat',
			before,
			after,
			where,
			least:
				before.traits.wax && after.traits.wax
					? 'tacky'
					: after.traits.drags && before.traits.paints
						? ('laid' as const)
						: ('recoat' as const),
			asks: 'recoat',
			most: null,
			kind: 'must',
			what: (waited, needs) => `It goes on ${waited} after ${nameCoat(before.coat, before.material)}, which needs ${needs}.`,
			why: 'A coat laid on one that has not dried drags it, wrinkles it, or seals damp under it.'
		}));
}
