import { z } from 'zod';
import { IdSchema } from '../../units';
import { PlacesSchema, type Places } from '../../layout';
import { film, filmOf, wetWork } from './fields';
import { FILM, takeIn } from './defaults';
import { hiddenBy } from './hiddenBy';
import { traitsOfMaterial } from '../traits';
import type { CoatKind } from './types';

export const BaseSchema = z.strictObject({ kind: z.literal('base'), ...film, on: PlacesSchema, colour: IdSchema, ...wetWork });
export type Base = z.infer<typeof BaseSchema>;

export const base: CoatKind<Base> = {
	...FILM,
	word: 'Base coat',
	phase: 'base',
	materials: ['paint'],
	starts: ({ colours, paint }) => [{ text: 'Base coat', coat: newBase('all', colours[0]!, paint) }],
	where: ({ on }) => ({ on }),
	colour: ({ colour }) => colour,
	traits: (coat, { material, colourOf }) => ({
		...traitsOfMaterial(material),
		film: true,
		wet: true,
		paints: true,
		solid: true,
		covers: true,
		hides: hiddenBy(colourOf(coat.colour)?.opacity ?? 1, FILM.amount(coat))
	}),
	takes: ({ colour }, site) => takeIn(colour, site),
	worksWet: true,
	work: (coat, site, rates) => FILM.work(coat, site, rates) / (coat.hands ?? 1),
	hands: ({ hands = 1 }) => hands
};

export const newBase = (on: Places, colour: string, material: string): Base => ({
	...filmOf('base', material, 1),
	kind: 'base',
	on,
	colour
});
