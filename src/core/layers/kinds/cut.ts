import { z } from 'zod';
import { IdSchema } from '../../units';
import { step } from './fields';
import { STEP } from './defaults';
import type { CoatKind } from './types';

export const CutSchema = z
	.strictObject({ kind: z.literal('cut'), ...step, arrangement: IdSchema })
	.meta({ description: 'Castings of an arrangement are cut through along the gaps that they cross, so that what moves opens again.' });
export type Cut = z.infer<typeof CutSchema>;

/** Source: craft 8. */
export const cut: CoatKind<Cut> = {
	...STEP,
	word: 'Cutting through',
	phase: 'print',
	starts: ({ arrangements }) => arrangements.map(({ id, name }) => ({ text: `Saw ${name} through at the gaps`, coat: newCut(id) })),
	where: ({ arrangement }) => ({ through: arrangement }),
	traits: () => ({ cuts: true }),
	work: (_coat, { crossing }, rates) => crossing * rates['cut-cast'],
	tools: () => [{ tool: 'fine saw blade', count: 1 }],
	steps: () => [
		'Only when the glue is dry: slide the blade along the gap, saw with short strokes, away from the painted edge.',
		'Ease both cut edges with fine paper; open and close it.'
	],
	cautions: ['A saw blade slips: clamp what moves, and keep fingers out of its line.']
};

export const newCut = (arrangement: string): Cut => ({ kind: 'cut', id: 'cut', wait: null, arrangement });
