import type { BlendMethod } from './types';

/** One brush. Source: craft 4. */
export const loadedBrush: BlendMethod = {
	id: 'loaded-brush',
	name: 'Loaded brush',
	says: 'One brush dipped at random in all colours, long strokes, mist.',
	hand: { strokes: 'level', stroke: 0.34, patch: 0.3, size: 70, everywhere: 0.3 },
	wet: true,
	misted: true,
	drags: false,
	wears: false,
	film: 1.1,
	rest: 720,
	water: 'Mist while the strokes are drawn out.',
	tools: () => [
		{ tool: 'wide brush for all colours', count: 1 },
		{ tool: 'mist bottle', count: 1 }
	],
	steps: [
		'Dip one brush in all colours.',
		'Draw long strokes, the dark side of the brush to the edge.',
		'Mist, draw again; rest a night, look, touch up.'
	],
	alone: [
		'Load one brush with it.',
		'Draw long strokes, lighter in the hand towards where it ends.',
		'Mist, draw again; rest a night, look, touch up.'
	],
	passes: [
		'Long strokes over all of it; leave what is uneven.',
		'After a night: look at it by daylight, and touch up only what asks for it.'
	],
	wipe: 'Draw the loaded brush off the edges; wipe what hangs below them.'
};
