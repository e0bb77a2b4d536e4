import { z } from 'zod';
import { clothsFor } from '../washedTools';
import { IdSchema } from '../../units';
import type { Rates } from '../rates';
import { traitsOfMaterial } from '../traits';
import { FILM } from './defaults';
import { film, filmOf, limitsOf, place, wetWork } from './fields';
import type { CoatKind } from './types';

export const WipeBackSchema = z
	.strictObject({
		kind: z.literal('wipe-back'),
		...film,
		...place,
		colour: IdSchema,
		keeps: z
			.enum(['hollows', 'edges', 'veil'])
			.meta({ description: 'What is left of it: dark in the hollows, aged edges and corners, or a veil that tones all of it.' }),
		...wetWork
	})
	.meta({ description: 'Any paint, thinned a little, brushed on and wiped off again before it dries.' });
export type WipeBack = z.infer<typeof WipeBackSchema>;

/** Share of a whole coat that is left in the mean. Starting figures of ours. */
const LEFT: Readonly<Record<WipeBack['keeps'], number>> = { hollows: 0.12, edges: 0.18, veil: 0.35 };

/** Share of a coat that is laid first, thinned: `edges` only along them. */
const LAID: Readonly<Record<WipeBack['keeps'], number>> = { hollows: 0.5, edges: 0.25, veil: 0.5 };

/** m2 a minute, by all hands. */
const rateOf = ({ hands = 1 }: WipeBack, rates: Rates): number => rates['wipe-back'] * hands;

/** Source: craft 11. */
export const wipeBack: CoatKind<WipeBack> = {
	...FILM,
	word: 'Paint, wiped back',
	phase: 'tone',
	materials: ['paint'],
	starts: ({ colours, paint }) => [
		{ text: 'Paint, wiped back: dark in the hollows', coat: newWipeBack(colours.at(-1)!, paint, 'hollows') },
		{ text: 'Paint, wiped back: aged edges', coat: newWipeBack(colours.at(-1)!, paint, 'edges') },
		{ text: 'Paint, wiped back: toning', coat: newWipeBack(colours.at(-1)!, paint, 'veil') }
	],
	where: limitsOf,
	colour: ({ colour }) => colour,
	amount: (coat) => FILM.amount(coat) * LEFT[coat.keeps],
	traits: ({ through, keeps }, { material }) => ({
		...traitsOfMaterial(material),
		film: true,
		wet: true,
		wipedIn: true,
		decorates: true,
		covers: through === undefined && keeps === 'veil'
	}),
	/** What is laid, though most of it is wiped off again: `amount` counts what is left. */
	takes: ({ colour, keeps }, { area, open }) => [{ colour, area: (LAID[keeps] * (open?.area ?? area)) / LEFT[keeps] }],
	worksWet: true,
	work: (coat, { area, open }, rates) => (coat.times * (open?.area ?? area)) / rateOf(coat, rates),
	sections: (coat, rates) => (coat.through === undefined ? { rate: rateOf(coat, rates), wet: true, misted: false } : null),
	hands: ({ hands = 1 }) => hands,
	tools: ({ applicator }, _colours, _material, wiped) => [
		{ tool: applicator, count: 1 },
		{ tool: 'damp cloth to wipe back', count: clothsFor(wiped) }
	],
	steps: ({ keeps }) => [
		'Thin it with a little water; one section at a time.',
		keeps === 'hollows'
			? 'Work it into every hollow; wipe the highs clean at once with a flat, damp cloth over a block.'
			: keeps === 'edges'
				? 'Lay it along edges and into corners; wipe from the edge inwards until its end cannot be seen.'
				: 'Brush it over all of the section; wipe it with an even hand until the ground comes through.',
		'Too much: a wetter cloth takes it off while it is open. Too little: dry, and once more.'
	],
	look: () => ({ effect: 'glaze', strength: 0.5 }),
	detail: ({ keeps }) => (keeps === 'veil' ? 'toning' : keeps)
};

const newWipeBack = (colour: string, material: string, keeps: WipeBack['keeps']): WipeBack => ({
	...filmOf('wipe-back', material, 1),
	kind: 'wipe-back',
	on: 'all',
	colour,
	keeps
});
