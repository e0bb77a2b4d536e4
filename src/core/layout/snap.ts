import type { Mm } from '../units';

/** A frame on a part, mm from its left and its top edge. */
export interface Frame {
	readonly left: Mm;
	readonly top: Mm;
	readonly width: Mm;
	readonly height: Mm;
}

/** A line that a frame was drawn to: upright at x, or level at y, and what it is of. */
export interface SnapLine {
	readonly along: 'upright' | 'level';
	readonly at: Mm;
	readonly of: 'centre' | 'edge' | 'neighbour';
}

export interface Snapped {
	/** To be moved by so much, mm. */
	readonly dx: Mm;
	readonly dy: Mm;
	readonly lines: readonly SnapLine[];
}

interface Pull {
	readonly by: Mm;
	readonly at: Mm;
	readonly of: SnapLine['of'];
}

/** Of pulls as near as each other the first stands: the centre of the part before its edges, these before a neighbour. */
const EVEN: Mm = 1e-9;

/**
 * Draws a frame (mm on its part) to what lies within reach (mm): its centre onto the centre lines of the part, its sides onto the edges, its
 * centre and its sides onto those of its neighbours, so that they stand in line or touch. Across and down are decided apart; each to the nearest.
 */
export function snapFrame(
	frame: Frame,
	part: { readonly width: Mm; readonly height: Mm },
	neighbours: readonly Frame[],
	reach: Mm
): Snapped {
	const across = nearestPull(
		[frame.left, frame.width],
		part.width,
		neighbours.map(({ left, width }) => [left, width] as const),
		reach
	);
	const down = nearestPull(
		[frame.top, frame.height],
		part.height,
		neighbours.map(({ top, height }) => [top, height] as const),
		reach
	);
	return {
		dx: across?.by ?? 0,
		dy: down?.by ?? 0,
		lines: [
			...(across ? [{ along: 'upright' as const, at: across.at, of: across.of }] : []),
			...(down ? [{ along: 'level' as const, at: down.at, of: down.of }] : [])
		]
	};
}

/** Along one direction; a stretch is where it begins and how long it is. */
function nearestPull([from, size]: readonly [Mm, Mm], whole: Mm, others: readonly (readonly [Mm, Mm])[], reach: Mm): Pull | null {
	const ends = [from, from + size];
	const to = (line: Mm, mine: Mm, of: SnapLine['of']): Pull => ({ by: line - mine, at: line, of });
	const pulls = [
		to(whole / 2, from + size / 2, 'centre'),
		...[0, whole].flatMap((line) => ends.map((mine) => to(line, mine, 'edge'))),
		...others.flatMap(([at, length]) => [
			to(at + length / 2, from + size / 2, 'neighbour'),
			...[at, at + length].flatMap((line) => ends.map((mine) => to(line, mine, 'neighbour')))
		])
	];
	return pulls.reduce<Pull | null>(
		(best, pull) => (Math.abs(pull.by) <= reach && (best === null || Math.abs(pull.by) < Math.abs(best.by) - EVEN) ? pull : best),
		null
	);
}
