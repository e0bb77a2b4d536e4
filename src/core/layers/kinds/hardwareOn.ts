import { z } from 'zod';
import { step } from './fields';
import { STEP } from './defaults';
import type { CoatKind } from './types';

export const HardwareOnSchema = z.strictObject({ kind: z.literal('hardware-on'), ...step });
export type HardwareOn = z.infer<typeof HardwareOnSchema>;

/** Minutes for each piece. */
const EACH = 3;

export const hardwareOn: CoatKind<HardwareOn> = {
	...STEP,
	word: 'Hardware back on',
	phase: 'finish',
	starts: () => [{ text: 'Hardware back on', coat: newHardwareOn() }],
	where: () => ({ only: 'hardware' }),
	traits: () => ({ hardware: 'on' }),
	work: (_coat, { hardware }) => hardware * EACH
};

export const newHardwareOn = (): HardwareOn => ({ kind: 'hardware-on', id: 'hardware-on', wait: null });
