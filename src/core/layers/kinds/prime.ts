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
	starts: () => [{ text: 'Primer', coat: newPrime('all') }],
	where: ({ on }) => ({ on }),
	traits: (coat, { material }) => ({
		...traitsOfMaterial(material),
		film: true,
		wet: true,
		primes: true,
		covers: true,
		hides: hiddenBy(material?.tint?.opacity ?? 0, FILM.amount(coat))
	})
};

export const newPrime = (on: Places): Prime => ({ ...filmOf('prime', 'water-primer', 1), kind: 'prime', on });
