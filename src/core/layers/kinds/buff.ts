import { z } from 'zod';
import { clothsFor } from '../washedTools';
import { PlacesSchema, type Places } from '../../layout';
import { step } from './fields';
import { STEP } from './defaults';
import type { CoatKind } from './types';

const BUFF_TIMES = ['at-once', 'tack', 'next-day'] as const;

export const BuffSchema = z
	.strictObject({
		kind: z.literal('buff'),
		...step,
		on: PlacesSchema,
		when: z.enum(BUFF_TIMES).meta({ description: 'At once, when the wax is tacky, or next day: three schools.' })
	})
	.meta({ description: 'Wax rubbed to its shine.' });
export type Buff = z.infer<typeof BuffSchema>;

const WORDS: Readonly<Record<Buff['when'], string>> = {
	'at-once': 'Straight after it is on: a soft sheen, and little left to polish.',
	tack: 'When it pulls a little at the finger: an even, silky sheen.',
	'next-day': 'Next day, when it is hard: more rubbing, and the brightest shine.'
};

/** Source: craft 3 and 13c. */
export const buff: CoatKind<Buff> = {
	...STEP,
	word: 'Buffing',
	phase: 'finish',
	starts: ({ schools }) => [{ text: 'Buffing the wax', coat: newBuff('all', schools?.buffing ?? 'tack') }],
	where: ({ on }) => ({ on }),
	traits: () => ({ buffs: true }),
	work: (_coat, { area }, rates) => area / rates.buff,
	tools: (_coat, _colours, _material, wiped) => [{ tool: 'clean lint-free cloth to buff with', count: clothsFor(wiped) }],
	steps: ({ when }) => [
		WORDS[when],
		'A clean cloth, short strokes one way, then along the grain; turn it as soon as it drags.',
		'It is done when a hand slides over all of it alike.'
	],
	detail: ({ when }) => when.replace('-', ' ')
};

const newBuff = (on: Places, when: Buff['when']): Buff => ({ kind: 'buff', id: 'buff', wait: null, on, when });
