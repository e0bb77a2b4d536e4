import { toScale } from '../scales';
import type { ArrangementKind } from '../types';
import { createBorderPlanner } from './planBorder';
import type { Border } from './schema';

/** The strip takes so much of the shorter side, to begin with. */
const SHARE = 0.12;

/** A border that closes round any outline, at one scale. Source: craft 10, methods 3. */
export const border: ArrangementKind<Border> = {
	word: 'Border',
	short: 'border',
	of: 'motif',
	spreads: true,
	start: ({ id, name, motif, parts, shortest, round }) => {
		const wish = toScale((SHARE * shortest) / motif!.height);
		return {
			kind: 'border',
			id,
			name,
			motif: motif!.id,
			parts,
			corners: 'mirrored',
			corner: null,
			inset: round(shortest / 20),
			tops: 'out',
			scale: { least: toScale(wish * 0.7), most: toScale(wish * 1.4), wish },
			gap: { least: 0, most: Math.max(1, round((motif!.width * wish) / 3)), wish: 0 },
			pinned: { across: null, down: null },
			picks: {},
			leftOut: []
		};
	},
	motifs: ({ motif, corner, corners }) => (corner === null || corners !== 'blocks' ? [motif] : [motif, corner]),
	createPlanner: createBorderPlanner,
	take: (arrangement, group, pick) => ({ ...arrangement, picks: { ...arrangement.picks, [group]: pick } }),
	/** A border is closed as a whole: pulled, it moves in or out from the edge. */
	moveItem: (arrangement, item, centre) => {
		const off =
			Math.abs(centre.x - item.centre.x) > Math.abs(centre.y - item.centre.y) ? insideBy(item, centre, 'x') : insideBy(item, centre, 'y');
		return { ...arrangement, inset: Math.max(0, Math.round((arrangement.inset + off) * 10) / 10) };
	},
	leaveOut: (arrangement, { part, place }) => ({ ...arrangement, leftOut: [...arrangement.leftOut, { part, place }] }),
	isPlaced: false,
	release: null,
	meansHardware: () => true
};

type Placed = Parameters<ArrangementKind<Border>['moveItem']>[1];

/** How much nearer to the middle of its part an item was pulled, mm. */
function insideBy(item: Placed, centre: { readonly x: number; readonly y: number }, axis: 'x' | 'y'): number {
	const middle = axis === 'x' ? (item.left + item.width + item.right) / 2 : (item.top + item.height + item.bottom) / 2;
	return Math.abs(item.centre[axis] - middle) - Math.abs(centre[axis] - middle);
}
