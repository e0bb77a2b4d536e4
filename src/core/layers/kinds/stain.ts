import { z } from 'zod';
import { clothsFor } from '../washedTools';
import { IdSchema } from '../../units';
import { traitsOfMaterial } from '../traits';
import { FILM } from './defaults';
import { film, filmOf, limitsOf, place } from './fields';
import type { CoatKind } from './types';

export const StainSchema = z
	.strictObject({
		kind: z.literal('stain'),
		...film,
		...place,
		colour: IdSchema,
		left: z.enum(['thin', 'dark']).meta({ description: 'Wiped thin after some minutes, or left to stand dark.' })
	})
	.meta({ description: 'Gel stain: brushed on along the grain, wiped or left.' });
export type Stain = z.infer<typeof StainSchema>;

/** What a coat of it keeps when it is wiped. */
const WIPED = 0.4;

/** Source: craft 3. */
export const stain: CoatKind<Stain> = {
	...FILM,
	word: 'Stain',
	phase: 'base',
	materials: ['stain'],
	starts: ({ colours }) => [
		{
			text: 'Stain',
			coat: { ...filmOf('stain', 'gel-stain', 1), kind: 'stain', on: 'all', applicator: 'cloth', colour: colours.at(-1)!, left: 'thin' }
		}
	],
	where: limitsOf,
	colour: ({ colour }) => colour,
	amount: (coat) => FILM.amount(coat) * (coat.left === 'thin' ? WIPED : 1),
	traits: ({ through }, { material }) => ({
		...traitsOfMaterial(material),
		film: true,
		wet: true,
		wipedIn: true,
		decorates: true,
		covers: through === undefined
	}),
	/** Laid whole, and mostly wiped off again. */
	takes: ({ colour, left }, { area, open }) => [{ colour, area: (open?.area ?? area) / (left === 'thin' ? WIPED : 1) }],
	work: ({ times }, { area, open }, rates) => (times * (open?.area ?? area)) / rates.stain,
	tools: ({ applicator }, _colours, _material, wiped) => [
		{ tool: applicator, count: 1 },
		{ tool: 'lint-free cloth for the stain', count: clothsFor(wiped) },
		{ tool: 'pair of gloves', count: 1 }
	],
	steps: ({ left }) => [
		'Stir it, do not shake it; lay it generously along the grain, one board at a time.',
		left === 'thin'
			? 'After three to five minutes wipe it with clean cloths, the last strokes from end to end.'
			: 'Even it out with the tip of a dry brush, from end to end, and leave it dark: it needs a day.',
		'End grain drinks: wipe it there at once, or it goes black.'
	],
	look: () => ({ effect: 'plain', share: 0.7 }),
	detail: ({ left }) => (left === 'dark' ? 'left dark' : 'wiped thin')
};
