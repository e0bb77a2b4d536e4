import type { Mm } from '../../units';
import type { Join } from './types';

/** The shares of the way at which so many colours meet: as they were set, where there are as many as joins; else evenly. */
export function stopsFor(stops: readonly number[] | null, colours: number): readonly number[] {
	return stops?.length === colours - 1 ? stops : Array.from({ length: colours - 1 }, (_, i) => (i + 1) / colours);
}

/** One stop moved to a share of the way; a neighbour that it reaches moves along, so that they keep their order. */
export function moveStop(stops: readonly number[], at: number, share: number): number[] {
	return stops.map((stop, i) => (i === at ? share : i < at ? Math.min(stop, share) : Math.max(stop, share)));
}

export function meetAtStops(stops: readonly number[] | null, colours: number, reach: Mm): Mm[] {
	return stopsFor(stops, colours)
		.map((share) => share * reach)
		.sort((a, b) => a - b);
}

/** One colour as deep as the first join, the others between it and the end; the middle ones as wide as the first, but no wider than even shares. */
export function meetFrom(first: Mm, colours: number, reach: Mm): Mm[] {
	const start = Math.min(first, reach);
	const step = Math.min(start, (reach - start) / (colours - 1));
	return Array.from({ length: colours - 1 }, (_, i) => start + i * step);
}

/** A join at full softness is as wide as the narrower of its two bands, so that two joins never overlap. */
export function softenJoins(ats: readonly Mm[], reach: Mm, softness: number): Join[] {
	return ats.map((at, i) => {
		const before = at - (ats[i - 1] ?? 0);
		const after = (ats[i + 1] ?? reach) - at;
		const outer = i === 0 ? before : before / 2;
		const inner = i === ats.length - 1 ? after : after / 2;
		return { at, half: softness * Math.max(0, Math.min(outer, inner)) };
	});
}

export function clampTo(value: number, least: number, most: number): number {
	return Math.min(Math.max(value, least), Math.max(least, most));
}

/**
 * How far each join has gone at a depth (mm): 0 before it, 1 after it, an even S between. The colour at the depth is
 * the mix of two neighbours. Source: methods 11.
 */
export function passJoin(join: Join, depth: Mm): number {
	if (join.half <= 0) return depth < join.at ? 0 : 1;
	const t = Math.min(1, Math.max(0, (depth - join.at + join.half) / (2 * join.half)));
	return t * t * (3 - 2 * t);
}

/** Share of each colour at a depth; they add up to 1. */
export function sharesAtDepth(joins: readonly Join[], depth: Mm): number[] {
	const passed = joins.map((join) => passJoin(join, depth));
	return [1, ...passed].map((reached, i) => reached - (passed[i] ?? 0));
}

/** The bounds of a field that rises by no more than so much for each mm. */
export function slopeBounds(depth: Mm, within: Mm, steepest: number): readonly [least: Mm, most: Mm] {
	return [depth - steepest * within, depth + steepest * within];
}
