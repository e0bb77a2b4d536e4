import { z } from 'zod';
import { formatWait, IdSchema } from '../../units';
import { PlacesSchema } from '../../layout';
import { step } from './fields';
import { STEP } from './defaults';
import type { CoatKind } from './types';

export const RinseSchema = z
	.strictObject({ kind: z.literal('rinse'), ...step, material: IdSchema, on: PlacesSchema })
	.meta({ description: 'A cleaner taken off again with clean water.' });
export type Rinse = z.infer<typeof RinseSchema>;

/** Source: craft 3. */
export const rinse: CoatKind<Rinse> = {
	...STEP,
	word: 'Rinsing',
	phase: 'prepare',
	materials: ['water'],
	starts: () => [{ text: 'Rinsing', coat: { kind: 'rinse', id: 'rinse', wait: null, material: 'clean-water', on: 'all' } }],
	where: ({ on }) => ({ on }),
	amount: () => 1,
	traits: () => ({ dusts: true, rinses: true, soaks: true }),
	takes: (_coat, { area }) => [{ colour: null, area }],
	work: (_coat, { area }, rates) => area / rates.rinse,
	tools: () => [
		{ tool: 'bucket of clean water', count: 1 },
		{ tool: 'sponge, wrung out', count: 1 }
	],
	steps: (_coat, { touchDry }) => [
		'A sponge that is wrung out, not one that drips; fresh water as soon as it clouds.',
		'Wipe it dry at once; stand doors and drawers open.',
		`Leave it${touchDry === undefined || touchDry < 1 ? '' : ` ${formatWait(touchDry)} at least`}: what is damp in a joint lifts the paint there.`
	]
};
