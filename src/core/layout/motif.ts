import { z } from 'zod';
import { IdSchema, NameSchema } from '../units';

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
