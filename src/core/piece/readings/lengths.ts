import { z } from 'zod';

/** A length as it was read: a number is millimetres, a text is read like a tape (`5 3/8`, `137 mm`). Empty text: not read yet. */
export const LengthInputSchema = z.union([z.number(), z.string().max(40)]).meta({
	description:
		'A number is millimetres; a text is read as on a tape ("5 3/8", "137 mm"); "" is not measured yet; in a chain "rest" is what its other links leave.'
});
export type LengthInput = z.infer<typeof LengthInputSchema>;
