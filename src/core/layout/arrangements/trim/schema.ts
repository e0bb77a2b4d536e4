import { z } from 'zod';
import { IdSchema, NameSchema } from '../../../units';
import { PlacesSchema } from '../../placesSchema';
import { SpotSchema } from '../spot';

export const TrimSchema = z
	.strictObject({
		kind: z.literal('trim'),
		id: IdSchema,
		name: NameSchema,
		motif: IdSchema.meta({ description: 'What is cast; its mould says how much it shrinks.' }),
		parts: PlacesSchema,
		side: z.enum(['top', 'right', 'bottom', 'left']).meta({ description: 'Along which edge of each part.' }),
		inset: z.number().min(0).max(5000).meta({ description: 'From that edge to the trim, mm.' }),
		ends: z.number().min(0).max(5000).meta({ description: 'Left clear at both ends, mm.' }),
		picks: z.record(z.string(), z.enum(['joints', 'middle', 'left', 'right'])).meta({ description: 'By part id, or "common".' }),
		leftOut: z.array(SpotSchema).max(1000)
	})
	.meta({ description: 'A run of equal casts along an edge, joint to joint.' });
export type Trim = z.infer<typeof TrimSchema>;
