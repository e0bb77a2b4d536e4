import { z } from 'zod';
import { step } from './fields';
import { STEP } from './defaults';
import type { CoatKind } from './types';

export const HardwareOffSchema = z.strictObject({ kind: z.literal('hardware-off'), ...step });
export type HardwareOff = z.infer<typeof HardwareOffSchema>;

export const hardwareOff: CoatKind<HardwareOff> = {
	...STEP,
	word: 'Hardware off',
	phase: 'prepare',
	starts: () => [{ text: 'Hardware off', coat: newHardwareOff() }],
	where: () => ({ only: 'hardware' }),
	traits: () => ({ hardware: 'off' }),
	work: (_coat, { hardware }, rates) => hardware * rates['hardware-off'],
	steps: () => [
		'Keep screws and knobs together, marked with their places.',
		'A catch that comes off lets its door swing: hold it shut with tape or a wedge.'
	]
};

export const newHardwareOff = (): HardwareOff => ({ kind: 'hardware-off', id: 'hardware-off', wait: null });
