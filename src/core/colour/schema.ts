import { z } from 'zod';
import { IdSchema, NameSchema } from '../units';

export const HexSchema = z
	.string()
	.regex(/^#[0-9a-f]{6}$/)
	.meta({ description: 'sRGB as it dries, #rrggbb in lower case.' });
export const ColourSchema = z.strictObject({
	id: IdSchema,
	name: NameSchema,
	hex: HexSchema,
	opacity: z.number().min(0.05).max(1).default(0.95).meta({ description: 'Share of the ground that one normal coat hides.' }),
	wet: HexSchema.optional().meta({ description: 'As it looks while it is wet; without it a guess is shown.' }),
	strength: z.number().min(0.1).max(10).optional().meta({
		description: 'Tinting strength: how many parts of a plain paint one part of it counts for in a mix; 1 where it is not given.'
	}),
	jar: z
		.strictObject({
			left: z.number().min(0).max(100_000).meta({ description: 'ml.' }),
			size: z.number().min(1).max(100_000).meta({ description: 'What one jar holds, ml.' })
		})
		.optional(),
	mix: z
		.array(z.strictObject({ colour: IdSchema, parts: z.number().gt(0).max(1000) }))
		.min(1)
		.max(7)
		.optional()
		.meta({ description: 'What it is mixed of, from this palette; its hex follows from them.' })
});
export type Colour = z.infer<typeof ColourSchema>;
