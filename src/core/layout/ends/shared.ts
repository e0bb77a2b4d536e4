import type { Mm } from '../../units';
import type { RunWish, Spot } from '../run/types';

/** What is left of a run between its margins, mm. */
export function clearLength(wish: RunWish): Mm {
	return wish.length - 2 * wish.margin;
}

/** Whole motifs of one size at an even pitch. */
export function spotsFrom(first: Mm, pitch: Mm, count: number, size: Mm): Spot[] {
	return Array.from({ length: count }, (_, k) => {
		const centre = first + k * pitch;
		return { centre, from: centre - size / 2, to: centre + size / 2, cut: 'none' };
	});
}
