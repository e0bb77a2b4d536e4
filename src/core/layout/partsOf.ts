import { doesMove, type MeasuredFace, type MeasuredPiece, type Part } from '../piece';
import type { Parts } from './partsSchema';

/** The measured parts (or whole faces) that a layer of decoration is for, in the order of the piece; unknown ids, and faces that nobody measured, are left out. */
export function partsOf(parts: Parts, piece: Pick<MeasuredPiece, 'faces'>): Part[] {
	const all = piece.faces.filter(({ idle }) => !idle).flatMap((face) => [face.whole, ...face.parts]);
	if (typeof parts !== 'string') return all.filter((part) => parts.includes(part.id));
	switch (parts) {
		case 'fronts':
			return all.filter(doesMove);
		case 'drawers':
		case 'doors':
		case 'panels':
			return all.filter((part) => part.role === ({ drawers: 'drawer', doors: 'door', panels: 'panel' } as const)[parts]);
	}
}

/** What decoration begins on where one looks at a face: its drawers, else its doors, else all of it; by their word where they are all that the piece has. */
export function partsToBegin(face: MeasuredFace, piece: Pick<MeasuredPiece, 'faces'>): Parts {
	for (const [word, role] of [
		['drawers', 'drawer'],
		['doors', 'door']
	] as const) {
		const own = face.parts.filter((part) => part.role === role);
		if (own.length > 0) return own.length === partsOf(word, piece).length ? word : own.map(({ id }) => id);
	}
	return [face.id];
}
