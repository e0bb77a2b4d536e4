import { placesFor } from '../../layout';
import { doesMove } from '../../piece';
import type { Plan } from '../types';
import { nameSurface } from './nameSurface';

/** What a place is called: a face as a whole by its name, its frame, what is left of it or of a part. */
export function namePlace(plan: Pick<Plan, 'faces'>, place: string): string {
	const [id, suffix] = place.split('/') as [string, string | undefined];
	const face = plan.faces.find((other) => other.id === id);
	if (face && suffix === undefined) return face.name;
	if (suffix !== 'rest') return nameSurface(plan, id);
	const isSplit = face === undefined || face.frame !== face.rest;
	return isSplit ? `${nameSurface(plan, id)}, what is left` : nameSurface(plan, id);
}

/** Words for some surfaces, as short as they can be said: all of it, every drawer, whole faces and frames, parts by their names. */
export function namePlaces(plan: Pick<Plan, 'faces'>, surfaces: Iterable<string>): string {
	const places = placesFor(surfaces, plan);
	if (typeof places === 'string') return 'all of it';
	const moving = plan.faces.filter(({ idle }) => !idle).flatMap(({ parts }) => parts.filter(doesMove));
	const word = { drawer: 'every drawer', door: 'every door' };
	const every = (['drawer', 'door'] as const).flatMap((role) => {
		const own = moving.filter((part) => part.role === role).map(({ id }) => id);
		return own.length > 1 && own.every((id) => places.includes(id)) ? [{ says: word[role], ids: own }] : [];
	});
	const left = places.filter((place) => !every.some(({ ids }) => ids.includes(place)));
	return [...every.map(({ says }) => says), ...left.map((place) => namePlace(plan, place))].join(', ');
}
