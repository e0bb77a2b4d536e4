import { z } from 'zod';
import { PlacesSchema, type Places } from '../../layout';
import { IdSchema } from '../../units';
import { MOST_HANDS } from '../methods/schema';

export const APPLICATORS = ['brush', 'roller', 'sponge', 'spray', 'cloth', 'trowel', 'dip'] as const;
export type Applicator = (typeof APPLICATORS)[number];

/** Of every step. */
export const step = {
	id: IdSchema,
	wait: z.number().min(0).max(100_000).nullable().meta({
		description:
			'Minutes from the end of the step before it to its beginning; null: as long as it needs. Nothing is waited for before the first step.'
	})
};

/** Of every step that leaves a film. */
export const film = {
	...step,
	material: IdSchema,
	times: z.number().int().min(1).max(9).meta({ description: 'Number of coats.' }),
	thickness: z.number().min(0.25).max(4).meta({ description: '1 is a normal coat.' }),
	applicator: z.enum(APPLICATORS),
	edges: z
		.enum(['full', 'one', 'none'])
		.optional()
		.meta({ description: 'On edges that move past each other: as on the face (full), one coat only, or none because they are masked.' })
};

/** Of what may be worked into a coat that is still wet, or have another worked into it. */
export const wetWork = {
	intoWet: IdSchema.optional().meta({
		description:
			'The coat right before it, which it is worked into while that is wet: one sitting, section by section, within its open time. Only of one that can be worked wet; without it the coat before dries first.'
	}),
	extender: z.number().min(0).max(240).optional().meta({ description: 'Minutes that an extender adds to the open time, by its label.' }),
	hands: z.number().int().min(1).max(MOST_HANDS).optional().meta({ description: 'How many work on it at once; one where it is not given.' })
};

/** So many places, pieces or joints. */
export const CountSchema = z.number().int().min(1).max(200);

/** Of a sheet, mm. */
export const SideSchema = z.number().min(5).max(5000);

/** What of an arrangement a coat goes through: `corner`, `stripe-2`. */
export const RoleSchema = z
	.string()
	.regex(/^[a-z]+(-\d{1,2})?$/)
	.meta({ description: 'Only what has this role in the arrangement: corner, stripe-2; without one all of it.' });

/** Where a film lies: on surfaces, and there, if so wished, only where the motifs of an arrangement are open. */
export const place = {
	on: PlacesSchema,
	through: IdSchema.optional().meta({ description: 'Of an arrangement: it goes only where its motifs are open.' })
};

/** Those limits of a coat, as far as it has them. */
export function limitsOf({ on, through }: { readonly on: Places; readonly through?: string | undefined }) {
	return { on, ...(through === undefined ? {} : { through }) };
}

/** One colour of the palette, or those of a zone where they lie. */
export const ColourSourceSchema = z.union([IdSchema, z.strictObject({ zone: IdSchema })]);
export type ColourSource = z.infer<typeof ColourSourceSchema>;

/** Fields of a film as it is begun. */
export function filmOf(id: string, material: string, times: number) {
	return { id, wait: null, material, times, thickness: 1, applicator: 'brush' as const };
}
