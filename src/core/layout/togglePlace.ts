import { faceOf, partsOnFace, surfaceOf, surfacesWithin, type MeasuredPiece } from '../piece';
import { partsOf, placesFor } from './partsOf';
import type { Places } from './placesSchema';

type Faces = Pick<MeasuredPiece, 'faces'>;

/** The surfaces that places mean, each once. */
export function surfacesAt(places: Places, piece: Faces): string[] {
	return [...new Set(partsOf(places, piece).flatMap((part) => surfacesWithin(part, faceOf(piece.faces, part.face))))];
}

/**
 * The same places with one part on them too, or without it where it is there, and what lies on it as it was: of a face what is left of it beside its
 * parts. All of the piece, or all but some, is told by what is left out. Null where nothing would be left, or the part is unknown or not measured.
 */
export function togglePlace(places: Places, id: string, piece: Faces): Places | null {
	const part = piece.faces
		.filter(({ idle }) => !idle)
		.flatMap(partsOnFace)
		.find((one) => one.id === id);
	if (!part) return null;
	const [surface, on] = [surfaceOf(part), surfacesAt(places, piece)];
	const next = on.includes(surface) ? on.filter((other) => other !== surface) : [...on, surface];
	if (next.length === 0) return null;
	if (places !== 'all' && !places[0]!.startsWith('!')) return placesFor(next, piece);
	const gone = placesFor(
		surfacesAt('all', piece).filter((other) => !next.includes(other)),
		piece
	);
	return gone.length === 0 ? 'all' : typeof gone === 'string' ? placesFor(next, piece) : gone.map((other) => `!${other}`);
}
