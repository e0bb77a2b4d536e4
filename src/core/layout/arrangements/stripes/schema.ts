import { z } from 'zod';
import { IdSchema, NameSchema } from '../../../units';
import { PlacesSchema } from '../../placesSchema';
import { SpotSchema } from '../spot';

const BandSchema = z.number().min(0.5).max(5000);

export const StripesSchema = z
	.strictObject({
		kind: z.literal('stripes'),
		id: IdSchema,
		name: NameSchema,
		parts: PlacesSchema,
		angle: z.number().min(0).max(179.99).meta({ description: 'Of the stripes, degrees clockwise: 0 they run level, 90 upright.' }),
		over: z.enum(['each', 'face', 'round']).meta({
			description:
				'Counted on each part by itself; over the whole face, on behind its gaps; or round the corners of the piece from the first of its faces on.'
		}),
		widths: z.array(BandSchema).min(1).max(4).meta({
			description:
				'Of the stripes, mm, in their rhythm from the middle outwards: `stripe-1`, `stripe-2` ...; a coat goes through one, or all.'
		}),
		gap: BandSchema,
		middle: z.enum(['stripe', 'gap', 'either']),
		school: z
			.enum(['tape', 'measure'])
			.meta({ description: 'Every width a sum of at most two tapes of the shelf; or measured and marked.' }),
		sliver: z.number().min(0).max(200).meta({ description: 'A remainder at the ends is 0 or at least this, mm.' }),
		picks: z.record(z.string(), z.string().max(80)).meta({ description: 'By part id, or "common": which of the ranked ways was taken.' }),
		leftOut: z.array(SpotSchema).max(1000)
	})
	.meta({ description: 'Taped stripes, the same on both sides of the middle.' });
export type Stripes = z.infer<typeof StripesSchema>;
