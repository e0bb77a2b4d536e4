import { doesMove, partsOnFace, surfacesWithin, type MeasuredFace, type MeasuredPiece, type Part } from '../piece';
import type { Places } from './placesSchema';

/** The measured parts, whole faces and frames that a layer of decoration is for, in the order of the piece; unknown ids, and faces that nobody measured, are left out. */
export function partsOf(places: Places, piece: Pick<MeasuredPiece, 'faces'>): Part[] {
	const faces = piece.faces.filter(({ idle }) => !idle);
	switch (places) {
		case 'all':
			return faces.map(({ whole }) => whole);
		case 'frame':
			return faces.map(({ frame }) => frame);
		case 'fronts':
			return faces.flatMap(({ parts }) => parts.filter(doesMove));
		case 'drawers':
		case 'doors':
		case 'panels':
			return faces.flatMap(({ parts }) =>
				parts.filter(({ role }) => role === ({ drawers: 'drawer', doors: 'door', panels: 'panel' } as const)[places])
			);
		default:
			if (places[0]?.startsWith('!'))
				return faces.flatMap((face) =>
					allBut(
						places.map((place) => place.slice(1)),
						face
					)
				);
			return faces.flatMap((face) => [
				...new Set(partsOnFace(face).filter((part) => namesOf(part, face).some((name) => places.includes(name))))
			]);
	}
}

/** A face with nothing on it is its own frame, and a part its own rest. */
function namesOf(part: Part, { frame, rest, rests, whole }: MeasuredFace): string[] {
	const { id } = part;
	if (part === whole) return [id, ...(frame === whole ? [`${id}/frame`] : []), ...(rest === whole ? [`${id}/rest`] : [])];
	if (part === frame) return [id, ...(rest === frame ? [`${part.face}/rest`] : [])];
	const hasRest = part.within !== undefined || rests.some((other) => other.id === `${id}/rest`);
	return hasRest ? [id] : [id, `${id}/rest`];
}

/** All of a face where none of it is left out; else its frame and the parts on it, as far as they are not. */
function allBut(places: readonly string[], face: MeasuredFace): Part[] {
	const out = new Set(partsOf(places as string[], { faces: [face] }).flatMap((part) => surfacesWithin(part, face)));
	const isKept = (part: Part) => surfacesWithin(part, face).every((surface) => !out.has(surface));
	if (isKept(face.whole)) return [face.whole];
	const kept: Part[] = [];
	/** The largest first: what lies within one that is kept is kept with it. */
	const candidates = partsOnFace(face).filter((part) => part.role !== 'open');
	for (const part of candidates.sort((a, b) => surfacesWithin(b, face).length - surfacesWithin(a, face).length)) {
		const own = surfacesWithin(part, face);
		const isCovered = own.every((surface) => kept.some((other) => surfacesWithin(other, face).includes(surface)));
		if (isKept(part) && !isCovered) kept.push(part);
	}
	return partsOnFace(face).filter((part) => kept.includes(part));
}

/** Of some parts of a face those surfaces of one that no other of them has: what is named by itself is not painted twice. */
export function ownSurfaces(part: Part, picked: readonly Part[], face: MeasuredFace): string[] {
	const own = surfacesWithin(part, face);
	const inner = innerOf(part, picked, face).flatMap((other) => surfacesWithin(other, face));
	return own.filter((surface) => !inner.includes(surface));
}

/** What lies on a part and is picked by itself beside it. */
export function innerOf(part: Part, picked: readonly Part[], face: MeasuredFace): Part[] {
	const own = surfacesWithin(part, face);
	return picked.filter((other) => {
		if (other === part || other.face !== part.face || other.within) return false;
		const theirs = surfacesWithin(other, face);
		return theirs.length < own.length && theirs.every((surface) => own.includes(surface));
	});
}

/** A short list of places for exactly these surfaces: whole faces and frames by their own names. */
export function placesFor(surfaces: Iterable<string>, piece: Pick<MeasuredPiece, 'faces'>): Places {
	const wanted = new Set(surfaces);
	const faces = piece.faces.filter(({ idle }) => !idle);
	const places = faces.flatMap((face) => {
		const has = (part: Part) => surfacesWithin(part, face).every((surface) => wanted.has(surface));
		if (has(face.whole)) return [face.id];
		const kept = [...new Set([face.frame, face.rest, ...face.parts.filter(({ role }) => role !== 'open'), ...face.rests])].filter(has);
		const within = (part: Part, other: Part) => {
			const theirs = surfacesWithin(other, face);
			return theirs.length > surfacesWithin(part, face).length && surfacesWithin(part, face).every((surface) => theirs.includes(surface));
		};
		return kept.filter((part) => !kept.some((other) => within(part, other))).map(({ id }) => id);
	});
	return faces.every(({ id }) => places.includes(id)) ? 'all' : places;
}

/** What decoration begins on where one looks at a face: its drawers, else its doors, else all of it; by their word where they are all that the piece has. */
export function partsToBegin(face: MeasuredFace, piece: Pick<MeasuredPiece, 'faces'>): Places {
	for (const [word, role] of [
		['drawers', 'drawer'],
		['doors', 'door']
	] as const) {
		const own = face.parts.filter((part) => part.role === role);
		if (own.length > 0) return own.length === partsOf(word, piece).length ? word : own.map(({ id }) => id);
	}
	return [face.id];
}
