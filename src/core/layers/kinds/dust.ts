import { z } from 'zod';
import { CoatPartsSchema, step, type CoatParts } from './fields';
import { STEP } from './defaults';
import type { CoatKind } from './types';

export const DustSchema = z.strictObject({ kind: z.literal('dust'), ...step, on: CoatPartsSchema });
export type Dust = z.infer<typeof DustSchema>;

export const dust: CoatKind<Dust> = {
	...STEP,
	word: 'Dusting off',
	phase: 'prepare',
	starts: () => [{ text: 'Dusting off', coat: newDust('all') }],
	where: ({ on }) => ({ on }),
	traits: () => ({ dusts: true }),
	work: (_coat, { area }, rates) => area / rates.dust
};

export const newDust = (on: CoatParts): Dust => ({ kind: 'dust', id: 'dust', wait: null, on });
