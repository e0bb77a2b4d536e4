import { partsOf, placesFor, type Places } from '../../layout';
import { doesMove, HARDWARE_SURFACE, type Part } from '../../piece';
import type { Plan } from '../types';
import { nameSurface } from './nameSurface';

/** What a place is called: a face as a whole by its name, its frame, what is left of it or of a part. */
export function namePlace(plan: Pick<Plan, 'faces'>, place: string): string {
	const [id, suffix] = place.split('/') as [string, string | undefined];
	const face = plan.faces.find((other) => other.id === id);
	if (face && suffix === undefined) return face.name;
	if (suffix !== 'rest') return nameSurface(plan, id);
	if (face) return face.frame === face.rest ? nameSurface(plan, id) : `what is left of ${face.name}`;
	/** A door without the panel in it. */
	return plan.faces.some(({ rests }) => rests.some((part) => part.id === place))
		? `${nameSurface(plan, id)} itself`
		: nameSurface(plan, id);
}

const EVERY: readonly (readonly [string, (part: Part) => boolean])[] = [
	['every drawer and door', doesMove],
	['every drawer', ({ role }) => role === 'drawer'],
	['every door', ({ role }) => role === 'door'],
	['every panel', ({ role }) => role === 'panel']
];
const MOST_NAMES = 3;

/** Places in a few words: `every drawer, Top`. Where there are more than three they are counted. */
export function nameParts(parts: readonly Part[], plan: Pick<Plan, 'faces'>, most = MOST_NAMES): string {
	const all = plan.faces.filter(({ idle }) => !idle).flatMap((face) => face.parts);
	const words: string[] = [];
	let rest = [...parts];
	for (const [word, is] of EVERY) {
		const every = all.filter(is);
		const kinds = new Set(every.map(({ role }) => role)).size;
		if (every.length < 2 || (word.includes(' and ') && kinds < 2) || !every.every(({ id }) => rest.some((part) => part.id === id)))
			continue;
		words.push(word);
		rest = rest.filter((part) => !is(part));
	}
	const names = rest.map(({ id }) => namePlace(plan, id));
	return [...words, ...(names.length > most ? [...names.slice(0, most - 1), `${names.length - most + 1} more`] : names)].join(', ');
}

/** Words for places: `all of it` where they are. */
function namePlaces(places: Places, plan: Pick<Plan, 'faces'>): string {
	return places === 'all' ? 'all of it' : nameParts(partsOf(places, plan), plan, Infinity);
}

/** Words for some surfaces, as short as they can be said: whole faces and frames by their names. */
export function nameSurfaces(surfaces: Iterable<string>, plan: Pick<Plan, 'faces'>): string {
	const all = [...surfaces];
	const own = all.filter((surface) => surface !== HARDWARE_SURFACE);
	const words = own.length === 0 && all.length > 0 ? [] : [namePlaces(placesFor(own, plan), plan)];
	return [...words, ...(own.length < all.length ? ['the hardware'] : [])].join(', ');
}
