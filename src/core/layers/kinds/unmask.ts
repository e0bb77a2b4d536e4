import { z } from 'zod';
import { IdSchema } from '../../units';
import { STEP } from './defaults';
import { step } from './fields';
import type { CoatKind } from './types';

export const UnmaskSchema = z
	.strictObject({ kind: z.literal('unmask'), ...step, mask: IdSchema })
	.meta({ description: 'Takes off a mask that was laid before.' });
export type Unmask = z.infer<typeof UnmaskSchema>;

/** Source: craft 12 (tape-wet). */
export const unmask: CoatKind<Unmask> = {
	...STEP,
	word: 'Mask off',
	phase: 'tone',
	starts: ({ masks }) => masks.map((id) => ({ text: 'Mask off', coat: newUnmask(id) })),
	where: ({ mask }) => ({ like: mask }),
	traits: ({ mask }) => ({ masks: 'off', unmasks: mask }),
	work: (_coat, { edge, open }, rates) => (open?.edge ?? edge) / rates.unmask,
	steps: () => ['Pull it slowly, back over itself; where the film bridges the edge, cut along it first.'],
	cautions: ['Blades: cut away from you.']
};

export const newUnmask = (mask: string): Unmask => ({ kind: 'unmask', id: 'unmask', wait: null, mask });
