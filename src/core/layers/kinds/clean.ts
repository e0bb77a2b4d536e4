import { z } from 'zod';
import { formatWait, IdSchema } from '../../units';
import { PlacesSchema, type Places } from '../../layout';
import { step } from './fields';
import { STEP } from './defaults';
import type { CoatKind } from './types';

export const CleanSchema = z.strictObject({ kind: z.literal('clean'), ...step, material: IdSchema, on: PlacesSchema });
export type Clean = z.infer<typeof CleanSchema>;

export const clean: CoatKind<Clean> = {
	...STEP,
	word: 'Cleaning',
	phase: 'prepare',
	materials: ['cleaner'],
	starts: () => [{ text: 'Cleaning', coat: newClean('all') }],
	where: ({ on }) => ({ on }),
	amount: () => 1,
	traits: (_coat, { material }) => ({ cleans: true, dusts: true, rinses: material?.rinse ?? false }),
	takes: (_coat, { area }) => [{ colour: null, area }],
	steps: (_coat, { touchDry }) => [
		'Wash from the bottom up, a small area at a time, with little water; turn the cloth often.',
		`Leave it to dry${touchDry === undefined || touchDry < 1 ? '' : `, ${formatWait(touchDry)} at least`}, joints and corners too.`
	],
	work: (_coat, { area }, rates) => area / rates.clean
};

export const newClean = (on: Places): Clean => ({ kind: 'clean', id: 'clean', wait: null, material: 'degreaser-no-rinse', on });
