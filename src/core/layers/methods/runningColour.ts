import type { BlendMethod } from './types';

/** One big brush. Source: craft 4. */
export const runningColour: BlendMethod = {
	id: 'running-colour',
	name: 'Running colour',
	says: 'Thin colour with much water, let down from above and up from below; it sets a little, then is dabbed soft.',
	hand: { strokes: 'upright', stroke: 0.3, patch: 0.5, size: 45, everywhere: 0.06 },
	wet: true,
	misted: true,
	runs: true,
	drags: false,
	wears: false,
	film: 0.5,
	rest: 0,
	water: 'Much: as thin as milk.',
	tools: () => [
		{ tool: 'large soft brush', count: 1 },
		{ tool: 'mist bottle', count: 1 },
		{ tool: 'lint-free cloth for the gaps', count: 1 }
	],
	steps: [
		'Thin each colour with water until it runs.',
		'Lay it along the edge and let it run; help it with the mist.',
		'Wait until it no longer shines all over, then dab it soft: too early it lifts, too late it stays hard.'
	],
	alone: [
		'Thin it with water until it runs.',
		'Lay it along the edge and let it run; help it with the mist.',
		'Wait until it no longer shines all over, then dab it soft: too early it lifts, too late it stays hard.'
	],
	passes: ['Let it run; keep the drips that you like.', 'When it is dry: deepen the edges with a second thin colour.'],
	wipe: 'Wipe water out of the gaps and off the drawer sides at once: it swells wood and lifts what is under it.'
};
