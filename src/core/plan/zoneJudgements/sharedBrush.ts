import { convertHexToLab } from '../../colour';
import { METHODS } from '../../layers';
import type { ZoneJudgement } from './types';

/** A lighter colour by more than this, L*, turns muddy under a brush that has been in the darker one. */
const DARKER = 18;

/** A light over a dark with the same brush. Source: craft 4. */
export const sharedBrush: ZoneJudgement = ({ zone, coats, pigmentOf, nameOf }) =>
	coats.flatMap((coat) => {
		/** A method that is done with one brush takes all colours with it: there it is meant. */
		if (coat.method !== 'mist-and-feather' || coat.brushes === 'clean-joins') return [];
		const pairs = zone.colours.slice(1).map((second, i) => [zone.colours[i]!, second] as const);
		const lightness = (id: string) => convertHexToLab(pigmentOf(id).hex).l;
		const worst = pairs
			.map((pair) => ({ pair, apart: Math.abs(lightness(pair[0]) - lightness(pair[1])) }))
			.sort((a, b) => b.apart - a.apart)[0];
		if (!worst || worst.apart < DARKER) return [];
		const [dark, light] = lightness(worst.pair[0]) < lightness(worst.pair[1]) ? worst.pair : [worst.pair[1], worst.pair[0]];
		const clean = { ...coat, brushes: 'clean-joins' as const };
		return [
			{
				code: 'shared-brush',
				part: null,
				says: `One brush would carry ${nameOf(dark)} into ${nameOf(light)}.`,
				why: `${METHODS[coat.method].name} with this choice of brushes takes the same brush through both: the light turns muddy.`,
				remedies: [{ says: 'Take a clean dry brush for each join', coat: clean }]
			}
		];
	});
