import type { BlendMethod } from './types';

/** A dry brush for each colour. Source: craft 4. */
export const dryDrag: BlendMethod = {
	id: 'dry-drag',
	name: 'Dry drag',
	says: 'No water: shade colour at the edge, the main colour drawn through it, across and down.',
	hand: { strokes: 'crossed', stroke: 0.5, patch: 0.05, size: 60, everywhere: 0.22 },
	wet: false,
	misted: false,
	drags: true,
	wears: false,
	film: 0.55,
	rest: 0,
	water: 'None at all.',
	tools: (colours) => [
		{ tool: 'dry flat brush, one for each colour', count: colours },
		{ tool: 'lint-free cloth to wipe the brush', count: 1 }
	],
	steps: [
		'Lay the shade along the edge, thin.',
		'Draw the main colour through it with a nearly dry brush, all the way across.',
		'Draw it again the other way for a cloth look.',
		'Wipe the brush after every stroke.'
	],
	alone: [
		'Lay the colour along the edge, thin.',
		'Draw it inwards with a nearly dry brush, all the way across, until it is gone.',
		'Wipe the brush after every stroke.'
	],
	passes: ['Shade along the edge, and the first drag through it.', 'When it is dry: drag across the first, for threads both ways.'],
	wipe: 'Wipe the edges dry: a drag that starts on an edge leaves a bead there.'
};
