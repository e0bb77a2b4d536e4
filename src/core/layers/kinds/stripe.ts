import { z } from 'zod';
import { ARRANGEMENTS } from '../../layout';
import { IdSchema } from '../../units';
import { traitsOfMaterial } from '../traits';
import { FILM, takeIn } from './defaults';
import { film, filmOf, RoleSchema } from './fields';
import type { CoatKind } from './types';

export const StripeSchema = z
	.strictObject({
		kind: z.literal('stripe'),
		...film,
		arrangement: IdSchema,
		role: RoleSchema.optional(),
		colour: IdSchema,
		edge: z.enum(['crisp', 'dabbed']).meta({ description: 'Against the tape; or the tape lifted, and the edge dabbed soft.' }),
		sealed: z.boolean().meta({ description: 'The edge of the tape is sealed first, in the colour that lies under it.' })
	})
	.meta({ description: 'Between tapes: the stripes, lines or diamonds of an arrangement, all of them or one of its colours.' });
export type Stripe = z.infer<typeof StripeSchema>;

/** Source: craft 5 and 12 (tape-wet, tape-dry). */
export const stripe: CoatKind<Stripe> = {
	...FILM,
	word: 'Taped paint',
	phase: 'print',
	materials: ['paint'],
	starts: ({ arrangements, colours, paint }) =>
		arrangements.flatMap(({ id, name, kind }) =>
			ARRANGEMENTS[kind].of === 'tape'
				? [{ text: `Taped: ${name}`, coat: newStripe(id, colours.at(-1)!, paint, ARRANGEMENTS[kind].firstRole) }]
				: []
		),
	where: ({ arrangement, role }) => ({ through: arrangement, ...(role === undefined ? {} : { role }) }),
	colour: ({ colour }) => colour,
	traits: (_coat, { material }) => ({ ...traitsOfMaterial(material), film: true, wet: true, paints: true, decorates: true, tapes: true }),
	takes: ({ colour }, site) => takeIn(colour, site),
	work: (coat, site, rates) => {
		const metres = site.open?.edge ?? 0;
		return (
			FILM.work(coat, { ...site, open: site.open && { ...site.open, motifs: 0 } }, rates) +
			metres / rates.tape +
			(coat.sealed ? metres / rates['seal-tape'] : 0)
		);
	},
	tools: ({ applicator }) => [
		{ tool: applicator, count: 1 },
		{ tool: 'plastic card to press tape down', count: 1 }
	],
	steps: ({ sealed, edge, times }) => [
		'Lay the tapes from the middle out, along the grain; press every edge down with a card.',
		...(sealed
			? ['Brush the edges of the tape once with the colour that lies under them, and let that dry: what creeps under is of that colour.']
			: []),
		'Little paint on the brush, off-loaded; dab towards the tape, not under it.',
		edge === 'dabbed'
			? 'Lift the tape while the paint is wet and dab along the edge until it is soft.'
			: 'Pull the tape while the paint is wet, slowly, back over itself.',
		...(times > 1 ? ['Tape it again for each coat, on the coat before past its recoat.'] : [])
	],
	cautions: ['Blades: cut away from you, and never on the piece.'],
	look: ({ edge }) => ({ effect: 'stencil', edge: edge === 'crisp' ? 'crisp' : 'soft', ridge: edge === 'crisp' }),
	detail: ({ role }) => (role === undefined ? '' : role.replace('-', ' '))
};

export const newStripe = (arrangement: string, colour: string, material: string, role?: string): Stripe => ({
	...filmOf('stripe', material, 1),
	kind: 'stripe',
	arrangement,
	...(role === undefined ? {} : { role }),
	colour,
	edge: 'crisp',
	sealed: false
});
