import { z } from 'zod';
import { PlacesSchema, type Places } from '../../layout';
import { CountSchema, step } from './fields';
import { STEP } from './defaults';
import type { CoatKind } from './types';

export const TightenSchema = z.strictObject({ kind: z.literal('tighten'), ...step, on: PlacesSchema, count: CountSchema });
export type Tighten = z.infer<typeof TightenSchema>;

/** Before anything is cleaned: what moves is found now. Source: craft 1 and 12. */
export const tighten: CoatKind<Tighten> = {
	...STEP,
	word: 'Tightening',
	phase: 'prepare',
	starts: () => [{ text: 'Tightening joints and screws', coat: newTighten('all') }],
	where: ({ on }) => ({ on }),
	traits: () => ({}),
	work: ({ count }, _site, rates) => count * rates.tighten,
	tools: () => [{ tool: 'screwdriver that fits', count: 1 }],
	steps: () => [
		'Rock it on a level floor, and pull every drawer and door: mark what moves.',
		'Turn screws home by hand. One that turns on takes a glued match in its hole, not a longer screw that comes through.',
		'A joint that opens under your thumb is glued, not only screwed.'
	],
	cautions: ['A tall piece tips when drawers are out: lay it down, or have somebody hold it.'],
	detail: ({ count }) => `${count} of them`
};

const newTighten = (on: Places): Tighten => ({ kind: 'tighten', id: 'tighten', wait: null, on, count: 4 });
