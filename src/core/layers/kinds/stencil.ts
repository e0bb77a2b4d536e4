import { z } from 'zod';
import { ARRANGEMENTS } from '../../layout';
import { IdSchema } from '../../units';
import { traitsOfMaterial } from '../traits';
import { FILM, sheetsHeld, takeIn } from './defaults';
import { ColourSourceSchema, film, filmOf, RoleSchema, type ColourSource } from './fields';
import type { CoatKind, Take } from './types';

export const StencilSchema = z
	.strictObject({
		kind: z.literal('stencil'),
		...film,
		arrangement: IdSchema,
		colour: ColourSourceSchema.meta({ description: 'One colour, or those of a zone where they lie: two tones inside a motif.' }),
		edge: z.enum(['crisp', 'soft']).meta({ description: 'Of the print.' }),
		role: RoleSchema.optional(),
		heart: IdSchema.optional().meta({
			description: 'A second colour towards the heart of each motif: its outer points dark, its inner light.'
		}),
		reach: z.enum(['all', 'tips', 'heart']).optional().meta({
			description:
				'Laid back over a dry print: only at the tips of each motif, or only at its heart, fading towards the other; all of it where nothing is said.'
		}),
		dry: z.boolean().optional().meta({ description: 'With a nearly dry brush: a veil that catches here and there.' }),
		wash: z.number().int().min(1).max(100).optional().meta({ description: 'The sheet is washed after so many lays.' })
	})
	.meta({ description: 'Through the motifs of an arrangement; several coats may go through one.' });
export type Stencil = z.infer<typeof StencilSchema>;

export const stencil: CoatKind<Stencil> = {
	...FILM,
	word: 'Stencil',
	phase: 'print',
	materials: ['paint'],
	starts: ({ arrangements, colours, paint }) =>
		arrangements.flatMap(({ id, name, kind }) =>
			ARRANGEMENTS[kind].of === 'motif' ? [{ text: `Stencil: ${name}`, coat: newStencil(id, colours.at(-1)!, paint) }] : []
		),
	where: ({ arrangement, colour, role }) => ({
		through: arrangement,
		...(role === undefined ? {} : { role }),
		...(typeof colour === 'string' ? {} : { zone: colour.zone })
	}),
	amount: (coat) => FILM.amount(coat) * (coat.dry ? DRY : 1),
	colour: ({ colour }) => colour,
	traits: (_coat, { material }) => ({ ...traitsOfMaterial(material), film: true, wet: true, paints: true, decorates: true }),
	takes: (coat, site) => shareOut(coat, takeIn(coat.colour, site), site.open?.tips ?? 1),
	lays: () => ({ mode: 'marks', cut: false, lies: 'upright', isDry: true }),
	work: (coat, site, rates) =>
		FILM.work(coat, site, rates) + rates['wash-sheet'] * Math.floor((sheetsHeld(site) * coat.times) / (coat.wash ?? WASH)),
	tools: ({ applicator, heart }, colours) => [
		{ tool: applicator === 'brush' ? 'stencil brush' : applicator, count: Math.max(1, colours) + (heart === undefined ? 0 : 1) }
	],
	steps: ({ heart, reach = 'all', dry, wash = WASH }) => [
		dry
			? 'Take nearly all paint off the brush on a cloth; stroke lightly across the sheet.'
			: 'Off-load the brush on a cloth, and dab straight down; two thin rounds rather than a wet one.',
		...(heart === undefined
			? []
			: ['The outer points first, in their own colour; then the light one from the heart outwards, one brush for each.']),
		...(reach === 'all'
			? []
			: [`Lay the sheet back by its register marks; dab only at the ${reach === 'tips' ? 'tips' : 'heart'}, and let it fade.`]),
		`Wash the sheet after ${wash} lays, both sides, and dry it flat.`
	],
	look: ({ edge, heart, reach, dry }) => ({
		effect: 'stencil',
		edge,
		...(heart === undefined ? {} : { heart }),
		...(reach === undefined ? {} : { reach }),
		...(dry === undefined ? {} : { dry })
	}),
	detail: ({ role, reach, dry }) => [role ?? '', reach && reach !== 'all' ? reach : '', dry ? 'dry brush' : ''].filter(Boolean).join(', ')
};

/** Of a whole coat, what a nearly dry brush leaves. */
const DRY = 0.4;
/** Lays of a sheet before it is washed. */
const WASH = 8;

/** What goes to the tips and what to the heart. */
function shareOut({ colour, heart, reach = 'all' }: Stencil, takes: readonly Take[], tips: number): readonly Take[] {
	const part = reach === 'all' ? 1 : reach === 'tips' ? tips : 1 - tips;
	if (heart === undefined || typeof colour !== 'string') return takes.map((take) => ({ ...take, area: take.area * part }));
	const area = takes.reduce((sum, take) => sum + take.area, 0);
	return [
		{ colour, area: area * tips },
		{ colour: heart, area: area * (1 - tips) }
	];
}

export const newStencil = (arrangement: string, colour: ColourSource, material: string): Stencil => ({
	...filmOf('stencil', material, 1),
	kind: 'stencil',
	arrangement,
	colour,
	edge: 'soft'
});
