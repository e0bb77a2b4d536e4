import type { BlendMethod } from './types';

/** A sponge for each colour. Source: craft 4. */
export const spongeOnSponge: BlendMethod = {
	id: 'sponge-on-sponge',
	name: 'Sponge on sponge',
	says: 'Damp sponges, dark and light in turn, wet in wet; light pushed into hollows, dark on the tops.',
	hand: { strokes: 'none', stroke: 0, patch: 0.8, size: 11, everywhere: 0.3 },
	tools: (colours) => [
		{ tool: 'damp sponge, one for each colour', count: colours },
		{ tool: 'bucket of clean water', count: 1 }
	],
	steps: [
		'Wring the sponges until they are only damp.',
		'Dab the dark on, turning the sponge each time.',
		'Dab the light into it while it is wet; push it into hollows.',
		'Stand back often: a pattern that repeats shows at once.'
	]
};
