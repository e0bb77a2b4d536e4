import { z } from 'zod';
import { IdSchema, NameSchema } from '../../../units';
import { PlacesSchema } from '../../placesSchema';
import { SpotSchema } from '../spot';

const MmSchema = z.number().min(0).max(100_000);
const ShareSchema = z.number().min(0).max(1);

const ENDS = ['whole', 'half', 'free', 'ring'] as const;
export type EndsId = (typeof ENDS)[number];

/** Which of the ranked fits the painter took. */
const PickSchema = z.strictObject({ ends: z.enum(ENDS), count: z.number().int().min(1), by: z.string().max(40) });
export type Pick = z.infer<typeof PickSchema>;

export const RunSchema = z.strictObject({
	kind: z.literal('run'),
	id: IdSchema,
	name: NameSchema,
	motif: IdSchema,
	parts: PlacesSchema,
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
	line: z
		.discriminatedUnion('from', [
			z.strictObject({ from: z.literal('middle') }),
			z.strictObject({ from: z.literal('top'), distance: MmSchema }),
			z.strictObject({ from: z.literal('bottom'), distance: MmSchema }),
			z.strictObject({ from: z.literal('centre') }),
			z.strictObject({ from: z.literal('left'), distance: MmSchema }),
			z.strictObject({ from: z.literal('right'), distance: MmSchema }),
			z.strictObject({ from: z.literal('edge'), side: z.enum(['top', 'right', 'bottom', 'left']), distance: MmSchema }),
			z.strictObject({
				from: z.literal('drawn'),
				points: z
					.array(z.strictObject({ x: ShareSchema, y: ShareSchema }))
					.min(2)
					.max(40)
			})
		])
		.meta({
			description:
				'The line on which it runs: level in the middle, or so far from the top or the bottom; upright down the centre, or so far from a side; along the outline, its motifs turned with it; or smoothly through points, shares of the width and the height of each part from its left and its top edge.'
		}),
	over: z.enum(['each', 'through', 'round']).optional().meta({
		description:
			'Level rows: each part begun afresh; or on through all parts of a face at one height, behind their gaps; or round the corners of the piece.'
	}),
	pinned: z
		.strictObject({
			count: z.number().int().min(1).max(400).nullable(),
			scale: z.number().min(0.05).max(20).nullable(),
			gap: z.number().min(-1000).max(10_000).nullable()
		})
		.optional()
		.meta({ description: 'Figures that stand; the rest is solved again. null: free.' }),
	picks: z.record(z.string(), PickSchema).meta({ description: 'By part id, or "common"; without one the best fit is taken.' }),
	moved: z
		.array(SpotSchema.extend({ x: z.number(), y: z.number() }))
		.max(1000)
		.meta({ description: 'Placed by hand: centre from the left and the top edge of the part, mm.' }),
	leftOut: z.array(SpotSchema).max(1000)
});
export type Run = z.infer<typeof RunSchema>;
