import type { Arc } from '../arcs';
import type { Rule } from '../findings';
import { nameCoat } from '../kinds';
import { layersUnder, type Layer, type Stack } from '../stackLayers';

/** A coat is past its recoat before the next. Wet blending on a coat that is not dry is `base-dry`. Source: craft 12. */
export const recoat: Rule = {
	id: 'recoat',
	satisfiedBy:
		'Waiting as long as the coat under it needs on the same surface. A wax may go on a wax while that is tacky, and dry drag into paint that is half dry.',
	arcs: (stack) => stack.layers.filter(({ traits }) => touches(traits) && !traits.mists).flatMap((layer) => dryArcs(stack, layer)),
	examples: {
		bad: [
			['a stencil on paint that is not dry', 'base wait=60; stencil!'],
			['a clear coat on wet paint', 'base wait=119; clear!'],
			['sanding a primer that is still soft', 'prime wait=30; sand!'],
			['dark wax before the clear wax is tacky', 'wax wait=10; wax:dark-wax!'],
			['paint on filler of the same day', 'holes | filler wait=600; base!'],
			['layer and wear over a coat that is not dry', 'base wait=60; blend method=layer-and-wear!']
		],
		good: [
			['waited as long as the label says', 'base wait=120; stencil'],
			['left to the plan', 'prime; base; stencil; clear'],
			['dark wax at the tack of the clear wax', 'wax wait=20; wax:dark-wax'],
			['dry drag on a coat that is half dry', 'base wait=45; blend method=dry-drag'],
			['wet on another surface', 'base on=frame wait=0; clear on=drawers'],
			['masking beside wet paint', 'base wait=0; hardware-masked']
		]
	}
};

function touches({ wet, keys, bares, cleans, dusts }: Layer['traits']): boolean {
	return wet || keys || bares || cleans || dusts;
}

/** All that is still wet under a layer, and how far it must have come; of paste `paste-dry` says it. */
export function dryArcs(stack: Stack, after: Layer): Arc[] {
	return layersUnder(stack, after)
		.filter(({ layer }) => layer.material !== null && !layer.traits.raised)
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
