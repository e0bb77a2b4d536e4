import { z } from 'zod';
import { PlacesSchema, type Places } from '../../layout';
import { step } from './fields';
import { STEP } from './defaults';
import type { CoatKind } from './types';

export const WipeEdgesSchema = z
	.strictObject({ kind: z.literal('wipe-edges'), ...step, on: PlacesSchema })
	.meta({ description: 'Wet edges of drawers and doors, and the gaps round them, wiped dry.' });
export type WipeEdges = z.infer<typeof WipeEdgesSchema>;

/** Source: craft 2 and 12. */
export const wipeEdges: CoatKind<WipeEdges> = {
	...STEP,
	word: 'Wiping edges',
	phase: 'blend',
	starts: () => [{ text: 'Wiping wet edges and gaps', coat: newWipeEdges('fronts') }],
	where: ({ on }) => ({ on }),
	traits: () => ({ wipesEdges: true }),
	work: (_coat, { edge }, rates) => edge / rates['wipe-edges'],
	tools: () => [{ tool: 'thin lint-free cloth over a knife or a card', count: 2 }],
	steps: () => [
		'At once, while it is wet: draw a cloth over a card through every gap, then over edges and drawer sides.',
		'Leave drawers and doors a finger open until it is dry.'
	]
};

export const newWipeEdges = (on: Places): WipeEdges => ({ kind: 'wipe-edges', id: 'wipe-edges', wait: null, on });
