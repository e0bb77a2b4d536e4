import type { BlendMethod } from './types';

/** n colours and a clean brush for each join are 2n - 1; or the colours' own brushes; or one dry brush for all. Source: craft 4. */
export const mistAndFeather: BlendMethod = {
	id: 'mist-and-feather',
	name: 'Mist and feather',
	says: 'Colours side by side, wet; a fine mist; a dry brush across the join in crosses, then one tidy direction.',
	hand: { strokes: 'level', stroke: 0.16, patch: 0.1, size: 40, everywhere: 0.03 },
	wet: true,
	misted: true,
	drags: false,
	wears: false,
	film: 1,
	rest: 0,
	water: 'A fine mist where colour is drawn out, and only there; never so much that it runs.',
	tools(colours, brushes) {
		const own = { tool: 'flat brush, one for each colour', count: colours };
		if (brushes === 'clean-joins')
			return [own, { tool: 'clean dry brush, one for each join', count: colours - 1 }, { tool: 'mist bottle', count: 1 }];
		if (brushes === 'one-dry') return [own, { tool: 'dry brush for all joins', count: 1 }, { tool: 'mist bottle', count: 1 }];
		return [own, { tool: 'mist bottle', count: 1 }];
	},
	steps: [
		'Lay the colours side by side on one front, wet.',
		'Mist the join lightly; wet the brush before you wet the surface again.',
		'Cross the join with a dry brush, then draw it out in one direction.'
	],
	alone: [
		'Lay it on one front, wet.',
		'Mist its edge lightly; wet the brush before you wet the surface again.',
		'Draw its edge out with a dry brush, in one direction, until it is gone.'
	],
	passes: [
		'Maps where the colours go; hard lines may stay.',
		'Hours later, when the first is dry: the careful one. Blend every join until no line is left.'
	],
	wipe: 'Wipe the edges of drawers and doors, and the gap between them, before the paint pulls.'
};
