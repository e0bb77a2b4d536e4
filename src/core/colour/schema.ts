import { z } from 'zod';
import { IdSchema, NameSchema } from '../piece';

export const HexSchema = z
	.string()
	.regex(/^#[0-9a-f]{6}$/)
	.meta({ description: 'sRGB as it dries, #rrggbb in lower case.' });
export const ColourSchema = z.strictObject({
	id: IdSchema,
	name: NameSchema,
	hex: HexSchema,
	opacity: z.number().min(0.05).max(1).default(0.95).meta({ description: 'Share of the ground that one normal coat hides.' })
});
export type Colour = z.infer<typeof ColourSchema>;
