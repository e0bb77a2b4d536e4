import type { BlendMethod } from './types';

/** n brushes, one for glaze, one pad. Source: craft 4. */
export const glazeSlip: BlendMethod = {
	id: 'glaze-slip',
	name: 'Glaze slip',
	says: 'Clear glaze first, dark then light, pounced together with a fibre pad that is wiped off often.',
	hand: { strokes: 'none', stroke: 0, patch: 0.3, size: 5, everywhere: 0.03 },
	wet: true,
	misted: false,
	slip: 'glaze-medium',
	drags: false,
	wears: false,
	film: 1.25,
	rest: 0,
	water: 'None: the glaze keeps it open.',
	tools: (colours) => [
		{ tool: 'flat brush, one for each colour', count: colours },
		{ tool: 'brush for the glaze', count: 1 },
		{ tool: 'fibre pad', count: 1 }
	],
	steps: ['Brush clear glaze over one front.', 'Lay the dark, then the light.', 'Pounce them together with the pad; wipe it off often.'],
	alone: [
		'Brush clear glaze over one front.',
		'Lay the colour where it is to be strongest.',
		'Pounce it out with the pad until its edge is gone; wipe the pad off often.'
	],
	passes: ['Lay it and pounce it roughly even.', 'Any day when it is dry: glaze again, and correct what is too hard or too dark.'],
	wipe: 'Wipe glaze off mouldings and out of corners, where it gathers.'
};
