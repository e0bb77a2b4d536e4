import { z } from 'zod';
import { traitsOfMaterial } from '../traits';
import { areaCaught, CatchesSchema, wordCaught } from './caught';
import { FILM } from './defaults';
import type { Places } from '../../layout';
import { film, filmOf, limitsOf, place } from './fields';
import type { CoatKind } from './types';

export const SizeSchema = z
	.strictObject({ kind: z.literal('size'), ...film, ...place, catches: CatchesSchema })
	.meta({ description: 'What leaf holds by: leaf lies where size is, and nowhere else.' });
export type Size = z.infer<typeof SizeSchema>;

/** Source: craft 3 and 11. */
export const size: CoatKind<Size> = {
	...FILM,
	word: 'Leaf size',
	phase: 'tone',
	materials: ['size'],
	starts: ({ arrangements }) => [
		{ text: 'Leaf size on high points', coat: newSize() },
		...arrangements.map(({ id, name }) => ({ text: `Leaf size: ${name}`, coat: { ...newSize(), through: id, catches: 'all' as const } }))
	],
	where: limitsOf,
	traits: (_coat, { material }) => ({ ...traitsOfMaterial(material), film: true, wet: true }),
	takes: (coat, site) => [{ colour: null, area: areaCaught(coat.catches, site) }],
	work: (coat, site, rates) => (coat.times * areaCaught(coat.catches, site)) / rates.size,
	tools: () => [{ tool: 'soft brush for the size', count: 1 }],
	steps: () => [
		'Thin and even, without a puddle: what you miss stays bare, what runs is gilded too.',
		'Go round it with a lamp: a dry spot is matte, laid size shines.',
		'Leave it until it has turned from milky to clear and squeaks under a knuckle.'
	],
	look: () => ({ effect: 'none' }),
	detail: ({ catches, through }) => (through === undefined ? wordCaught(catches) : '')
};

export const newSize = (on: Places = 'all'): Size => ({ ...filmOf('size', 'leaf-size', 1), kind: 'size', on, catches: 'heights' });
