import type { Rule } from '../findings';
import { wordCoat } from '../kinds';
import { isFilm } from '../kinds/schema';

/** A film so many times as thick as a normal one is more than a coat. */
const THICK = 2;

/** A coat of twice the normal film or more: it takes far longer than its label, and may skin over, sag or wrinkle. Source: methods 14. */
export const thickCoat: Rule = {
	id: 'thick-coat',
	risk: 'dry',
	satisfiedBy: 'A coat of less than twice the normal film; two that are laid one after the other are as thick, and dry sooner.',
	check: ({ layers }) =>
		layers.flatMap(({ coat, traits, surfaces }) => {
			if (!isFilm(coat) || traits.raised || coat.thickness < THICK) return [];
			const times = Math.min(9, coat.times * Math.round(coat.thickness));
			return [
				{
					kind: 'note' as const,
					what: `${wordCoat(coat)} is laid ${coat.thickness} times as thick as a normal coat.`,
					coat: coat.id,
					where: [...surfaces],
					why: `It takes some ${(coat.thickness ** 1.5).toFixed(1)} times as long as its label says, may skin over while it is soft below, and sags on what stands.`,
					remedies: [
						{
							label: `Lay ${times} normal coats`,
							edits: [{ op: 'replace' as const, coat: coat.id, with: { ...coat, times, thickness: 1 } }]
						}
					]
				}
			];
		}),
	examples: {
		bad: [
			['twice the film', 'base twice!'],
			['a thick clear coat', 'base; clear twice!']
		],
		good: [
			['a normal coat', 'base'],
			['two of them', 'base x2'],
			['a thin one', 'base thin'],
			['paste is as high as it is wished', 'base; paste twice']
		]
	}
};
