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
	steps: ({ times, applicator }) => [
		applicator === 'roller'
			? 'Roll a flat in both directions, then lay it off one way, hardly pressing; mouldings with a brush.'
			: applicator === 'spray'
				? 'Spray past the edge at both ends, each pass half over the last, the nozzle square to the face.'
				: 'Mouldings and corners first, then the flats; end with long light strokes along the grain.',
		'Wipe what gathers on edges and in corners before it sets; edges of drawers and doors while they are wet.',
		...(times > 1 ? ['The next coat across the last: what one missed the other covers.'] : [])
	],
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
