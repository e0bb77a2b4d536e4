import { z } from 'zod';
import { IdSchema } from '../../units';
import { traitsOfMaterial } from '../traits';
import { areaCaught, CatchesSchema, wordCaught } from './caught';
import { FILM } from './defaults';
import { film, filmOf, limitsOf, place } from './fields';
import type { CoatKind } from './types';

export const DryBrushSchema = z
	.strictObject({ kind: z.literal('dry-brush'), ...film, ...place, colour: IdSchema, catches: CatchesSchema })
	.meta({ description: 'A brush that is nearly dry, stroked over what stands up: metallic, or any paint.' });
export type DryBrush = z.infer<typeof DryBrushSchema>;

/** What a nearly dry brush leaves of a coat. */
const DRY = 0.4;

/** Source: craft 7 and 11. */
export const dryBrush: CoatKind<DryBrush> = {
	...FILM,
	word: 'Dry brushing',
	phase: 'tone',
	materials: ['paint'],
	starts: ({ colours, metal, paint }) => [
		{ text: 'Metallic, brushed nearly dry', coat: newDryBrush(metal ?? colours.at(-1)!, 'metallic-paint') },
		{ text: 'Paint, brushed nearly dry', coat: newDryBrush(colours.at(-1)!, paint) }
	],
	where: limitsOf,
	colour: ({ colour }) => colour,
	amount: (coat) => FILM.amount(coat) * DRY,
	traits: (_coat, { material }) => ({ ...traitsOfMaterial(material), film: true, wet: true, decorates: true }),
	takes: (coat, site) => [{ colour: coat.colour, area: areaCaught(coat.catches, site) }],
	work: (coat, { area, open }, rates) => (coat.times * (open?.area ?? area)) / rates['dry-brush'],
	tools: () => [
		{ tool: 'flat brush, quite dry', count: 1 },
		{ tool: 'sheet of paper to wipe it out on', count: 1 }
	],
	steps: ({ catches }) => [
		'Dip the tips only, and wipe them out on paper until next to nothing comes.',
		catches === 'edges'
			? 'Stroke along each edge with the flat of the brush, so that only the arris takes it.'
			: 'Stroke across what stands up, never along it, hardly touching.',
		'Stop while it seems too little: you can go over it again, and cannot take it off.'
	],
	look: ({ catches }) => ({ effect: 'gild', catches }),
	detail: ({ catches }) => wordCaught(catches)
};

const newDryBrush = (colour: string, material: string): DryBrush => ({
	...filmOf('dry-brush', material, 1),
	kind: 'dry-brush',
	on: 'all',
	colour,
	catches: 'heights'
});
