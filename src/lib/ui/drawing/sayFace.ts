import { formatLength } from '$core/units';
import type { PieceState } from '$lib/ui/piece-state';

/** The face at hand in words, for those who do not see it. */
export function sayFace({ face, project: { piece, units } }: PieceState): string {
	return `${face.name} of ${piece.name}, ${formatLength(face.width, units).text} by ${formatLength(face.height, units).text}`;
}
