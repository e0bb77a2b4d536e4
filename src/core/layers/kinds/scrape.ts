import { z } from 'zod';
import { PlacesSchema } from '../../layout';
import { step } from './fields';
import { STEP } from './defaults';
import { DUST_CAUTIONS } from './sand';
import type { CoatKind } from './types';

export const ScrapeSchema = z
	.strictObject({ kind: z.literal('scrape'), ...step, on: PlacesSchema })
	.meta({ description: "Runs, blobs and drips of an old finish, or of one's own, taken off with a blade." });
export type Scrape = z.infer<typeof ScrapeSchema>;

/** Source: craft 3 and 14. */
export const scrape: CoatKind<Scrape> = {
	...STEP,
	word: 'Scraping',
	phase: 'prepare',
	starts: () => [{ text: 'Scraping runs and blobs off', coat: { kind: 'scrape', id: 'scrape', wait: null, on: 'all' } }],
	where: ({ on }) => ({ on }),
	traits: () => ({}),
	work: (_coat, { area }, rates) => area / rates.scrape,
	tools: () => [{ tool: 'sharp scraper', count: 1 }],
	steps: () => [
		'Find them with a lamp held low; ring each with chalk.',
		'A sharp blade nearly flat, away from you, a shaving at a time; a run that is soft inside is left a day.',
		'Feather the rim with 180 until the nail no longer catches.'
	],
	cautions: ['Blades: cut away from you, the other hand behind the edge.', ...DUST_CAUTIONS]
};
