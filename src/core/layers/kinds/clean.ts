import { z } from 'zod';
import { formatWait, IdSchema } from '../../units';
import { PlacesSchema, type Places } from '../../layout';
import { step } from './fields';
import { STEP } from './defaults';
import type { CoatKind } from './types';

export const CleanSchema = z.strictObject({
	kind: z.literal('clean'),
	...step,
	material: IdSchema,
	on: PlacesSchema,
	rounds: z
		.number()
		.int()
		.min(1)
		.max(9)
		.optional()
		.meta({ description: 'Gone over so often, until a fresh cloth stays clean; once where it is not said.' })
});
export type Clean = z.infer<typeof CleanSchema>;

export const clean: CoatKind<Clean> = {
	...STEP,
	word: 'Cleaning',
	phase: 'prepare',
	materials: ['cleaner'],
	starts: ({ schools }) => [
		{ text: 'Cleaning', coat: { ...newClean('all'), ...(schools?.rinse === 'rinse' ? { material: 'degreaser-rinse' } : {}) } }
	],
	where: ({ on }) => ({ on }),
	amount: () => 1,
	traits: (_coat, { material }) => ({ cleans: true, dusts: true, rinses: material?.rinse ?? false }),
	takes: ({ rounds = 1 }, { area }) => [{ colour: null, area: rounds * area }],
	tools: ({ rounds = 1 }) => [{ tool: 'cloth to wash with', count: 1 + rounds }],
	steps: ({ rounds = 1 }, { touchDry }) => [
		'Wash from the bottom up, a small area at a time, with little water; turn the cloth often.',
		`${rounds > 1 ? `${rounds} rounds are planned. ` : ''}Go over it again until a fresh, pale cloth stays clean: note how often that was.`,
		`Leave it to dry${touchDry === undefined || touchDry < 1 ? '' : `, ${formatWait(touchDry)} at least`}, joints and corners too.`
	],
	work: ({ rounds = 1 }, { area }, rates) => (rounds * area) / rates.clean,
	detail: ({ rounds = 1 }) => (rounds > 1 ? `${rounds} rounds` : '')
};

export const newClean = (on: Places): Clean => ({ kind: 'clean', id: 'clean', wait: null, material: 'degreaser-no-rinse', on });
