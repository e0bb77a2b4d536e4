import { z } from 'zod';
import { PlacesSchema, type Places } from '../../layout';
import { film, filmOf } from './fields';
import { FILM } from './defaults';
import { hiddenBy } from './hiddenBy';
import { traitsOfMaterial } from '../traits';
import type { CoatKind } from './types';

export const PrimeSchema = z.strictObject({ kind: z.literal('prime'), ...film, on: PlacesSchema });
export type Prime = z.infer<typeof PrimeSchema>;

export const prime: CoatKind<Prime> = {
	...FILM,
	word: 'Primer',
	phase: 'prime',
	materials: ['primer'],
	starts: () => [
		{ text: 'Primer', coat: newPrime('all') },
		{ text: 'Stain block: white shellac', coat: { ...newPrime('all'), material: 'shellac-primer' } },
		{ text: 'Stain block under dark colours: clear shellac', coat: { ...newPrime('all'), material: 'shellac-clear' } }
	],
	where: ({ on }) => ({ on }),
	traits: (coat, { material }) => ({
		...traitsOfMaterial(material),
		film: true,
		wet: true,
		primes: true,
		covers: true,
		hides: hiddenBy(material?.tint?.opacity ?? 0, FILM.amount(coat))
	}),
	steps: (_coat, { material }) => [
		material?.carrier === 'shellac'
			? 'Quick and thin, always into the wet edge: it drags as soon as it has set, so do not go back.'
			: 'Thin and even, along the grain; look for runs under mouldings before you leave it.',
		'Knots, joints and end grain take a second touch.',
		'Look at it dry, with a lamp held low: what has bled through is primed again before paint.'
	]
};

export const newPrime = (on: Places): Prime => ({ ...filmOf('prime', 'water-primer', 1), kind: 'prime', on });
