import { readProjectText } from '$core/formats';
import { refuse } from '$lib/server/answer';
import { addPiece, listPieces } from '$lib/server/services/pieces';
import { database } from '$lib/server/workshop';
import { json } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = async () => {
	const pieces = await listPieces(await database());
	return json(
		pieces.map((piece) => ({
			id: piece.id,
			version: piece.version,
			name: piece.kind === 'sound' ? piece.document.piece.name : piece.name,
			updatedAt: piece.updatedAt
		}))
	);
};

/** Adds a piece from a project file. */
export const POST: RequestHandler = async ({ request }) => {
	const read = readProjectText(await request.text());
	if (!read.ok) return refuse(422, read.issues);
	const added = await addPiece(await database(), read.project);
	return added.kind === 'added' ? json({ id: added.id }, { status: 201 }) : refuse(422, added.issues);
};
