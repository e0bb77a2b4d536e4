import { z } from 'zod';
import { IdSchema, NameSchema } from '../units';

/** What a motif is drawn for. */
export const MOTIF_USES = ['single', 'border', 'corner', 'field', 'line', 'letters'] as const;

export const MotifSchema = z.strictObject({
	id: IdSchema,
	name: NameSchema,
	width: z.number().min(1).max(2000).meta({ description: 'At scale 1, mm.' }),
	height: z.number().min(1).max(2000).meta({ description: 'At scale 1, mm.' }),
	paths: z
		.array(z.strictObject({ d: z.string().min(1).max(100_000), rule: z.enum(['nonzero', 'evenodd']) }))
		.min(1)
		.max(500)
		.meta({ description: 'SVG path data in mm, origin at the top left corner of the motif: the openings that take paint.' }),
	use: z.enum(MOTIF_USES).optional().meta({ description: 'What it is drawn for; it may be laid in any way.' }),
	text: z.string().max(200).optional().meta({ description: 'Of lettering: the line that was typed.' }),
	sizes: z
		.array(z.number().min(0.05).max(20))
		.min(1)
		.max(20)
		.optional()
		.meta({ description: 'Scales at which a sheet of it exists; without them it is cut to any.' }),
	mirror: z
		.boolean()
		.optional()
		.meta({ description: 'Whether it may be laid mirrored (a sheet that is turned over); yes where nothing is said.' }),
	up: z.boolean().optional().meta({ description: 'Whether it has an up, and is not to hang upside down.' }),
	mould: z
		.strictObject({
			height: z.number().min(0.2).max(100).meta({ description: 'Of the cast over its ground, mm.' }),
			shrinkage: z
				.number()
				.min(0)
				.max(0.5)
				.meta({ description: 'Share of its length that a cast loses as it dries; 0 for wood and resin.' }),
			volume: z
				.number()
				.min(0.1)
				.max(10_000)
				.optional()
				.meta({ description: 'What it holds, ml; by outline and height where nothing is said.' })
		})
		.optional()
		.meta({ description: 'It is cast, or comes as a piece: its outline is what stands up.' }),
	sheet: z
		.strictObject({
			border: z.number().min(0).max(500).meta({ description: 'Left uncut round the motif, mm.' }),
			across: z.number().int().min(1).max(50),
			down: z.number().int().min(1).max(50),
			thickness: z.number().min(0.02).max(5).meta({ description: 'Of the film, mm.' })
		})
		.optional()
		.meta({ description: 'The sheet it is cut from, with so many repeats on it.' })
});
export type Motif = z.infer<typeof MotifSchema>;
