import { z } from 'zod';
import { IdSchema } from '../../units';
import { PlacesSchema } from '../../layout';
import type { Rates } from '../rates';
import { traitsOfMaterial } from '../traits';
import { FILM } from './defaults';
import { film, filmOf, wetWork } from './fields';
import { hiddenBy } from './hiddenBy';
import type { CoatKind } from './types';

export const CombSchema = z
	.strictObject({
		kind: z.literal('comb'),
		...film,
		on: PlacesSchema,
		colour: IdSchema,
		tool: z.enum(['comb', 'brush']),
		way: z.enum(['level', 'upright']),
		medium: z.number().min(0).max(2).meta({ description: 'Parts of extender to one of paint.' }),
		...wetWork
	})
	.meta({
		description: 'One paint, laid over a lighter ground and combed or dragged through while it is wet: the ground shows as thread.'
	});
export type Comb = z.infer<typeof CombSchema>;

/** Share of it that the teeth leave. */
const LEFT = 0.6;
const rateOf = ({ hands = 1 }: Comb, rates: Rates): number => rates.comb * hands;

/** Source: craft 5. */
export const comb: CoatKind<Comb> = {
	...FILM,
	word: 'Combing',
	phase: 'blend',
	materials: ['paint'],
	starts: ({ colours, paint }) => [
		{ text: 'Combing through wet paint', coat: newComb(colours[0]!, paint, 'comb') },
		{ text: 'Dragging through wet paint', coat: newComb(colours[0]!, paint, 'brush') }
	],
	where: ({ on }) => ({ on }),
	colour: ({ colour }) => colour,
	amount: (coat) => (FILM.amount(coat) * LEFT) / (1 + coat.medium),
	traits: (coat, { material, colourOf }) => ({
		...traitsOfMaterial(material),
		film: true,
		wet: true,
		paints: true,
		drags: true,
		decorates: true,
		covers: true,
		hides: hiddenBy(colourOf(coat.colour)?.opacity ?? 1, (FILM.amount(coat) * LEFT) / (1 + coat.medium)) * LEFT
	}),
	/** What the teeth take off is wiped off them, and lost. */
	takes: ({ colour, medium, thickness }, { area }) => [
		{ colour, area: area / LEFT },
		...(medium > 0 ? [{ colour: null, material: 'open-extender', area: (area * thickness * medium) / (1 + medium) }] : [])
	],
	worksWet: true,
	work: (coat, { area }, rates) => (coat.times * area) / rateOf(coat, rates),
	sections: (coat, rates) => ({ rate: rateOf(coat, rates), wet: true, misted: false }),
	hands: ({ hands = 1 }) => hands,
	tools: ({ tool }) => [
		{ tool: 'wide brush to lay it', count: 1 },
		{ tool: tool === 'comb' ? 'comb' : 'coarse dry brush to drag with', count: 1 },
		{ tool: 'cloth to wipe the teeth', count: 1 }
	],
	steps: ({ tool, way, medium }) => [
		...(medium > 0 ? [`Stir ${Number(medium.toFixed(2))} parts of extender into one of paint: it has to stay open.`] : []),
		`Lay a strip as wide as you can ${tool === 'comb' ? 'comb' : 'drag'} in one go, and ${tool === 'comb' ? 'comb' : 'drag'} it ${way === 'level' ? 'straight across' : 'straight down'} at once, from edge to edge, without stopping.`,
		`Wipe the ${tool === 'comb' ? 'teeth' : 'bristles'} after each stroke; the next is butted to the last.`,
		'Wrong? Wet it, wipe it off, and lay that strip again.'
	],
	look: () => ({ effect: 'plain', share: LEFT }),
	detail: ({ tool, way }) => `${tool === 'comb' ? 'combed' : 'dragged'}, ${way}`
};

const newComb = (colour: string, material: string, tool: Comb['tool']): Comb => ({
	...filmOf('comb', material, 1),
	kind: 'comb',
	on: 'all',
	colour,
	tool,
	way: 'level',
	medium: 0.5,
	extender: 10
});
