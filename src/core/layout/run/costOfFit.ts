import type { Mm } from '../../units';
import { TOUCH, type RunFit, type RunWish, type Spot } from './types';

/** Weights of the cost; `scale` at least twice `gap`, or the best fits leave the edges that are tried. Source: methods 3. */
export const WEIGHTS = { scale: 2, gap: 1, obstacle: 10, leftOver: 1 };
/** A knob within this of a motif's centre is centred, mm. */
const CENTRED: Mm = 0.01;

/** Cost = ws |ln(s/s0)| + wg |g - g0|/m + wo x obstacle hits + we x ends left over/m. Source: methods 3. */
export function costOfFit(
	wish: RunWish,
	scale: number,
	gap: Mm,
	spots: readonly Spot[],
	leftOver: Mm
): Pick<RunFit, 'cost' | 'terms' | 'hits'> {
	const hits =
		wish.obstacleRule === 'over'
			? 0
			: wish.obstacleRule === 'avoid'
				? countTouches(wish, scale, spots)
				: countUncentred(wish, scale, spots);
	const terms = {
		scale: WEIGHTS.scale * Math.abs(Math.log(scale / wish.scale.wish)),
		gap: spots.length > 1 ? (WEIGHTS.gap * Math.abs(gap - wish.gap.wish)) / wish.motif : 0,
		obstacles: WEIGHTS.obstacle * hits,
		leftOver: (WEIGHTS.leftOver * leftOver) / wish.motif
	};
	return { cost: terms.scale + terms.gap + terms.obstacles + terms.leftOver, terms, hits };
}

function countTouches(wish: RunWish, scale: number, spots: readonly Spot[]): number {
	let hits = 0;
	for (const { from, to, fromScale = 0 } of wish.obstacles) {
		if (scale <= fromScale) continue;
		for (const spot of spots) if (spot.from < to - TOUCH && spot.to > from + TOUCH) hits++;
	}
	return hits;
}

function countUncentred(wish: RunWish, scale: number, spots: readonly Spot[]): number {
	return wish.obstacles.filter(({ from, to, fromScale = 0 }) => {
		const middle = (from + to) / 2;
		return scale > fromScale && !spots.some((spot) => Math.abs(spot.centre - middle) <= CENTRED);
	}).length;
}
