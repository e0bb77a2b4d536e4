import type { BlendMethod } from './types';

/** n brushes, one for glaze, one pad. Source: craft 4. */
export const glazeSlip: BlendMethod = {
	id: 'glaze-slip',
	name: 'Glaze slip',
	says: 'Clear glaze first, dark then light, pounced together with a fibre pad that is wiped off often.',
	hand: { stroke: 0.03, patch: 0.24 },
	tools: (colours) => [
		{ tool: 'flat brush, one for each colour', count: colours },
		{ tool: 'brush for the glaze', count: 1 },
		{ tool: 'fibre pad', count: 1 }
	],
	steps: ['Brush clear glaze over one front.', 'Lay the dark, then the light.', 'Pounce them together with the pad; wipe it off often.']
};
