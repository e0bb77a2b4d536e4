import type { Mm } from '../../../units';
import { TOUCH, type Row, type RunFit, type RunWish } from './types';

/** Weights of the cost; `scale` at least twice `gap`, or the best fits leave the edges that are tried. Source: methods 3. */
export const WEIGHTS = { scale: 2, gap: 1, obstacle: 10, leftOver: 1 };
/** A knob within this of a motif's centre is centred, mm. */
const CENTRED: Mm = 0.01;

/** Cost = ws |ln(s/s0)| + wg |g - g0|/m + wo x obstacle hits + we x ends left over/m. Source: methods 3. */
export function costOfFit({
	wish,
	scale,
	gap,
	row,
	leftOver
}: {
	readonly wish: RunWish;
	readonly scale: number;
	readonly gap: Mm;
	readonly row: Row;
	readonly leftOver: Mm;
}): Pick<RunFit, 'cost' | 'terms' | 'hits'> {
	const hits = countHits(wish, scale, row);
	const terms = {
		scale: WEIGHTS.scale * Math.abs(Math.log(scale / wish.scale.wish)),
		gap: row.motifs > 1 ? (WEIGHTS.gap * Math.abs(gap - wish.gap.wish)) / wish.motif : 0,
		obstacles: WEIGHTS.obstacle * hits,
		leftOver: (WEIGHTS.leftOver * leftOver) / wish.motif
	};
	return { cost: terms.scale + terms.gap + terms.obstacles + terms.leftOver, terms, hits };
}

/** Motifs that touch an obstacle, or obstacles on which no motif is centred: counted from the pitch, not motif by motif. */
function countHits(wish: RunWish, scale: number, row: Row): number {
	if (wish.obstacleRule === 'over') return 0;
	let hits = 0;
	for (const { from, to, fromScale = 0 } of wish.obstacles) {
		if (scale <= fromScale) continue;
		if (wish.obstacleRule === 'avoid') hits += countTouches({ wish, scale, row, from, to });
		else if (!hasCentreAt(row, (from + to) / 2)) hits++;
	}
	return hits;
}

/** Motif k touches where from - half < first + k pitch < to + half. Where the ends are cut, what of an obstacle lies outside the margins is not reached. */
function countTouches({
	wish,
	scale,
	row,
	from,
	to
}: {
	readonly wish: RunWish;
	readonly scale: number;
	readonly row: Row;
	readonly from: Mm;
	readonly to: Mm;
}): number {
	const half = (scale * wish.motif) / 2;
	const [left, right] = row.cut ? [Math.max(from, wish.margin), Math.min(to, wish.length - wish.margin)] : [from, to];
	if (right - left <= TOUCH) return 0;
	const [low, high] = [left - half + TOUCH, right + half - TOUCH];
	const first = Math.max(0, Math.floor((low - row.first) / row.pitch) + 1);
	const last = Math.min(row.motifs - 1, Math.ceil((high - row.first) / row.pitch) - 1);
	return Math.max(0, last - first + 1);
}

function hasCentreAt(row: Row, middle: Mm): boolean {
	const k = Math.min(row.motifs - 1, Math.max(0, Math.round((middle - row.first) / row.pitch)));
	return Math.abs(row.first + k * row.pitch - middle) <= CENTRED;
}
