import type { Mm } from '../../units';
import type { Join } from './types';

/** Evenly, or at the shares that were set, where there are as many as joins. */
export function meetAtStops(stops: readonly number[] | null, colours: number, reach: Mm): Mm[] {
	const joins = colours - 1;
	const shares = stops?.length === joins ? stops : Array.from({ length: joins }, (_, i) => (i + 1) / colours);
	return shares.map((share) => share * reach).sort((a, b) => a - b);
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
