import { z } from 'zod';
import { PlacesSchema, type Places } from '../../layout';
import { IdSchema, type Ml } from '../../units';
import { CountSchema, step } from './fields';
import { STEP } from './defaults';
import type { CoatKind } from './types';

export const GlueSchema = z.strictObject({
	kind: z.literal('glue'),
	...step,
	material: IdSchema,
	on: PlacesSchema,
	mends: z.enum(['joint', 'plug', 'patch']).meta({ description: 'A loose joint, a plug in a hole, or a patch of wood or veneer.' }),
	count: CountSchema
});
export type Glue = z.infer<typeof GlueSchema>;

/** Of each, ml: a thin bed, and what is squeezed out. A starting figure of ours. */
const EACH: Readonly<Record<Glue['mends'], Ml>> = { joint: 5, plug: 1.5, patch: 8 };

const FIRST: Readonly<Record<Glue['mends'], string>> = {
	joint: 'Open the joint as far as it goes, scrape the old glue out, and work new glue in from both sides.',
	plug: 'Drill the hole clean, glue the plug in with its grain along the grain round it, a little proud.',
	patch: 'Cut the damage out to a clean shape, fit the patch with its grain along the grain round it, then glue it.'
};

/** Source: craft 1 and 3. */
export const glue: CoatKind<Glue> = {
	...STEP,
	word: 'Gluing',
	phase: 'prepare',
	materials: ['glue'],
	starts: () => [
		{ text: 'Glue and clamp a joint', coat: newGlue('joint') },
		{ text: 'Set in a plug or a patch', coat: newGlue('patch') }
	],
	where: ({ on }) => ({ on }),
	amount: () => 1,
	traits: ({ mends }) => ({ mends: mends !== 'joint' }),
	takes: ({ mends, count }) => [{ colour: null, area: 0, ml: count * EACH[mends] }],
	work: ({ count }, _site, rates) => count * rates['glue-joint'],
	tools: ({ count }) => [
		{ tool: 'clamp', count: Math.min(8, 2 * count) },
		{ tool: 'scrap of wood under each jaw', count: Math.min(8, 2 * count) }
	],
	steps: ({ mends }) => [
		FIRST[mends],
		'Clamp it until a fine bead comes out all along; measure both diagonals before you leave it.',
		'Wipe the bead off with a damp cloth at once: dry glue takes neither stain nor paint.'
	],
	detail: ({ mends, count }) => `${mends}${count > 1 ? `, ${count} of them` : ''}`
};

const newGlue = (mends: Glue['mends']): Glue => ({
	kind: 'glue',
	id: 'glue',
	wait: null,
	material: 'wood-glue',
	on: 'all' as Places,
	mends,
	count: 1
});
