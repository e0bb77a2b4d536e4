import type { ZoneJudgement } from './types';

/** Recess colour where nothing is recessed. */
export const noHollow: ZoneJudgement = ({ zone, laid }) =>
	zone.field.pattern === 'recess' && laid.length > 0 && laid.every(({ laid: { region } }) => region.hollows.length === 0)
		? [
				{
					code: 'no-hollow',
					part: null,
					says: 'There is no hollow here for it to lie in.',
					why: 'A recess is where a panel lies behind its frame, or a moulding stands before it: measure them in Measure, with how far they stand in or out.',
					remedies: []
				}
			]
		: [];
