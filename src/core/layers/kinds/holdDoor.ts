import { z } from 'zod';
import { PlacesSchema } from '../../layout';
import { step } from './fields';
import { STEP } from './defaults';
import type { CoatKind } from './types';

export const HoldDoorSchema = z
	.strictObject({ kind: z.literal('hold-door'), ...step, on: PlacesSchema })
	.meta({ description: 'Its catch is off: a door is held while it is worked on.' });
export type HoldDoor = z.infer<typeof HoldDoorSchema>;

/** A catch that was taken off lets a door swing. Source: craft 2. */
export const holdDoor: CoatKind<HoldDoor> = {
	...STEP,
	word: 'Holding the doors',
	phase: 'prepare',
	starts: () => [{ text: 'Holding the doors', coat: { kind: 'hold-door', id: 'hold-door', wait: null, on: 'doors' } }],
	where: ({ on }) => ({ on }),
	traits: () => ({}),
	work: (_coat, { on }, rates) => on.size * rates.hold,
	tools: () => [{ tool: 'strip of low-tack tape, or a wedge of card', count: 2 }],
	steps: () => [
		'Its catch is off, so it swings: wedge it a finger wide open with card, where no paint comes.',
		'Never shut on wet edges: it glues itself to the frame.'
	],
	cautions: ['A glass door that swings breaks: hold it before the catch comes off.']
};
