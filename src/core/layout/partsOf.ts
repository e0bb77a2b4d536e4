import type { MeasuredPiece, Part } from '../piece';
import type { Parts } from './schema';

/** The measured parts that a layer of decoration is for, in the order of the piece; unknown ids are left out. */
export function partsOf(parts: Parts, piece: MeasuredPiece): Part[] {
	const all = piece.faces.flatMap((face) => face.parts);
	return parts === 'drawers' ? all.filter((part) => part.role === 'drawer') : all.filter((part) => parts.includes(part.id));
}
