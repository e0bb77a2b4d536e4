import { z } from 'zod';
import { clothsFor } from '../washedTools';
import { IdSchema } from '../../units';
import type { Rates } from '../rates';
import { traitsOfMaterial } from '../traits';
import { FILM } from './defaults';
import type { Places } from '../../layout';
import { film, filmOf, limitsOf, place, wetWork } from './fields';
import type { CoatKind, Site, Tool } from './types';

export const GlazeSchema = z
	.strictObject({
		kind: z.literal('glaze'),
		...film,
		...place,
		colour: IdSchema.nullable().meta({ description: 'Paint that tints it; null: clear.' }),
		medium: z.number().min(1).max(12).meta({ description: 'Parts of medium to one of paint.' }),
		done: z.enum(['wiped', 'lifted', 'ragged', 'dragged', 'crossed']).optional().meta({
			description:
				'Wiped back at once (as without it), lifted with clear medium, ragged, dragged one way, or dried and dragged again across.'
		}),
		round: z
			.strictObject({ arrangement: IdSchema, width: z.number().min(2).max(200) })
			.optional()
			.meta({ description: 'Only round the motifs of an arrangement, so many mm wide.' }),
		zone: IdSchema.optional().meta({ description: 'Only where a zone lies.' }),
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
	where: (coat) => ({
		...limitsOf(coat),
		...(coat.round ? { through: coat.round.arrangement } : {}),
		...(coat.zone === undefined ? {} : { zone: coat.zone })
	}),
	colour: ({ colour }) => colour,
	traits: ({ colour, through, round, zone }, { material }) => ({
		...traitsOfMaterial(material),
		film: true,
		wet: true,
		glazes: colour !== null,
		wipedIn: colour !== null,
		decorates: colour !== null,
		covers: through === undefined && round === undefined && zone === undefined,
		slips: colour === null
	}),
	takes: (coat, site) => {
		const { colour, medium } = coat;
		const area = areaOf(coat, site);
		if (colour === null) return [{ colour: null, area }];
		return [
			{ colour, area, share: 1 / (1 + medium) },
			{ colour: null, area, share: medium / (1 + medium) }
		];
	},
	passes: ({ times, done }) => ({ count: done === 'crossed' ? Math.max(2, times) : times, rest: 0 }),
	worksWet: true,
	work: (coat, site, rates) => (coat.times * areaOf(coat, site)) / rateOfGlaze(coat, rates),
	sections: (coat, rates) =>
		coat.through === undefined && coat.round === undefined ? { rate: rateOfGlaze(coat, rates), wet: true, misted: false } : null,
	hands: ({ hands = 1 }) => hands,
	tools: ({ applicator, colour, done = 'wiped' }, _colours, _material, wiped) => [
		{ tool: applicator, count: 1 },
		...(colour === null ? [] : DONE[done].tools.map(({ tool, count }) => ({ tool, count: /cloth/.test(tool) ? clothsFor(wiped) : count })))
	],
	steps: ({ colour, medium, done = 'wiped' }, { staysWet = false }) => [
		...(colour === null ? [] : [`Stir one part of paint into ${medium} of medium; try it on a board.`]),
		...(colour === null || staysWet ? LEFT_WET : DONE[done].steps)
	],
	look: ({ medium, round }) => (round ? { effect: 'none' } : { effect: 'glaze', strength: 1 / (1 + medium) }),
	detail: ({ done = 'wiped', round }) => [done === 'wiped' ? '' : done, round ? 'round the motifs' : ''].filter(Boolean).join(', ')
};

/** m2: round motifs a band of its width, in a zone what that covers, else all of it. */
function areaOf({ round, zone }: Glaze, { area, open, shares }: Pick<Site, 'area' | 'open' | 'shares'>): number {
	if (round) return ((open?.edge ?? 0) * round.width) / MM_PER_M;
	if (zone !== undefined) return shares.reduce((sum, one) => sum + one.area, 0);
	return open?.area ?? area;
}

const MM_PER_M = 1000;

const WIPED = [
	'Brush it on, one section at a time, into every hollow.',
	'Wipe it back at once with a dry cloth, along the longer side; turn the cloth often.',
	'Too dark: a cloth damp with clear medium lifts it while it is open.'
];
/** How a tinted glaze is worked, and with what. */
const DONE: Readonly<Record<NonNullable<Glaze['done']>, { readonly tools: readonly Tool[]; readonly steps: readonly string[] }>> = {
	wiped: { tools: [{ tool: 'lint-free cloth to wipe back', count: 2 }], steps: WIPED },
	lifted: {
		tools: [{ tool: 'cloth damp with clear medium', count: 2 }],
		steps: [
			'Brush it on, one section at a time.',
			'Lift it with a cloth damp with clear medium where it is to be light, from the middle outwards; turn the cloth.',
			'What is lifted can be laid again while it is open.'
		]
	},
	ragged: {
		tools: [{ tool: 'crumpled lint-free rag', count: 3 }],
		steps: [
			'Brush it on, one section at a time.',
			'Crumple a rag and roll or dab it, turning the wrist each time, so that no print comes twice.',
			'A fresh rag as soon as it lays colour down instead of taking it up.'
		]
	},
	dragged: {
		tools: [{ tool: 'long dry brush to drag with', count: 1 }],
		steps: [
			'Brush it on, a strip that can be dragged in one go.',
			'Drag the dry brush from edge to edge without stopping; wipe its tips after each stroke.',
			'The next stroke is butted to the last.'
		]
	},
	crossed: {
		tools: [{ tool: 'long dry brush to drag with', count: 1 }],
		steps: [
			'Drag the first coat straight across, from edge to edge, and let it dry through.',
			'A second coat straight down over it: the two make a weave.',
			'Blurred? Wet that strip, wipe it off, and drag it again.'
		]
	}
};
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
