import { z } from 'zod';
import { PlacesSchema, type Places } from '../../layout';
import { step } from './fields';
import { STEP } from './defaults';
import type { CoatKind } from './types';

export const SoftenSchema = z
	.strictObject({ kind: z.literal('soften'), ...step, on: PlacesSchema })
	.meta({ description: 'Running colour that has half set is dabbed soft.' });
export type Soften = z.infer<typeof SoftenSchema>;

/** Source: craft 4. */
export const soften: CoatKind<Soften> = {
	...STEP,
	word: 'Dabbing soft',
	phase: 'blend',
	starts: () => [{ text: 'Dabbing running colour soft', coat: newSoften('all') }],
	where: ({ on }) => ({ on }),
	traits: () => ({ softens: true }),
	work: (_coat, { area }, rates) => area / rates.soften,
	tools: () => [{ tool: 'soft damp sponge, wrung out', count: 1 }],
	steps: () => [
		'Begin where it was laid first, when it no longer shines all over and a finger leaves no water.',
		'Dab straight down along the edges of the runs, and leave their hearts; turn the sponge often.',
		'What lifts was too wet: stop, and come back in a minute. What no longer moves is too late: leave it as it is.'
	]
};

const newSoften = (on: Places): Soften => ({ kind: 'soften', id: 'soften', wait: null, on });
