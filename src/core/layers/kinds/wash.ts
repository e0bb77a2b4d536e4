import { z } from 'zod';
import { clothsFor } from '../washedTools';
import { IdSchema } from '../../units';
import { traitsOfMaterial } from '../traits';
import { FILM } from './defaults';
import type { Places } from '../../layout';
import { film, filmOf, limitsOf, place, wetWork } from './fields';
import { hiddenBy } from './hiddenBy';
import type { CoatKind } from './types';

export const WashSchema = z
	.strictObject({
		kind: z.literal('wash'),
		...film,
		...place,
		colour: IdSchema,
		water: z.number().min(0.25).max(5).meta({ description: 'Parts of water to one of paint: 5 is a stain, a third is thinned paint.' }),
		done: z.enum(['wiped', 'dabbed']).meta({ description: 'Wiped after a moment, or misted and dabbed soft.' }),
		...wetWork
	})
	.meta({ description: 'Paint let down with water: the grain shows through it.' });
export type Wash = z.infer<typeof WashSchema>;

/** Source: craft 11. */
export const wash: CoatKind<Wash> = {
	...FILM,
	word: 'Wash',
	phase: 'blend',
	materials: ['paint'],
	starts: ({ colours, paint }) => [
		{ text: 'Wash, wiped', coat: newWash(colours[0]!, paint, { water: 3, done: 'wiped' }) },
		{ text: 'Wash, misted and dabbed', coat: newWash(colours[0]!, paint, { water: 1 / 3, done: 'dabbed' }) }
	],
	where: limitsOf,
	colour: ({ colour }) => colour,
	amount: (coat) => FILM.amount(coat) / (1 + coat.water),
	traits: (coat, { material, colourOf }) => ({
		...traitsOfMaterial(material),
		film: true,
		wet: true,
		paints: true,
		soaks: true,
		runs: coat.done === 'dabbed',
		mists: coat.done === 'dabbed',
		covers: coat.through === undefined,
		hides: coat.through === undefined ? hiddenBy(colourOf(coat.colour)?.opacity ?? 1, FILM.amount(coat) / (1 + coat.water)) : 0
	}),
	takes: ({ colour }, { area, open }) => [{ colour, area: open?.area ?? area }],
	worksWet: true,
	work: (coat, { area, open }, rates) => (coat.times * (open?.area ?? area)) / (rates.wash * (coat.hands ?? 1)),
	hands: ({ hands = 1 }) => hands,
	tools: ({ done, applicator }, _colours, _material, wiped) => [
		{ tool: applicator, count: 1 },
		done === 'wiped' ? { tool: 'lint-free cloth to wipe with', count: clothsFor(wiped) } : { tool: 'mist bottle', count: 1 }
	],
	steps: ({ water, done }) => [
		`Let one part of paint down with ${wordParts(water)} of water, a little at a time; try it on the back of the wood.`,
		...(done === 'wiped'
			? ['Brush it along the grain, one board at a time.', 'Wipe it after a moment, along the grain: what has gone in stays.']
			: ['Brush it on, mist it, and dab it with a damp sponge until no edge is left.']),
		'Wipe water out of gaps and off edges at once.'
	],
	look: () => ({ effect: 'plain', share: 1 }),
	detail: ({ water }) => `1 to ${wordParts(water)}`
};

/** `1/3`, `2.5`. */
function wordParts(parts: number): string {
	const under = Math.round(1 / parts);
	return parts < 1 && Math.abs(1 / under - parts) < 0.01 ? `1/${under}` : String(Number(parts.toFixed(2)));
}

const newWash = (colour: string, material: string, how: Pick<Wash, 'water' | 'done'>, on: Places = 'all'): Wash => ({
	...filmOf('wash', material, 1),
	kind: 'wash',
	on,
	colour,
	...how
});
