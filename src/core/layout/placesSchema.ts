import { z } from 'zod';

/** Words for many at once. */
export const PLACE_WORDS = ['all', 'drawers', 'doors', 'fronts', 'panels', 'frame'] as const;

/** A face or a part, its frame or what is left of it, as one place. */
export const PlaceIdSchema = z.string().regex(/^[a-z0-9][a-z0-9-]{0,39}(\/(frame|rest))?$/);

const PlaceSchema = z.string().regex(/^!?[a-z0-9][a-z0-9-]{0,39}(\/(frame|rest))?$/);

/** Where a coat, a zone or an arrangement goes: one list of places for all three. */
export const PlacesSchema = z
	.union([
		z.enum(PLACE_WORDS),
		z
			.array(PlaceSchema)
			.min(1)
			.max(400)
			.refine((list) => new Set(list.map((place) => place.startsWith('!'))).size === 1, {
				message: 'This names places to go on and places to leave out. Name the ones or the others.'
			})
	])
	.meta({
		description:
			'"all"; "drawers", "doors", "fronts" (both), "panels"; "frame" (the frame of every face); or a list: of ids of faces and parts, each with all that lies on it; "front/frame" (a face with its rails, stiles, plinth and apron, without what else lies on it), "front/rest" or "door-1/rest" (what is left of it beside all its parts); or of the same with "!" before each: all but these.'
	});
export type Places = z.infer<typeof PlacesSchema>;

/** The face or the part that a place names. */
export function idOfPlace(place: string): string {
	return place.replace(/^!/, '').replace(/\/.*$/, '');
}
