import { z } from 'zod';
import { PlacesSchema, type Places } from '../../layout';
import { IdSchema } from '../../units';
import { CountSchema, step } from './fields';
import { STEP } from './defaults';
import type { CoatKind } from './types';

export const FillDamageSchema = z
	.strictObject({
		kind: z.literal('fill-damage'),
		...step,
		material: IdSchema,
		on: PlacesSchema,
		damage: z.enum(['hole', 'gouge', 'corner']),
		count: CountSchema,
		ml: z.number().min(0.1).max(500).meta({ description: 'What each takes, ml.' })
	})
	.meta({ description: 'Filler where something is missing; sanded to shape when it is hard.' });
export type FillDamage = z.infer<typeof FillDamageSchema>;

/** What one of them takes mostly, ml: starting figures of ours. */
export const DAMAGE_ML: Readonly<Record<FillDamage['damage'], number>> = { hole: 1, gouge: 4, corner: 12 };

const FIRST: Readonly<Record<FillDamage['damage'], string>> = {
	hole: 'Blow the hole clean; press filler to its bottom, so that no air stays under it.',
	gouge: 'Cut loose fibres off, roughen the gouge, and press filler in along it, a little proud.',
	corner: 'Two small screws or pins that end below the surface hold it; build it up in lays of 5 mm against a taped card.'
};

/** Source: craft 3. */
export const fillDamage: CoatKind<FillDamage> = {
	...STEP,
	word: 'Mending',
	phase: 'prepare',
	materials: ['filler'],
	starts: () => [
		{ text: 'Fill a gouge', coat: newFillDamage('gouge') },
		{ text: 'Build up a corner', coat: newFillDamage('corner') }
	],
	where: ({ on }) => ({ on }),
	amount: () => 1,
	traits: () => ({ mends: true, wet: true }),
	takes: ({ count, ml }) => [{ colour: null, area: 0, ml: count * ml }],
	work: ({ count, ml }, _site, rates) => count * Math.max(rates['fill-damage'], ml * rates['fill-holes'] * 0.5),
	tools: () => [{ tool: 'filling knife', count: 1 }],
	steps: ({ damage }) => [
		FIRST[damage],
		'Leave it a day: a skin forms long before it is hard inside.',
		'Sand it to shape, 120, then 180, with a block.'
	],
	look: () => ({ effect: 'none' }),
	detail: ({ damage, count }) => `${damage}${count > 1 ? `, ${count} of them` : ''}`
};

const newFillDamage = (damage: FillDamage['damage'], on: Places = 'all'): FillDamage => ({
	kind: 'fill-damage',
	id: 'fill-damage',
	wait: null,
	material: 'wood-filler',
	on,
	damage,
	count: 1,
	ml: DAMAGE_ML[damage]
});
