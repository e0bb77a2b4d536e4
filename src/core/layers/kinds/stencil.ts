import { z } from 'zod';
import { IdSchema } from '../../units';
import { traitsOfMaterial } from '../traits';
import { FILM, takeIn } from './defaults';
import { ColourSourceSchema, film, filmOf, type ColourSource } from './fields';
import type { CoatKind } from './types';

export const StencilSchema = z
	.strictObject({
		kind: z.literal('stencil'),
		...film,
		arrangement: IdSchema,
		colour: ColourSourceSchema.meta({ description: 'One colour, or those of a zone where they lie: two tones inside a motif.' }),
		edge: z.enum(['crisp', 'soft']).meta({ description: 'Of the print.' })
	})
	.meta({ description: 'Through the motifs of an arrangement; several coats may go through one.' });
export type Stencil = z.infer<typeof StencilSchema>;

export const stencil: CoatKind<Stencil> = {
	...FILM,
	word: 'Stencil',
	phase: 'print',
	materials: ['paint'],
	starts: ({ arrangements, colours, paint }) =>
		arrangements.map(({ id, name }) => ({ text: `Stencil: ${name}`, coat: newStencil(id, colours.at(-1)!, paint) })),
	where: ({ arrangement, colour }) => ({ through: arrangement, ...(typeof colour === 'string' ? {} : { zone: colour.zone }) }),
	colour: ({ colour }) => colour,
	traits: (_coat, { material }) => ({ ...traitsOfMaterial(material), film: true, wet: true, paints: true, decorates: true }),
	takes: ({ colour }, site) => takeIn(colour, site),
	tools: ({ applicator }, colours) => [{ tool: applicator === 'brush' ? 'stencil brush' : applicator, count: Math.max(1, colours) }],
	look: ({ edge }) => ({ effect: 'stencil', edge })
};

export const newStencil = (arrangement: string, colour: ColourSource, material: string): Stencil => ({
	...filmOf('stencil', material, 1),
	kind: 'stencil',
	arrangement,
	colour,
	edge: 'soft'
});
