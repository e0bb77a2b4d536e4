import { z } from 'zod';
import { PlacesSchema, type Places } from '../../layout';
import { step } from './fields';
import { STEP } from './defaults';
import type { CoatKind } from './types';

export const DustSchema = z.strictObject({ kind: z.literal('dust'), ...step, on: PlacesSchema });
export type Dust = z.infer<typeof DustSchema>;

export const dust: CoatKind<Dust> = {
	...STEP,
	word: 'Dusting off',
	phase: 'prepare',
	starts: () => [{ text: 'Dusting off', coat: newDust('all') }],
	where: ({ on }) => ({ on }),
	traits: () => ({ dusts: true }),
	work: (_coat, { area }, rates) => area / rates.dust,
	tools: () => [{ tool: 'soft brush, or a vacuum with a brush', count: 1 }],
	steps: () => ['From the top down, corners and mouldings first, then the flats; last with a barely damp cloth, and let it dry.']
};

export const newDust = (on: Places): Dust => ({ kind: 'dust', id: 'dust', wait: null, on });
