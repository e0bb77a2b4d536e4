import { z } from 'zod';
import { IdSchema } from '../units';

export const CoatPartsSchema = z
	.union([z.enum(['all', 'drawers', 'doors', 'fronts', 'panels', 'frame']), z.array(IdSchema).min(1).max(400)])
	.meta({
		description:
			'"all"; "drawers", "doors", "fronts" (both) or "panels", with all that lies on them; "frame" (the carcass of every face); or a list of ids: a part stands for itself, a face for its carcass.'
	});
export type CoatParts = z.infer<typeof CoatPartsSchema>;

export const APPLICATORS = ['brush', 'roller', 'sponge', 'spray', 'cloth'] as const;
export type Applicator = (typeof APPLICATORS)[number];

export const BLEND_METHODS = [
	'mist-and-feather',
	'glaze-slip',
	'loaded-brush',
	'running-colour',
	'sponge-on-sponge',
	'dry-drag',
	'layer-and-wear'
] as const;
export const BRUSH_SCHOOLS = ['clean-joins', 'own-brushes', 'one-dry'] as const;

const step = {
	id: IdSchema,
	wait: z.number().min(0).max(100_000).nullable().meta({ description: 'Minutes waited after it; null: as long as it needs.' })
};
const film = {
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

export const CoatSchema = z.discriminatedUnion('kind', [
	z.strictObject({ kind: z.literal('clean'), ...step, material: IdSchema, on: CoatPartsSchema }),
	z.strictObject({ kind: z.literal('dust'), ...step, on: CoatPartsSchema }),
	z.strictObject({
		kind: z.literal('sand'),
		...step,
		on: CoatPartsSchema,
		grit: z.number().int().min(40).max(2000),
		bare: z.boolean(),
		eases: z.number().min(0).max(20).optional().meta({ description: 'Taken off the meeting edges, mm.' })
	}),
	z.strictObject({ kind: z.literal('hardware-off'), ...step }),
	z.strictObject({ kind: z.literal('hardware-masked'), ...step }),
	z.strictObject({ kind: z.literal('hardware-on'), ...step }),
	z.strictObject({ kind: z.literal('prime'), ...film, on: CoatPartsSchema }),
	z.strictObject({ kind: z.literal('base'), ...film, on: CoatPartsSchema, colour: IdSchema }),
	z.strictObject({
		kind: z.literal('blend'),
		...film,
		zone: IdSchema,
		method: z.enum(BLEND_METHODS),
		brushes: z.enum(BRUSH_SCHOOLS),
		drawers: z
			.enum(['in', 'out'])
			.optional()
			.meta({ description: 'Left in, to see the front as one (as without it), or taken out for clean edges.' }),
		extender: z.number().min(0).max(240).optional().meta({ description: 'Minutes that an extender adds to the open time, by its label.' }),
		hands: z.number().int().min(1).max(4).optional().meta({ description: 'How many work on it at once; one where it is not given.' })
	}),
	z
		.strictObject({
			kind: z.literal('stencil'),
			...film,
			arrangement: IdSchema,
			colour: IdSchema,
			edge: z.enum(['crisp', 'soft']).meta({ description: 'Of the print.' })
		})
		.meta({ description: 'Through the motifs of an arrangement; several coats may go through one.' }),
	z.strictObject({ kind: z.literal('clear'), ...film, on: CoatPartsSchema }),
	z.strictObject({ kind: z.literal('wax'), ...film, on: CoatPartsSchema })
]);
export type Coat = z.infer<typeof CoatSchema>;
export type CoatKind = Coat['kind'];
export type FilmCoat = Extract<Coat, { times: number }>;

export const DecisionSchema = z.strictObject({
	rule: z.string().max(40),
	coat: IdSchema.nullable(),
	choice: z.string().min(1).max(200).meta({ description: 'What was decided, in words.' })
});
export type Decision = z.infer<typeof DecisionSchema>;

export const FinishSchema = z.strictObject({
	coats: z.array(CoatSchema).max(100).meta({ description: 'In the order in which they are done.' }),
	decisions: z.array(DecisionSchema).max(200).meta({ description: 'Findings of kind should or school that the painter overruled.' })
});
export type Finish = z.infer<typeof FinishSchema>;

export function isFilm(coat: Coat): coat is FilmCoat {
	return 'times' in coat;
}
