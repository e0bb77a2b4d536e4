import { z } from 'zod';
import { IdSchema } from '../../units';
import { traitsOfMaterial } from '../traits';
import { FILM } from './defaults';
import { film, filmOf, limitsOf, place } from './fields';
import type { CoatKind } from './types';

export const PowderSchema = z
	.strictObject({ kind: z.literal('powder'), ...film, ...place, colour: IdSchema })
	.meta({ description: 'Dusted on wax that has set and is not yet hard: it stays in hollows and grain.' });
export type Powder = z.infer<typeof PowderSchema>;

/** Source: craft 3 and 12. */
export const powder: CoatKind<Powder> = {
	...FILM,
	word: 'Dusting powder',
	phase: 'finish',
	materials: ['powder'],
	starts: ({ colours }) => [
		{
			text: 'Dusting powder',
			coat: { ...filmOf('powder', 'dusting-powder', 1), kind: 'powder', on: 'all', applicator: 'brush', colour: colours.at(-1)! }
		}
	],
	where: limitsOf,
	colour: ({ colour }) => colour,
	traits: (_coat, { material }) => ({ ...traitsOfMaterial(material), film: true, powders: true, wipedIn: true, decorates: true }),
	takes: ({ colour }, { area, open }) => [{ colour, area: open?.area ?? area }],
	work: ({ times }, { area, open }, rates) => (times * (open?.area ?? area)) / rates.powder,
	tools: () => [
		{ tool: 'soft brush to dust with', count: 1 },
		{ tool: 'dry cloth to take it off the highs', count: 1 }
	],
	steps: () => [
		'When the wax no longer takes a print and a nail still marks it: load the brush, tap it, and pounce it into hollows.',
		'Brush off what is loose, outdoors or with a vacuum held beside it.',
		'Rub the highs clean with a dry cloth; then leave the wax to harden.'
	],
	look: () => ({ effect: 'glaze', strength: 0.3 })
};
