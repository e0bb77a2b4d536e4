import { z } from 'zod';
import { traitsOfMaterial } from '../traits';
import type { Material } from '../material';
import { FILM } from './defaults';
import type { Places } from '../../layout';
import { film, filmOf, limitsOf, place } from './fields';
import type { CoatKind } from './types';

export const CrackleSchema = z
	.strictObject({
		kind: z.literal('crackle'),
		...film,
		...place,
		along: z
			.enum(['one-way', 'every-way'])
			.meta({ description: 'Laid along one line, for cracks in lines, or in every direction, for random ones.' })
	})
	.meta({ description: 'What makes cracks: one of two parts, the medium between two paints, or a clear coat by itself.' });
export type Crackle = z.infer<typeof CrackleSchema>;

type Part = NonNullable<Material['crackle']>['part'];

const STEPS: Readonly<Record<Part, readonly string[]>> = {
	first: [
		'One even coat, and look along it for places that were missed: they do not crack.',
		'Leave it until all of it is clear and pulls at the finger like tape. Thicker makes larger cracks.'
	],
	second: [
		'Go on while the first pulls: lay it generously, each stroke once, and do not go back into it.',
		'Leave it overnight, untouched: no fan, no dryer, no looking with a finger.'
	],
	between: [
		'Lay it over the dry undercoat; a second coat makes more cracks.',
		'Then the paint that is to crack: one stroke in one place, full, never twice over. It opens within minutes.'
	],
	single: [
		'One thick coat straight from the jar, few strokes, never thinned; lay the face level, so that it does not sag.',
		'Leave it alone until it is hard all through; cracks come as it dries.'
	]
};

/** Source: craft 3. */
export const crackle: CoatKind<Crackle> = {
	...FILM,
	word: 'Crackle',
	phase: 'tone',
	materials: ['crackle'],
	starts: () => [
		{ text: 'Crackle medium between two paints', coat: newCrackle('crackle-medium') },
		{ text: 'Two-part crackle: first coat', coat: newCrackle('crackle-first') },
		{ text: 'Two-part crackle: second coat', coat: newCrackle('crackle-second') },
		{ text: 'Clear crackle, single coat', coat: newCrackle('crackle-single') }
	],
	where: limitsOf,
	traits: ({ through }, { material }) => ({ ...traitsOfMaterial(material), film: true, wet: true, covers: through === undefined }),
	work: (coat, { area, open }, rates) => (coat.times * (open?.area ?? area)) / rates.crackle,
	tools: ({ applicator }) => [{ tool: applicator === 'brush' ? 'soft flat brush for crackle' : applicator, count: 1 }],
	steps: ({ along }, { material }) => [
		...STEPS[material?.crackle?.part ?? 'between'],
		along === 'one-way' ? 'All strokes one way: the cracks follow them.' : 'Strokes or the roller in every direction: the cracks go wild.'
	],
	look: () => ({ effect: 'clear' }),
	detail: ({ thickness }) => (thickness > 1 ? 'thick' : thickness < 1 ? 'thin' : '')
};

export const newCrackle = (material: string, on: Places = 'all'): Crackle => ({
	...filmOf('crackle', material, 1),
	kind: 'crackle',
	on,
	along: 'every-way'
});
