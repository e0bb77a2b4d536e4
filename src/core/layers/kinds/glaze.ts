import { z } from 'zod';
import { IdSchema } from '../../units';
import type { Rates } from '../rates';
import { traitsOfMaterial } from '../traits';
import { FILM } from './defaults';
import type { Places } from '../../layout';
import { film, filmOf, limitsOf, place, wetWork } from './fields';
import type { CoatKind } from './types';

export const GlazeSchema = z
	.strictObject({
		kind: z.literal('glaze'),
		...film,
		...place,
		colour: IdSchema.nullable().meta({ description: 'Paint that tints it; null: clear.' }),
		medium: z.number().min(1).max(12).meta({ description: 'Parts of medium to one of paint.' }),
		...wetWork
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
	worksWet: true,
	work: (coat, { area, open }, rates) => (coat.times * (open?.area ?? area)) / rateOfGlaze(coat, rates),
	sections: (coat, rates) => (coat.through === undefined ? { rate: rateOfGlaze(coat, rates), wet: true, misted: false } : null),
	hands: ({ hands = 1 }) => hands,
	tools: ({ applicator, colour }) => [
		{ tool: applicator, count: 1 },
		...(colour === null ? [] : [{ tool: 'lint-free cloth to wipe back', count: 2 }])
	],
	steps: ({ colour, medium }, { staysWet = false }) => [
		...(colour === null ? [] : [`Stir one part of paint into ${medium} of medium; try it on a board.`]),
		...(colour === null || staysWet ? LEFT_WET : WIPED)
	],
	look: ({ medium }) => ({ effect: 'glaze', strength: 1 / (1 + medium) })
};

const WIPED = [
	'Brush it on, one section at a time, into every hollow.',
	'Wipe it back at once with a dry cloth, along the longer side; turn the cloth often.',
	'Too dark: a cloth damp with clear medium lifts it while it is open.'
];
/** A slip, or what the next coat is worked into. */
const LEFT_WET = ['Brush it on thin and even, one section at a time; do not wipe it back.'];

/** m2 a minute, by all hands. */
const rateOfGlaze = ({ hands = 1 }: Glaze, rates: Rates): number => rates.glaze * hands;

export const newGlaze = (on: Places, colour: string | null): Glaze => ({
	...filmOf('glaze', 'glaze-medium', 1),
	kind: 'glaze',
	on,
	colour,
	medium: 3
});
