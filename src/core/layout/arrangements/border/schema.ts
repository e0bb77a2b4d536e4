import { z } from 'zod';
import { IdSchema, NameSchema } from '../../../units';
import { PlacesSchema } from '../../placesSchema';
import { LARGEST_SCALE, LEAST_SCALE } from '../scales';
import { SpotSchema } from '../spot';

const ScaleSchema = z.number().min(LEAST_SCALE).max(LARGEST_SCALE);
const GapSchema = z.number().min(-1000).max(10_000);
const CountSchema = z.number().int().min(1).max(400).nullable();

export const BorderSchema = z
	.strictObject({
		kind: z.literal('border'),
		id: IdSchema,
		name: NameSchema,
		motif: IdSchema,
		parts: PlacesSchema,
		corners: z.enum(['blocks', 'mitred', 'mirrored']).meta({
			description:
				'A block in each corner; or the strip runs into the corner and is cut along its bisector, between two motifs or through the middle of one. An outline without corners is run round.'
		}),
		corner: IdSchema.nullable().meta({ description: 'Motif of the blocks, drawn for the top left corner; null: the corners stay empty.' }),
		inset: z.number().min(0).max(5000).meta({ description: 'From the edge of the part to the border, mm.' }),
		tops: z.enum(['out', 'in']).meta({ description: 'Which way the tops of its motifs point.' }),
		scale: z.strictObject({ least: ScaleSchema, most: ScaleSchema, wish: ScaleSchema }),
		gap: z.strictObject({
			least: GapSchema,
			most: GapSchema,
			wish: GapSchema.nullable().meta({ description: 'null: the middle of least and most.' })
		}),
		pinned: z
			.strictObject({ across: CountSchema, down: CountSchema })
			.meta({ description: 'So many motifs on the first side and on the one after it; null: as many as fit best.' }),
		picks: z.record(z.string(), z.string().max(80)).meta({ description: 'By part id, or "common": which of the ranked ways was taken.' }),
		leftOut: z.array(SpotSchema).max(1000)
	})
	.meta({ description: 'One motif round the outline of a part, at one scale, closed.' });
export type Border = z.infer<typeof BorderSchema>;
