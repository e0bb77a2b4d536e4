import type { BlendMethod } from './types';

/** A sponge for each colour. Source: craft 4. */
export const spongeOnSponge: BlendMethod = {
	id: 'sponge-on-sponge',
	name: 'Sponge on sponge',
	says: 'Damp sponges, dark and light in turn, wet in wet; light pushed into hollows, dark on the tops.',
	hand: { strokes: 'none', stroke: 0, patch: 0.8, size: 11, everywhere: 0.3 },
	wet: true,
	misted: true,
	drags: false,
	wears: false,
	film: 0.8,
	rest: 0,
	water: 'Sponges damp, never dripping; rinse them as they fill.',
	tools: (colours) => [
		{ tool: 'damp sponge, one for each colour', count: colours },
		{ tool: 'bucket of clean water', count: 1 }
	],
	steps: [
		'Wring the sponges until they are only damp.',
		'Dab the dark on, turning the sponge each time.',
		'Dab the light into it while it is wet; push it into hollows.',
		'Stand back often: a pattern that repeats shows at once.'
	],
	alone: [
		'Wring the sponge until it is only damp.',
		'Dab it on, turning the sponge each time, ever fewer towards where it ends.',
		'Push it into hollows.',
		'Stand back often: a pattern that repeats shows at once.'
	],
	passes: [
		'Dark and light over all of it, open enough to see the ground.',
		'When it is dry: light again where it has gone flat, with a clean sponge.'
	],
	wipe: 'Wipe hinges, pulls and the edges, where a sponge leaves blots.'
};
