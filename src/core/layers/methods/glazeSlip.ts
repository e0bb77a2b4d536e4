import type { BlendMethod } from './types';

/** n brushes, one for glaze, one pad. Source: craft 4. */
export const glazeSlip: BlendMethod = {
	id: 'glaze-slip',
	name: 'Glaze slip',
	says: 'Clear glaze first, dark then light, pounced together with a fibre pad that is wiped off often.',
	hand: { strokes: 'none', stroke: 0, patch: 0.3, size: 5, everywhere: 0.03 },
	tools: (colours) => [
		{ tool: 'flat brush, one for each colour', count: colours },
		{ tool: 'brush for the glaze', count: 1 },
		{ tool: 'fibre pad', count: 1 }
	],
	steps: ['Brush clear glaze over one front.', 'Lay the dark, then the light.', 'Pounce them together with the pad; wipe it off often.']
};
