import { doesMove, type MeasuredPiece, type Part } from '../piece';
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
