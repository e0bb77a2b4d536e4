import { suggestChain, type Face } from '../piece';
import { changePiece } from './changePiece';
import type { Project } from './project';

/** Another number of drawers, one above the other, on one face: readings that stay keep their figures. */
export function changeDrawers(project: Project, drawers: number, face = project.piece.faces[0]!.id): Project {
	const faces = project.piece.faces.map((other) => (other.id === face ? withDrawers(other, drawers, prefixOf(other)) : other));
	return changePiece(project, { ...project.piece, faces });
}

function withDrawers(face: Face, drawers: number, prefix: string): Face {
	return { ...face, chain: suggestChain(drawers, face.chain, prefix) };
}

/** Ids are one family over the whole piece: only the first face calls its drawers by their plain names. */
function prefixOf(face: Face): string {
	return face.kind === 'front' ? '' : `${face.id}-`;
}
