import { z } from 'zod';
import { LengthInputSchema } from '../readings/lengths';

const side = z.enum(['top', 'right', 'bottom', 'left']);

/** The outline of a face or a part in its box of width and height. */
export const OutlineSchema = z.discriminatedUnion('shape', [
	z.strictObject({ shape: z.literal('rectangle') }),
	z.strictObject({ shape: z.literal('rounded'), radius: LengthInputSchema }),
	z.strictObject({ shape: z.literal('circle') }).meta({ description: 'Its width is its diameter.' }),
	z.strictObject({ shape: z.literal('ellipse') }),
	z
		.strictObject({ shape: z.literal('arch'), rise: LengthInputSchema })
		.meta({ description: 'The rise of its arched top; half the width makes it a half circle.' }),
	z.strictObject({ shape: z.literal('bow'), side, way: z.enum(['out', 'in']), depth: LengthInputSchema }),
	z.strictObject({ shape: z.literal('wave'), side, depth: LengthInputSchema, waves: z.number().int().min(1).max(24) }),
	z.strictObject({
		shape: z.literal('free'),
		points: z
			.array(z.strictObject({ x: LengthInputSchema, y: LengthInputSchema, out: LengthInputSchema, in: LengthInputSchema }))
			.min(3)
			.max(60)
			.meta({ description: 'From the left and the top of the box; how far the edge to the next point swells out, or in, at its middle.' })
	})
]);
export type OutlineInput = z.infer<typeof OutlineSchema>;
