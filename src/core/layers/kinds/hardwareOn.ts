import { z } from 'zod';
import { step } from './fields';
import { STEP } from './defaults';
import type { CoatKind } from './types';

export const HardwareOnSchema = z.strictObject({ kind: z.literal('hardware-on'), ...step });
export type HardwareOn = z.infer<typeof HardwareOnSchema>;

export const hardwareOn: CoatKind<HardwareOn> = {
	...STEP,
	word: 'Hardware back on',
	phase: 'finish',
	starts: () => [{ text: 'Hardware back on', coat: newHardwareOn() }],
	where: () => ({ only: 'hardware' }),
	traits: () => ({ hardware: 'on' }),
	work: (_coat, { hardware }, rates) => hardware * rates['hardware-on']
};

export const newHardwareOn = (): HardwareOn => ({ kind: 'hardware-on', id: 'hardware-on', wait: null });
