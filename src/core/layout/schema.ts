import { z } from 'zod';
import { IdSchema, NameSchema } from '../piece';
import { FieldSchema } from './zones/fieldSchema';

const MmSchema = z.number().min(0).max(100_000);

export const MotifSchema = z.strictObject({
	id: IdSchema,
	name: NameSchema,
	width: z.number().min(1).max(2000).meta({ description: 'At scale 1, mm.' }),
	height: z.number().min(1).max(2000).meta({ description: 'At scale 1, mm.' }),
	paths: z
		.array(z.strictObject({ d: z.string().min(1).max(100_000), rule: z.enum(['nonzero', 'evenodd']) }))
		.min(1)
		.max(500)
		.meta({ description: 'SVG path data in mm, origin at the top left corner of the motif: the openings that take paint.' })
});
export type Motif = z.infer<typeof MotifSchema>;

export const PartsSchema = z
	.union([z.enum(['drawers', 'doors', 'fronts', 'panels']), z.array(IdSchema).min(1).max(400)])
	.meta({ description: 'Every drawer, every door, both, every panel; or a list of ids of parts, and of faces for all of them.' });
export type Parts = z.infer<typeof PartsSchema>;

export const ZoneSchema = z.strictObject({
	id: IdSchema,
	name: NameSchema,
	parts: PartsSchema,
	over: z.enum(['each', 'face', 'piece']).meta({
		description:
			'Spread over each part by itself, over its face, or over the height of the piece from the floor (bands and runs; others as on the face).'
	}),
	field: FieldSchema,
	colours: z
		.array(IdSchema)
		.min(1)
		.max(7)
		.meta({ description: 'In the order of the field: from the edge to the centre, from the bottom up.' }),
	leaves: z.boolean().meta({ description: 'After the last colour the ground is left as it is: ageing, runs, touches of colour.' }),
	softness: z.number().min(0).max(1).meta({ description: '0 a crisp join, 1 a join as wide as the narrower of its two bands.' })
});
export type Zone = z.infer<typeof ZoneSchema>;

export const ENDS = ['whole', 'half', 'free', 'ring'] as const;
export type EndsId = (typeof ENDS)[number];

/** Which of the ranked fits the painter took. */
export const PickSchema = z.strictObject({ ends: z.enum(ENDS), count: z.number().int().min(1), by: z.string().max(40) });
export type Pick = z.infer<typeof PickSchema>;

export const RunSchema = z.strictObject({
	id: IdSchema,
	name: NameSchema,
	motif: IdSchema,
	parts: PartsSchema,
	colour: IdSchema,
	edge: z.enum(['crisp', 'soft']),
	ends: z.enum(['whole', 'half', 'free']),
	middle: z.enum(['motif', 'gap', 'either']),
	margin: MmSchema.meta({ description: 'Left clear at each end, mm.' }),
	scale: z.strictObject({ least: z.number().min(0.05).max(20), most: z.number().min(0.05).max(20), wish: z.number().min(0.05).max(20) }),
	gap: z.strictObject({
		least: z.number().min(-1000).max(10_000),
		most: z.number().min(-1000).max(10_000),
		wish: z.number().min(-1000).max(10_000).nullable().meta({ description: 'null: the middle of least and most.' })
	}),
	hardware: z.enum(['avoid', 'centre', 'over']),
	clearance: MmSchema.meta({ description: 'Kept clear around a knob or pull that is avoided, mm.' }),
	sizing: z.enum(['common', 'each']).meta({ description: 'One scale for all its fronts, or one for each in proportion to its height.' }),
	line: z.discriminatedUnion('from', [
		z.strictObject({ from: z.literal('middle') }),
		z.strictObject({ from: z.literal('top'), distance: MmSchema })
	]),
	picks: z.record(z.string(), PickSchema).meta({ description: 'By part id, or "common"; without one the best fit is taken.' }),
	moved: z
		.array(z.strictObject({ part: IdSchema, index: z.number().int().min(0), x: z.number(), y: z.number() }))
		.max(1000)
		.meta({ description: 'Placed by hand: centre from the left and the top edge of the part, mm.' }),
	leftOut: z.array(z.strictObject({ part: IdSchema, index: z.number().int().min(0) })).max(1000)
});
export type Run = z.infer<typeof RunSchema>;

export const LayoutSchema = z.strictObject({
	motifs: z.array(MotifSchema).max(50),
	zones: z.array(ZoneSchema).max(50),
	runs: z.array(RunSchema).max(50)
});
export type Layout = z.infer<typeof LayoutSchema>;
