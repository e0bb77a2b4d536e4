import { z } from 'zod';
import { IdSchema } from '../../units';
import { step } from './fields';
import { STEP } from './defaults';
import type { CoatKind } from './types';

export const FillerSchema = z
	.strictObject({ kind: z.literal('filler'), ...step, material: IdSchema })
	.meta({ description: 'Into every old hole that is to be filled, wherever it is; sanded flush when it is hard.' });
export type Filler = z.infer<typeof FillerSchema>;

/** Source: craft 2 and 3. */
export const filler: CoatKind<Filler> = {
	...STEP,
	word: 'Filler',
	phase: 'prepare',
	materials: ['filler'],
	starts: ({ hasHoles }) => (hasHoles ? [{ text: 'Filler in old holes', coat: newFiller() }] : []),
	where: () => ({ only: 'holes' }),
	amount: () => 1,
	traits: () => ({ fills: true, wet: true }),
	takes: (_coat, { holes }) => [{ colour: null, area: 0, ml: holes }],
	work: (_coat, { holes }, rates) => holes * rates['fill-holes'],
	tools: () => [{ tool: 'filling knife', count: 1 }],
	steps: () => [
		'Press it in from the front, a little proud: it sinks as it dries.',
		'A deep hole in two goes, the second when the first is hard.',
		'When it is hard, sand it flush.'
	],
	look: () => ({ effect: 'fill' })
};

export const newFiller = (): Filler => ({ kind: 'filler', id: 'filler', wait: null, material: 'wood-filler' });
