import { z } from 'zod';
import { PlaceIdSchema } from '../placesSchema';

/**
 * One item of an arrangement, so that it is found again when neighbours come and go: its part, and its place counted from the middle,
 * signed (`-2`, `0`, `1`; `-1,2` across and down). Files of version 4 counted from the left: theirs are kept as they were (`left 3`).
 */
export const SpotSchema = z.strictObject({
	part: PlaceIdSchema,
	place: z
		.string()
		.regex(/^(-?\d{1,4}(,-?\d{1,4})?|left \d{1,4}|middle -?\d{1,4}|field -?\d{1,4},-?\d{1,4}|centre)$/)
		.meta({
			description:
				'Counted from the middle, signed; across and down where there are two; of a trim "middle -2"; of a scheme "field 0,-1" or "centre". "left 3": the fourth from the left (from files of version 4).'
		})
});
export type ItemSpot = z.infer<typeof SpotSchema>;

/** Places counted from the middle: -1, 0, 1 of three; -2, -1, 1, 2 of four. */
export function placeFromMiddle(index: number, count: number): number {
	const half = Math.floor(count / 2);
	return count % 2 === 1 || index < half ? index - half : index - half + 1;
}

/** Whether a spot of the file means an item, however it counts. */
export function isSpotOf(spot: ItemSpot, item: { readonly part: string; readonly place: string; readonly index?: number }): boolean {
	return spot.part === item.part && (spot.place === item.place || spot.place === `left ${item.index}`);
}
