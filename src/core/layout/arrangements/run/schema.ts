import { z } from 'zod';
import { IdSchema, NameSchema } from '../../../units';
import { PartsSchema } from '../../partsSchema';
import { SpotSchema } from '../spot';

const MmSchema = z.number().min(0).max(100_000);

export const ENDS = ['whole', 'half', 'free', 'ring'] as const;
export type EndsId = (typeof ENDS)[number];

/** Which of the ranked fits the painter took. */
export const PickSchema = z.strictObject({ ends: z.enum(ENDS), count: z.number().int().min(1), by: z.string().max(40) });
export type Pick = z.infer<typeof PickSchema>;

export const RunSchema = z.strictObject({
	kind: z.literal('run'),
	id: IdSchema,
	name: NameSchema,
	motif: IdSchema,
	parts: PartsSchema,
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
		.array(SpotSchema.extend({ x: z.number(), y: z.number() }))
		.max(1000)
		.meta({ description: 'Placed by hand: centre from the left and the top edge of the part, mm.' }),
	leftOut: z.array(SpotSchema).max(1000)
});
export type Run = z.infer<typeof RunSchema>;
