import { z } from 'zod';
import { LONGEST_NAME } from './shortenName';

/** What names something in a project file. */
export const IdSchema = z
	.string()
	.regex(/^[a-z0-9][a-z0-9-]{0,39}$/)
	.meta({ description: 'Lower-case letters, digits and dashes; at most 40.' });
export const NameSchema = z.string().min(1).max(LONGEST_NAME);
