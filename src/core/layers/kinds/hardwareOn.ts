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
	work: (_coat, { hardware }, rates) => hardware * rates['hardware-on'],
	tools: () => [{ tool: 'screwdriver that fits', count: 1 }],
	steps: () => [
		'Each back to its marked place, by hand until it bites; a card under it keeps the new coats whole.',
		'A new screw is shorter than what it goes into: measure both before you turn it.',
		'Open and shut everything once; then step back and look at the whole.'
	]
};

export const newHardwareOn = (): HardwareOn => ({ kind: 'hardware-on', id: 'hardware-on', wait: null });
