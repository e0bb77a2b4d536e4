import type { BlendMethod } from './types';

/** A brush for each colour and a cloth. Source: craft 4. */
export const layerAndWear: BlendMethod = {
	id: 'layer-and-wear',
	name: 'Layer and wear',
	says: 'No blending: each colour dries, then a damp cloth takes the top back to show those under it.',
	hand: { strokes: 'level', stroke: 0.25, patch: 0.7, size: 26, everywhere: 0.35 },
	wet: false,
	misted: false,
	drags: false,
	wears: true,
	film: 0.8,
	rest: 0,
	water: 'A damp cloth, wrung out; a wet one takes off more than you wish.',
	tools: (colours) => [
		{ tool: 'flat brush, one for each colour', count: colours },
		{ tool: 'damp cloth or sponge with glaze', count: 1 }
	],
	steps: [
		'Lay each colour thin and let it dry.',
		'Rub the top back with a damp cloth where hands would wear it.',
		'Gone too far: lay that colour again, let it dry, and wear it again.'
	],
	alone: [
		'Lay it thin and let it dry.',
		'Rub it back with a damp cloth where hands would wear it.',
		'Gone too far: lay it again, let it dry, and wear it again.'
	],
	passes: [
		'Lay the colour that will show through, all over, and let it dry.',
		'Lay the next, let it dry, and take it back where hands would wear it.'
	],
	wipe: 'Wipe the dust of wearing off with a dry cloth before the next coat.'
};
