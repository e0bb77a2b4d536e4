import { colourRounds, QUICK, THOROUGH, type Conflicts, type Rounds } from '../../layout';
import type { SlowQuestion } from './types';

export interface RoundsWanted {
	readonly conflicts: Conflicts;
	/** Among so many coats of the piece that are laid by a sheet: each gets its share of the search. */
	readonly among: number;
}

/** So many lays are searched in full; a step takes longer the more there are, by their square. */
const SEARCHED = 70;

/** The fewest rounds of lays, where a quick search did not prove that it has them: some 0.3 s here for 70 to 400 lays that are in each other's way by chance. Source: methods 4. */
export const fewestRounds: SlowQuestion<RoundsWanted, Rounds> = {
	name: 'fewestRounds',
	hangsOn: ({ conflicts, among }) => [conflicts, among],
	answer: ({ conflicts, among }) => {
		const share = Math.min(1, (SEARCHED / conflicts.length) ** 2) / among;
		const effort = { steps: Math.round(THOROUGH.steps * share), nodes: Math.round(THOROUGH.nodes * share) };
		return colourRounds(conflicts, effort.steps < QUICK.steps ? QUICK : effort);
	}
};
