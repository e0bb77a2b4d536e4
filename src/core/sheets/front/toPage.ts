import { flattenOutline } from '../../geometry';
import type { Part } from '../../piece';
import type { Mm } from '../../units';

/** Where a place of a part stands on its page. */
export interface ToPage {
	readonly scale: number;
	readonly at: (x: Mm, y: Mm) => readonly [Mm, Mm];
}

/** A ring of a part, as it stands on the page. */
export const toPageRing = (ring: readonly Mm[], { at }: ToPage): number[] => {
	const placed: number[] = [];
	for (let i = 0; i < ring.length; i += 2) placed.push(...at(ring[i]!, ring[i + 1]!));
	return placed;
};

/** The outline of what lies so far from the corner of the part that is drawn. */
export function ringsOf({ outline }: Part, by: { readonly x: Mm; readonly y: Mm }, page: ToPage): number[][] {
	const flat = flattenOutline(outline, 0.1 / page.scale);
	return [
		toPageRing(
			flat.map((value, i) => value + (i % 2 === 0 ? by.x : by.y)),
			page
		)
	];
}
