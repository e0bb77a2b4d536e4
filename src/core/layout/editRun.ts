import type { Mm } from '../units';
import type { Run } from './schema';

interface Spot {
	readonly part: string;
	readonly index: number;
}

/** Places one motif of a run by hand: its centre, from the left and the top edge of its part, mm. */
export function moveMotif(run: Run, { part, index }: Spot, centre: { readonly x: Mm; readonly y: Mm }): Run {
	return { ...run, moved: [...run.moved.filter((other) => !isSpot(other, part, index)), { part, index, x: centre.x, y: centre.y }] };
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
export function releaseMotif(run: Run, { part, index }: Spot): Run {
	return { ...run, moved: run.moved.filter((other) => !isSpot(other, part, index)) };
}

export function leaveOutMotif(run: Run, { part, index }: Spot): Run {
	return {
		...releaseMotif(run, { part, index }),
		leftOut: [...run.leftOut.filter((other) => !isSpot(other, part, index)), { part, index }]
	};
}

/** Takes another of the ranked fits; what was moved or left out by hand belonged to the old one. */
export function pickFit(run: Run, group: string, pick: Run['picks'][string]): Run {
	const stays = (spot: Spot) => group !== 'common' && spot.part !== group;
	return { ...run, picks: { ...run.picks, [group]: pick }, moved: run.moved.filter(stays), leftOut: run.leftOut.filter(stays) };
}

function isSpot(other: Spot, part: string, index: number): boolean {
	return other.part === part && other.index === index;
}
