import { z } from 'zod';
import { IdSchema } from '../../units';
import { traitsOfMaterial } from '../traits';
import { FILM } from './defaults';
import { film, filmOf, limitsOf, place, type CoatParts } from './fields';
import type { CoatKind } from './types';

export const GlazeSchema = z
	.strictObject({
		kind: z.literal('glaze'),
		...film,
		...place,
		colour: IdSchema.nullable().meta({ description: 'Paint that tints it; null: clear.' }),
		medium: z.number().min(1).max(12).meta({ description: 'Parts of medium to one of paint.' })
	})
	.meta({ description: 'Brushed on and wiped back at once: it stays in the hollows, and thin everywhere else.' });
export type Glaze = z.infer<typeof GlazeSchema>;

/** Source: craft 3 and 11. */
export const glaze: CoatKind<Glaze> = {
	...FILM,
	word: 'Glaze',
	phase: 'tone',
	materials: ['glaze'],
	starts: ({ colours }) => [{ text: 'Glaze', coat: newGlaze('all', colours[0]!) }],
	where: limitsOf,
	colour: ({ colour }) => colour,
	traits: ({ colour, through }, { material }) => ({
		...traitsOfMaterial(material),
		film: true,
		wet: true,
		glazes: colour !== null,
		decorates: colour !== null,
		covers: through === undefined,
		slips: colour === null
	}),
	takes: ({ colour, medium }, site) => {
		const area = site.open?.area ?? site.area;
		if (colour === null) return [{ colour: null, area }];
		return [
			{ colour, area, share: 1 / (1 + medium) },
			{ colour: null, area, share: medium / (1 + medium) }
		];
	},
	work: ({ times }, { area, open }, rates) => (times * (open?.area ?? area)) / rates.glaze,
	sections: ({ through }, rates) => (through === undefined ? { rate: rates.glaze, wet: true, extender: 0 } : null),
	tools: ({ applicator }) => [
		{ tool: applicator, count: 1 },
		{ tool: 'lint-free cloth to wipe back', count: 2 }
	],
	steps: ({ colour, medium }) => [
		...(colour === null ? [] : [`Stir one part of paint into ${medium} of medium; try it on a board.`]),
		'Brush it on, one section at a time, into every hollow.',
		'Wipe it back at once with a dry cloth, along the longer side; turn the cloth often.',
		'Too dark: a cloth damp with clear medium lifts it while it is open.'
	],
	look: ({ medium }) => ({ effect: 'glaze', strength: 1 / (1 + medium) })
};

export const newGlaze = (on: CoatParts, colour: string | null): Glaze => ({
	...filmOf('glaze', 'glaze-medium', 1),
	kind: 'glaze',
	on,
	colour,
	medium: 3
});
