import { z } from 'zod';
import { IdSchema } from '../../../units';
import { BorderSchema } from '../border/schema';

export const SchemeSchema = z
	.strictObject({
		...BorderSchema.shape,
		kind: z.literal('scheme'),
		field: IdSchema.nullable().meta({ description: 'Motif that fills what the border encloses; null: it stays plain.' }),
		fieldGap: z.number().min(-1000).max(1000).meta({ description: 'Between two of the field, mm.' }),
		centre: IdSchema.nullable().meta({ description: 'Motif in the middle; null: none.' }),
		width: z.number().min(1).max(2000).nullable().optional().meta({
			description: 'Its border is just so wide, mm, and with it the scale of all of it; null: as the limits of scale say.'
		}),
		plain: z.number().min(0).max(1000).meta({ description: 'Line of the ground that is left between border, field and centre, mm.' })
	})
	.meta({ description: 'An inlay: border, corners, field and centre at one scale. Roles: border, corner, field, centre.' });
export type Scheme = z.infer<typeof SchemeSchema>;
