import { z } from 'zod';
import { IdSchema } from '../../units';
import { PlacesSchema } from '../../layout';
import { traitsOfMaterial } from '../traits';
import { FILM } from './defaults';
import { CountSchema, film, filmOf } from './fields';
import type { CoatKind } from './types';

export const TouchUpSchema = z
	.strictObject({
		kind: z.literal('touch-up'),
		...film,
		on: PlacesSchema,
		of: IdSchema.optional().meta({ description: 'The coat that it mends: it has the colour and the material of that. None: its own.' }),
		colour: IdSchema,
		way: z.enum(['dabs', 'brush']).meta({ description: 'Dabbed with a sponge or a fingertip, or with a small brush.' }),
		spots: CountSchema.meta({ description: 'About how many places.' })
	})
	.meta({ description: 'Small faults mended in the colour and the paint of a coat that is there, before it is sealed.' });
export type TouchUp = z.infer<typeof TouchUpSchema>;

/** One place, m2: as large as two fingertips. A starting figure of ours. */
const SPOT = 0.0006;

/** Source: craft 14. */
export const touchUp: CoatKind<TouchUp> = {
	...FILM,
	word: 'Touching up',
	phase: 'tone',
	materials: ['paint'],
	starts: ({ painted = [], colours, paint }) =>
		painted.length > 0
			? painted.map(({ coat, name, colour, material }) => ({
					text: `Touch up ${name}`,
					coat: { ...newTouchUp(colour, material), of: coat }
				}))
			: [{ text: 'Touch up the paint', coat: newTouchUp(colours[0]!, paint) }],
	where: ({ on }) => ({ on }),
	colour: ({ colour }) => colour,
	traits: (_coat, { material }) => ({ ...traitsOfMaterial(material), film: true, wet: true }),
	takes: ({ colour, spots }, { area }) => [{ colour, area: Math.min(area, spots * SPOT) }],
	work: ({ spots, times }, _site, rates) => times * spots * rates['touch-up'],
	tools: ({ way }) => [way === 'dabs' ? { tool: 'corner of a sponge', count: 1 } : { tool: 'small round brush', count: 1 }],
	steps: ({ way }) => [
		'Look along it with a lamp held low, and mark each place with a bit of tape.',
		"From the jar that was kept back: a mix of one's own cannot be made twice the same.",
		way === 'dabs'
			? 'Dab thin, from the heart of the place outwards, and let the dabs thin out; never a stroke with an end.'
			: 'A small brush with little paint, only inside the fault; a second thin touch when the first is dry.',
		'Wet paint is another colour than dry: judge it when it has dried.'
	],
	look: () => ({ effect: 'none' }),
	detail: ({ way }) => (way === 'dabs' ? 'dabbed' : 'small brush')
};

const newTouchUp = (colour: string, material: string): TouchUp => ({
	...filmOf('touch-up', material, 1),
	kind: 'touch-up',
	on: 'all',
	colour,
	way: 'dabs',
	spots: 6
});
