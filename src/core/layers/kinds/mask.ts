import { z } from 'zod';
import { IdSchema } from '../../units';
import { STEP } from './defaults';
import { PlacesSchema, type Places } from '../../layout';
import { limitsOf, place, step } from './fields';
import type { CoatKind } from './types';

export const MaskSchema = z
	.strictObject({ kind: z.literal('mask'), ...step, ...place, on: PlacesSchema, through: IdSchema.optional() })
	.meta({ description: 'Tape and paper that stay over several coats: what is laid until it is taken off does not reach what it covers.' });
export type Mask = z.infer<typeof MaskSchema>;

/** A finished panel, or what an arrangement covers, kept from the coats that follow. Source: craft 5 and 12. */
export const mask: CoatKind<Mask> = {
	...STEP,
	word: 'Mask',
	phase: 'print',
	starts: () => [{ text: 'Mask that stays', coat: newMask('panels') }],
	where: limitsOf,
	traits: () => ({ masks: 'on' }),
	work: (_coat, { edge, open }, rates) => (open?.edge ?? edge) / rates.mask,
	tools: () => [{ tool: 'plastic card to press tape down', count: 1 }],
	steps: () => [
		'Tape along its edge first, then paper over the rest; press the edge down with a card.',
		'Only on paint past its recoat; on a finished panel wait a day.'
	]
};

export const newMask = (on: Places): Mask => ({ kind: 'mask', id: 'mask', wait: null, on });
