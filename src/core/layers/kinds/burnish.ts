import { z } from 'zod';
import { PlacesSchema, type Places } from '../../layout';
import { step } from './fields';
import { STEP } from './defaults';
import type { CoatKind } from './types';

export const BurnishSchema = z
	.strictObject({ kind: z.literal('burnish'), ...step, on: PlacesSchema })
	.meta({ description: 'A transfer, or leaf, rubbed down so that no air stays under it.' });
export type Burnish = z.infer<typeof BurnishSchema>;

/** Source: craft 9 and 12. */
export const burnish: CoatKind<Burnish> = {
	...STEP,
	word: 'Burnishing',
	phase: 'print',
	starts: () => [{ text: 'Burnishing', coat: newBurnish('all') }],
	where: ({ on }) => ({ on }),
	traits: () => ({ burnishes: true }),
	work: (_coat, { area }, rates) => Math.min(area, 1) / rates.burnish,
	tools: () => [{ tool: 'smooth pad, or the backing paper under a palm', count: 1 }],
	steps: () => [
		'The backing paper over it; rub all of it with the flat of the hand or a pad, from the middle outwards.',
		'Hold a lamp low: what still shines has air under it. Prick a bubble, and press it down.',
		'Run a nail along every edge: none may lift.'
	]
};

export const newBurnish = (on: Places): Burnish => ({ kind: 'burnish', id: 'burnish', wait: null, on });
