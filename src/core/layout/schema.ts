import { z } from 'zod';
import { IdSchema, NameSchema } from '../units';
import { ArrangementSchema } from './arrangements/schema';
import { MotifSchema } from './motif';
import { PlacesSchema } from './placesSchema';
import { FieldSchema } from './zones/fieldSchema';

const ZoneSchema = z.strictObject({
	id: IdSchema,
	name: NameSchema,
	parts: PlacesSchema,
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

export const LayoutSchema = z.strictObject({
	motifs: z.array(MotifSchema).max(50),
	zones: z.array(ZoneSchema).max(50),
	arrangements: z
		.array(ArrangementSchema)
		.max(50)
		.meta({ description: 'Where motifs lie; which coat goes through them, and in which colour, stands with the coats.' })
});
export type Layout = z.infer<typeof LayoutSchema>;
