import { z } from 'zod';
import { IdSchema, NameSchema } from '../../../units';
import { PlacesSchema } from '../../placesSchema';
import { SpotSchema } from '../spot';

const GapSchema = z.number().min(-1000).max(10_000);

export const GridSchema = z
	.strictObject({
		kind: z.literal('grid'),
		id: IdSchema,
		name: NameSchema,
		motif: IdSchema,
		parts: PlacesSchema,
		shift: z.enum(['square', 'brick', 'half-drop', 'mirrored']).meta({
			description: 'In line; every other row half a step aside; every other column half a step down; or every other one mirrored, in pairs.'
		}),
		scale: z.number().min(0.05).max(20),
		gap: z.strictObject({ across: GapSchema, down: GapSchema }).meta({ description: 'Between neighbours, mm; negative: they overlap.' }),
		middle: z.enum(['motif', 'gap']).meta({ description: 'What lies on the centre of the part.' }),
		offset: z.strictObject({ x: z.number().min(-100_000).max(100_000), y: z.number().min(-100_000).max(100_000) }),
		edge: z.enum(['cut', 'whole']).meta({ description: 'Cut at the edge of the part, or whole motifs only.' }),
		leftOut: z.array(SpotSchema).max(1000)
	})
	.meta({ description: 'An all-over field.' });
export type Grid = z.infer<typeof GridSchema>;
