import type { Mm } from '../../../units';
import { isSpotOf } from '../spot';
import type { Run } from './schema';

/** An item, by its part and its place; where a file counts from the left, by its index. */
interface Spot {
	readonly part: string;
	readonly place: string;
	readonly index?: number;
}

/** Places one motif of a run by hand: its centre, from the left and the top edge of its part, mm. */
export function moveMotif(run: Run, spot: Spot, centre: { readonly x: Mm; readonly y: Mm }): Run {
	const { part, place } = spot;
	return { ...run, moved: [...run.moved.filter((other) => !isSpotOf(other, spot)), { part, place, x: centre.x, y: centre.y }] };
}

interface PlacedSpot extends Spot {
	readonly centre: { readonly x: Mm; readonly y: Mm };
	readonly width: Mm;
	readonly height: Mm;
}

/** Places a motif by its left or its top edge, from the same edges of its part, mm; what is not given stays. */
export function moveMotifEdge(run: Run, spot: PlacedSpot, edges: { readonly left?: Mm; readonly top?: Mm }): Run {
	const x = edges.left === undefined ? spot.centre.x : edges.left + spot.width / 2;
	const y = edges.top === undefined ? spot.centre.y : edges.top + spot.height / 2;
	return moveMotif(run, spot, { x, y });
}

/** Moves a motif from where it is, mm. */
export function nudgeMotif(run: Run, spot: PlacedSpot, right: Mm, down: Mm): Run {
	return moveMotif(run, spot, { x: spot.centre.x + right, y: spot.centre.y + down });
}

/** Puts a motif that was placed by hand back into its row. */
export function releaseMotif(run: Run, spot: Spot): Run {
	return { ...run, moved: run.moved.filter((other) => !isSpotOf(other, spot)) };
}

export function leaveOutMotif(run: Run, spot: Spot): Run {
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
