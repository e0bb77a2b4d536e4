import { z } from 'zod';

/** A length as it was read: a number is millimetres, a text is read like a tape (`5 3/8`, `137 mm`). Empty text: not read yet. */
export const LengthInputSchema = z
	.union([z.number(), z.string().max(40)])
	.meta({ description: 'A number is millimetres; a text is read as on a tape ("5 3/8", "137 mm"); "" is not measured yet.' });
export type LengthInput = z.infer<typeof LengthInputSchema>;

export const IdSchema = z
	.string()
	.regex(/^[a-z0-9][a-z0-9-]{0,39}$/)
	.meta({ description: 'Lower-case letters, digits and dashes; at most 40.' });
export const NameSchema = z.string().min(1).max(80);
