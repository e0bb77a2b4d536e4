import { z } from 'zod';
import { step } from './fields';
import { STEP } from './defaults';
import type { CoatKind } from './types';

export const HardwareMaskedSchema = z.strictObject({ kind: z.literal('hardware-masked'), ...step });
export type HardwareMasked = z.infer<typeof HardwareMaskedSchema>;

export const hardwareMasked: CoatKind<HardwareMasked> = {
	...STEP,
	word: 'Hardware masked',
	phase: 'prepare',
	starts: () => [{ text: 'Hardware masked', coat: newHardwareMasked() }],
	where: () => ({ only: 'hardware' }),
	traits: () => ({ hardware: 'masked' }),
	work: (_coat, { hardware }, rates) => hardware * rates['hardware-masked'],
	steps: () => [
		'Low-tack tape round it, pressed into the corner with a nail; a bag over what stands far out.',
		'What has to turn or slide is turned once when the mask is on: nothing may have crept under it.'
	]
};

export const newHardwareMasked = (): HardwareMasked => ({ kind: 'hardware-masked', id: 'hardware-masked', wait: null });
