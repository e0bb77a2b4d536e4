import { z } from 'zod';
import { PlacesSchema, type Places } from '../../layout';
import { step } from './fields';
import { STEP } from './defaults';
import { DUST_CAUTIONS } from './sand';
import type { CoatKind } from './types';

export const ScuffSchema = z
	.strictObject({ kind: z.literal('scuff'), ...step, on: PlacesSchema, grit: z.number().int().min(150).max(2000) })
	.meta({ description: 'A few light strokes with a fine pad: it dulls a gloss and takes nothing off.' });
export type Scuff = z.infer<typeof ScuffSchema>;

/** Source: craft 3 and 12 (gloss-key). */
export const scuff: CoatKind<Scuff> = {
	...STEP,
	word: 'Scuffing',
	phase: 'prime',
	starts: () => [{ text: 'Scuffing', coat: newScuff('all') }],
	where: ({ on }) => ({ on }),
	traits: () => ({ keys: true, dusts: true }),
	work: (_coat, { area }, rates) => area / rates.scuff,
	tools: () => [{ tool: 'fine sanding pad', count: 1 }],
	steps: () => ['Light strokes along the grain until it no longer shines; rub no edge through.', 'Dust it off.'],
	cautions: DUST_CAUTIONS.slice(0, 1),
	detail: ({ grit }) => `grit ${grit}`
};

export const newScuff = (on: Places): Scuff => ({ kind: 'scuff', id: 'scuff', wait: null, on, grit: 320 });
