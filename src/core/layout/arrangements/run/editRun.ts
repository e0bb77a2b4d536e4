import type { Mm } from '../../../units';
import { isSpotOf } from '../spot';
import type { Run } from './schema';

/** An item, by its part and its place; where a file counts from the left, by its index. */
interface ItemSpot {
	readonly part: string;
	readonly place: string;
	readonly index?: number;
}

/** Places one motif of a run by hand: its centre, from the left and the top edge of its part, mm. */
export function moveMotif(run: Run, spot: ItemSpot, centre: { readonly x: Mm; readonly y: Mm }): Run {
	const { part, place } = spot;
	return { ...run, moved: [...run.moved.filter((other) => !isSpotOf(other, spot)), { part, place, x: centre.x, y: centre.y }] };
}

/** Puts a motif that was placed by hand back into its row. */
export function releaseMotif(run: Run, spot: ItemSpot): Run {
	return { ...run, moved: run.moved.filter((other) => !isSpotOf(other, spot)) };
}

export function leaveOutMotif(run: Run, spot: ItemSpot): Run {
	const { part, place } = spot;
	return {
		...releaseMotif(run, spot),
		leftOut: [...run.leftOut.filter((other) => !isSpotOf(other, spot)), { part, place }]
	};
}

/** Takes another of the ranked fits; what was moved or left out by hand belonged to the old one. */
export function pickFit(run: Run, group: string, pick: Run['picks'][string]): Run {
	const stays = (spot: { readonly part: string }) => group !== 'common' && spot.part !== group;
	return { ...run, picks: { ...run.picks, [group]: pick }, moved: run.moved.filter(stays), leftOut: run.leftOut.filter(stays) };
}
