import { z } from 'zod';
import { IdSchema } from '../../units';
import { traitsOfMaterial } from '../traits';
import { areaCaught, CatchesSchema, wordCaught } from './caught';
import { FILM } from './defaults';
import { film, filmOf, limitsOf, place } from './fields';
import type { CoatKind } from './types';

export const LeafSchema = z
	.strictObject({ kind: z.literal('leaf'), ...film, ...place, colour: IdSchema, catches: CatchesSchema })
	.meta({ description: 'Leaf, laid on size that is tacky, brushed off and burnished.' });
export type Leaf = z.infer<typeof LeafSchema>;

/** A sheet of leaf, mm, and what overlaps and breaks add: starting figures of ours. */
const SIDE = 140;
const LAPPED = 1.3;
const MM_PER_M = 1000;

/** Counted in sheets. Source: craft 3 and 11. */
export const leaf: CoatKind<Leaf> = {
	...FILM,
	word: 'Leaf',
	phase: 'tone',
	materials: ['leaf'],
	starts: ({ arrangements, colours, metal = colours.at(-1)! }) => [
		{ text: 'Leaf on high points', coat: newLeaf(metal) },
		...arrangements.map(({ id, name }) => ({ text: `Leaf: ${name}`, coat: { ...newLeaf(metal), through: id, catches: 'all' as const } }))
	],
	where: limitsOf,
	colour: ({ colour }) => colour,
	traits: (_coat, { material }) => ({
		...traitsOfMaterial(material),
		film: true,
		clings: true,
		metallic: true,
		decorates: true
	}),

	takes: () => [],
	sheets: (coat, site) => ({
		count: Math.ceil((coat.times * LAPPED * areaCaught(coat.catches, site)) / (SIDE / MM_PER_M) ** 2 - 1e-9),
		width: SIDE,
		height: SIDE
	}),
	work: (coat, site, rates) => (coat.times * areaCaught(coat.catches, site)) / rates.leaf,
	tools: () => [
		{ tool: 'soft, dry brush for leaf', count: 1 },
		{ tool: 'pad of cotton wool', count: 2 }
	],
	steps: () => [
		"No draught; dry, powdered fingers. Lay sheet beside sheet with a finger's width of overlap, and press it with the pad.",
		'Breaks are mended with scraps as long as the size holds; or left, where the ground is meant to show.',
		'Brush off what is loose, along the overlap and not against it; burnish it with fresh cotton wool.'
	],
	cautions: ['Leaf and its dust are not to be breathed: no fan, and a mask where it is brushed off.'],
	look: ({ catches }) => ({ effect: 'gild', catches }),
	detail: ({ catches, through }) => (through === undefined ? wordCaught(catches) : '')
};

const newLeaf = (colour: string): Leaf => ({ ...filmOf('leaf', 'metal-leaf', 1), kind: 'leaf', on: 'all', colour, catches: 'heights' });
