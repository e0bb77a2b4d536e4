import { z } from 'zod';
import { IdSchema } from '../units';

export const PartsSchema = z
	.union([z.enum(['drawers', 'doors', 'fronts', 'panels']), z.array(IdSchema).min(1).max(400)])
	.meta({ description: 'Every drawer, every door, both, every panel; or a list of ids of parts, and of faces for all of them.' });
export type Parts = z.infer<typeof PartsSchema>;
