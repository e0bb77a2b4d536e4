import { z } from 'zod';

const MmSchema = z.number().min(0).max(100_000);
const SeedSchema = z.number().int().min(0).max(1_000_000).meta({ description: 'The same seed gives the same shapes.' });
const StopsSchema = z
	.array(z.number().min(0).max(1))
	.max(7)
	.nullable()
	.meta({ description: 'Where neighbours are half and half, as shares of the way, one fewer than colours; null: evenly.' });

/** Where the colours of a zone go, with the figures of each pattern. A new pattern is an entry here, a file beside this and a line in the index. */
export const FieldSchema = z.discriminatedUnion('pattern', [
	z
		.strictObject({
			pattern: z.literal('edge-shade'),
			border: MmSchema.meta({ description: 'From the edge to the middle of the first join, mm.' }),
			corners: z.enum(['square', 'round']).meta({ description: 'Level lines mitred in the corners, or turned in an arc.' })
		})
		.meta({ description: 'Edge shade and centre glow.' }),
	z
		.strictObject({ pattern: z.literal('rings'), widths: z.array(MmSchema).min(1).max(7) })
		.meta({ description: 'Rings that follow the outline, each so wide (mm) from the edge inwards.' }),
	z
		.strictObject({ pattern: z.literal('bands'), from: z.enum(['bottom', 'top', 'left', 'right']), stops: StopsSchema })
		.meta({ description: 'Bands that climb the piece, or cross it; halves and thirds too.' }),
	z
		.strictObject({
			pattern: z.literal('streak'),
			along: z.enum(['level', 'upright']),
			at: z.number().min(0).max(1).meta({ description: 'Its middle, as a share from the top or the left.' }),
			width: MmSchema
		})
		.meta({ description: 'A streak of light along a front.' }),
	z
		.strictObject({ pattern: z.literal('clouds'), size: z.number().min(5).max(2000), seed: SeedSchema, stops: StopsSchema })
		.meta({ description: 'Patches in a scatter.' }),
	z
		.strictObject({
			pattern: z.literal('runs'),
			from: z.enum(['top', 'bottom', 'both']),
			length: MmSchema,
			drip: MmSchema,
			seed: SeedSchema
		})
		.meta({ description: 'Colour let down from an edge, with drips.' }),
	z
		.strictObject({
			pattern: z.literal('ageing'),
			reach: MmSchema,
			hands: z.boolean().meta({ description: 'Round knobs and pulls too, where hands would wear it.' }),
			motifs: z.boolean().meta({ description: 'Round motifs too.' }),
			seed: SeedSchema
		})
		.meta({ description: 'Irregular darkening from edges and corners.' }),
	z
		.strictObject({ pattern: z.literal('recess'), width: z.number().min(0.5).max(200).meta({ description: 'From the hollow, mm.' }) })
		.meta({ description: 'Colour in hollows and grooves only: along the foot of every step.' }),
	z
		.strictObject({
			pattern: z.literal('touches'),
			size: z.number().min(1).max(500).meta({ description: 'Across the largest, mm.' }),
			apart: z.number().min(5).max(2000).meta({ description: 'From one to the next, mm, about.' }),
			seed: SeedSchema
		})
		.meta({ description: 'Faint spots in a scatter.' }),
	z
		.strictObject({
			pattern: z.literal('cloth'),
			weave: z.enum(['linen', 'denim']),
			thread: z.number().min(0.3).max(20).meta({ description: 'From thread to thread, mm.' }),
			seed: SeedSchema,
			stops: StopsSchema
		})
		.meta({ description: 'A look of cloth.' })
]);
export type Field = z.infer<typeof FieldSchema>;
export type PatternId = Field['pattern'];
