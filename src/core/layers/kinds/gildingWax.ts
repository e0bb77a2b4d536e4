import { z } from 'zod';
import { IdSchema } from '../../units';
import { traitsOfMaterial } from '../traits';
import { FILM } from './defaults';
import { film, filmOf, limitsOf, place } from './fields';
import { areaCaught, CatchesSchema } from './caught';
import type { CoatKind } from './types';

export const GildingWaxSchema = z
	.strictObject({
		kind: z.literal('gilding-wax'),
		...film,
		...place,
		colour: IdSchema,
		catches: CatchesSchema
	})
	.meta({ description: 'Metallic wax in oil, rubbed on thin. Through an arrangement, all of it: the tops of its motifs.' });
export type GildingWax = z.infer<typeof GildingWaxSchema>;

/** So far from an edge a cloth with metal leaves it, mm. */
export const CAUGHT = 4;
/** Source: craft 3 and 11. */
export const gildingWax: CoatKind<GildingWax> = {
	...FILM,
	word: 'Gilding wax',
	phase: 'tone',
	materials: ['gilding'],
	starts: ({ colours, metal = colours.at(-1)!, arrangements }) => [
		{ text: 'Gilding wax on edges', coat: newGildingWax(metal) },
		...arrangements.map(({ id, name }) => ({
			text: `Gilding wax: ${name}`,
			coat: { ...newGildingWax(metal), through: id, catches: 'all' as const }
		}))
	],
	where: limitsOf,
	colour: ({ colour }) => colour,
	traits: (_coat, { material }) => ({ oil: true, ...traitsOfMaterial(material), film: true, wet: true, decorates: true }),
	takes: (coat, site) => [{ colour: coat.colour, area: areaCaught(coat.catches, site) }],
	work: (coat, site, rates) => (coat.times * areaCaught(coat.catches, site)) / rates.gild,
	tools: ({ applicator }) => [
		{ tool: applicator === 'cloth' ? 'soft cloth, a corner of it' : applicator, count: 1 },
		{ tool: 'cloth to buff', count: 1 }
	],
	steps: () => ['A touch on the finger or the cloth, most of it wiped off again.', 'Stroke it along edges and tops; buff at once.'],
	look: ({ catches }) => ({ effect: 'gild', catches }),
	detail: ({ catches, through }) => (catches === 'all' ? (through === undefined ? 'all over' : 'tops') : catches)
};

const newGildingWax = (colour: string): GildingWax => ({
	...filmOf('gilding-wax', 'gilding-wax', 1),
	kind: 'gilding-wax',
	on: 'all',
	applicator: 'cloth',
	colour,
	catches: 'edges'
});
