import { z } from 'zod';
import { traitsOfMaterial } from '../traits';
import { FILM } from './defaults';
import type { Places } from '../../layout';
import { film, filmOf, limitsOf, place } from './fields';
import type { CoatKind } from './types';

export const ClearSchema = z.strictObject({ kind: z.literal('clear'), ...film, ...place });
export type Clear = z.infer<typeof ClearSchema>;

export const clear: CoatKind<Clear> = {
	...FILM,
	word: 'Clear coat',
	phase: 'protect',
	materials: ['clear'],
	starts: () => [{ text: 'Clear coat', coat: newClear('all') }],
	where: limitsOf,
	traits: ({ through }, { material }) => ({ ...traitsOfMaterial(material), film: true, wet: true, covers: through === undefined }),
	tools: ({ applicator }) => [{ tool: applicator === 'brush' ? 'synthetic brush' : applicator, count: 1 }],
	look: () => ({ effect: 'clear' })
};

export const newClear = (on: Places): Clear => ({ ...filmOf('clear', 'clear-coat', 2), kind: 'clear', on });
