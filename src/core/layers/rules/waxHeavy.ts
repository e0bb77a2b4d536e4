import type { Rule } from '../findings';
import type { Layer } from '../stackLayers';
import { amountOfCoat } from '../kinds';
import { isFilm } from '../kinds/schema';
import { layersOn } from '../stackLayers';

/** More than this of wax, in coats, stays soft. A starting figure of ours. */
const MOST = 3;

/** A third heavy coat of wax stays soft. Source: craft 3 and 12. */
export const waxHeavy: Rule = {
	id: 'wax-heavy',
	risk: 'dry',
	satisfiedBy: 'No more wax than three thin coats, each buffed.',
	check: (stack) => {
		const heavy = stack.surfaces.flatMap((surface) => {
			const waxes = layersOn(stack, surface).filter(({ traits }) => traits.wax && traits.covers);
			return waxes.reduce((sum, wax) => sum + amountOf(wax), 0) > MOST + 1e-9 ? [{ surface, waxes }] : [];
		});
		if (heavy.length === 0) return [];
		const where = heavy.map(({ surface }) => surface);
		const waxes = heavy.reduce((most, one) => (one.waxes.length > most.waxes.length ? one : most)).waxes;
		const thin = Math.floor(100 * Math.min(1, MOST / waxes.length)) / 100;
		return [
			{
				kind: 'note',
				what: `${waxes.length > 1 ? `${waxes.length} coats` : 'So much'} of wax come${waxes.length > 1 ? '' : 's'} to more than three thin ones.`,
				coat: waxes.at(-1)!.coat.id,
				where,
				why: 'A thick bed of wax stays soft, takes prints and dust, and cannot be buffed to a shine.',
				remedies:
					thin >= 0.25
						? [
								{
									label: 'Lay each once, thin',
									edits: [...new Set(heavy.flatMap((one) => one.waxes))].map(({ coat }) => ({
										op: 'replace' as const,
										coat: coat.id,
										with: { ...coat, times: 1, thickness: thin } as typeof coat
									}))
								}
							]
						: []
			}
		];
	},
	examples: {
		bad: [
			['three heavy coats', 'base; wax twice; wax twice; wax twice!'],
			['four coats in one step', 'base; wax x4!']
		],
		good: [
			['clear, dark, clear', 'base; wax; wax:dark-wax; wax'],
			['two heavy coats on different surfaces', 'base; wax x3 on=frame; wax x3 on=drawers'],
			['a dark wax at the tips of motifs adds nothing to speak of', 'base; wax x3; wax:dark-wax through']
		]
	}
};

const amountOf = ({ coat }: Layer): number => (isFilm(coat) ? amountOfCoat(coat) : 0);
