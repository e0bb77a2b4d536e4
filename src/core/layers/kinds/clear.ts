import { z } from 'zod';
import { IdSchema } from '../../units';
import { traitsOfMaterial } from '../traits';
import { FILM } from './defaults';
import type { Places } from '../../layout';
import { film, filmOf, limitsOf, place } from './fields';
import type { CoatKind } from './types';

export const ClearSchema = z.strictObject({
	kind: z.literal('clear'),
	...film,
	...place,
	colour: IdSchema.optional().meta({ description: 'Paint that tints it; plain where there is none.' }),
	medium: z.number().min(4).max(60).optional().meta({ description: 'Parts of clear coat to one of that paint.' })
});
export type Clear = z.infer<typeof ClearSchema>;

export const clear: CoatKind<Clear> = {
	...FILM,
	word: 'Clear coat',
	phase: 'protect',
	materials: ['clear'],
	starts: () => [{ text: 'Clear coat', coat: newClear('all') }],
	where: limitsOf,
	colour: ({ colour }) => colour ?? null,
	traits: ({ through }, { material }) => ({ ...traitsOfMaterial(material), film: true, wet: true, covers: through === undefined }),
	tools: ({ applicator }) => [{ tool: applicator === 'brush' ? 'synthetic brush' : applicator, count: 1 }],
	takes: ({ colour, medium = TINT }, { area, open }) => {
		const whole = open?.area ?? area;
		if (colour === undefined) return [{ colour: null, area: whole }];
		return [
			{ colour, area: whole, share: 1 / (1 + medium) },
			{ colour: null, area: whole, share: medium / (1 + medium) }
		];
	},
	steps: ({ times, colour, medium = TINT, applicator }, { material }) => [
		...(colour === undefined ? [] : [`Stir one part of paint into ${medium} of clear coat, and strain it; all coats from one mix.`]),
		'Stir, do not shake: bubbles dry in it.',
		applicator === 'roller' || applicator === 'sponge'
			? 'Flats with a damp foam, thin, one way; mouldings with a synthetic brush.'
			: applicator === 'spray'
				? 'Thin passes, each half over the last; a wet look is too much.'
				: 'A synthetic brush, thin, from dry into wet; two strokes and leave it: brushed too long, it keeps the marks.',
		...(times > 1 ? ['Between coats sand once over with 320, and dust it off.'] : []),
		...((material?.sheen ?? 0) < 0.1 ? ['Stir it again each time you dip: what makes it matte sinks, and dries in cloudy patches.'] : [])
	],
	look: () => ({ effect: 'clear' }),
	detail: ({ colour }) => (colour === undefined ? '' : 'tinted')
};

/** Parts of clear coat to one of paint, where nothing is said: a breath of colour. */
const TINT = 20;

export const newClear = (on: Places): Clear => ({ ...filmOf('clear', 'clear-coat', 2), kind: 'clear', on });
