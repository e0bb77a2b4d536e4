import { z } from 'zod';
import { IdSchema } from '../../units';
import { traitsOfMaterial } from '../traits';
import { areaCaught, CatchesSchema, wordCaught } from './caught';
import { FILM } from './defaults';
import { film, filmOf, limitsOf, place } from './fields';
import type { CoatKind } from './types';

export const LiquidGildingSchema = z
	.strictObject({ kind: z.literal('liquid-gilding'), ...film, ...place, colour: IdSchema, catches: CatchesSchema })
	.meta({ description: 'Metal in strong solvent, painted on: as bright as leaf, and it needs no size.' });
export type LiquidGilding = z.infer<typeof LiquidGildingSchema>;

/** Source: craft 11 and 15. */
export const liquidGilding: CoatKind<LiquidGilding> = {
	...FILM,
	word: 'Liquid gilding',
	phase: 'tone',
	materials: ['liquid-gilding'],
	starts: ({ colours, metal = colours.at(-1)! }) => [
		{
			text: 'Liquid gilding',
			coat: { ...filmOf('liquid-gilding', 'liquid-gilding', 1), kind: 'liquid-gilding', on: 'all', colour: metal, catches: 'edges' }
		}
	],
	where: limitsOf,
	colour: ({ colour }) => colour,
	traits: (_coat, { material }) => ({ oil: true, ...traitsOfMaterial(material), film: true, wet: true, decorates: true }),
	takes: (coat, site) => [{ colour: coat.colour, area: areaCaught(coat.catches, site) }],
	work: (coat, site, rates) => (coat.times * areaCaught(coat.catches, site)) / rates.gild,
	tools: () => [
		{ tool: 'small natural brush that you can spare', count: 1 },
		{ tool: 'pair of gloves', count: 1 }
	],
	steps: () => [
		'Shake it until nothing lies at the bottom, and again every few minutes.',
		'One stroke, and leave it: a second over half-dry metal tears it up.',
		'Clean the brush in its own solvent, outdoors.'
	],
	look: ({ catches }) => ({ effect: 'gild', catches }),
	detail: ({ catches, through }) => (through === undefined ? wordCaught(catches) : '')
};
