import type { Arc } from '../arcs';
import type { Rule } from '../findings';
import { nameCoat } from '../kinds';
import { layersOver, type Stack } from '../stackLayers';

/** Raised paste is dry all through before anything goes over it. Source: craft 12. */
export const pasteDry: Rule = {
	id: 'paste-dry',
	risk: 'dry',
	satisfiedBy: 'Waiting as long as the paste needs at its height, thicker paste much longer, before the next coat, sanding or sheet on it.',
	arcs: (stack) => stack.layers.filter(({ traits }) => traits.raised && traits.wet).flatMap((paste) => arcsFrom(stack, paste)),
	examples: {
		bad: [
			['paint on paste of an hour ago', 'base; paste; base wait=60!'],
			['its burrs sanded while it is soft', 'base; paste; sand through wait=120!'],
			['the next paste over it after as long as plain paste needs, though it is twice as high', 'base; paste twice; stencil wait=240!']
		],
		good: [
			['left to the plan', 'base; paste; sand through; base'],
			['as long as it needs', 'base; paste; sand through wait=240; base wait=0'],
			['beside it, not on it', 'base; paste; base on=frame wait=10']
		]
	}
};

function arcsFrom(stack: Stack, before: Stack['layers'][number]): Arc[] {
	return layersOver(stack, before)
		.filter(({ layer: { traits } }) => traits.wet || traits.keys || traits.bares || traits.cleans || traits.dusts)
		.map(({ layer: after, where }) => ({
			rule: 'paste-dry',
			before,
			after,
			where,
			least: 'recoat',
			asks: 'recoat',
			most: null,
			kind: 'must',
			what: (waited, needs) => `It goes on ${waited} after ${nameCoat(before.coat, before.material)}, which needs ${needs} at this height.`,
			why: 'Paste that is still soft inside dents, cracks and lets go of what lies on it.'
		}));
}
