import { z } from 'zod';
import { traitsOfMaterial } from '../traits';
import { formatWait } from '../../units';
import { FILM } from './defaults';
import type { Places } from '../../layout';
import { film, filmOf, limitsOf, place } from './fields';
import type { CoatKind } from './types';

export const WaxSchema = z.strictObject({ kind: z.literal('wax'), ...film, ...place });
export type Wax = z.infer<typeof WaxSchema>;

export const wax: CoatKind<Wax> = {
	...FILM,
	word: 'Wax',
	phase: 'protect',
	materials: ['wax'],
	starts: () => [{ text: 'Wax', coat: newWax('all') }],
	where: limitsOf,
	traits: ({ through }, { material }) => ({ ...traitsOfMaterial(material), film: true, wet: true, covers: through === undefined }),
	tools: ({ applicator }) => [
		{ tool: applicator, count: 1 },
		{ tool: 'lint-free cloth to buff', count: 1 }
	],
	steps: (_coat, { touchDry }) => [
		'Rub it on thin, a small area at a time, into the brush marks; take off at once what stands on it.',
		`Leave it${touchDry === undefined ? '' : ` ${formatWait(touchDry)}`} until it is dull, then buff along the grain with a clean cloth that you turn often.`
	],
	look: () => ({ effect: 'clear' }),
	detail: (_coat, material) => (material?.dark ? 'dark' : '')
};

export const newWax = (on: Places): Wax => ({ ...filmOf('wax', 'clear-wax', 1), kind: 'wax', on, applicator: 'cloth' });
