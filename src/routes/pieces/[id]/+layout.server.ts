import { listMotifs } from '$lib/server/services/motifs';
import { findPiece } from '$lib/server/services/pieces';
import { database } from '$lib/server/workshop';
import { error } from '@sveltejs/kit';
import type { LayoutServerLoad } from './$types';

export const load: LayoutServerLoad = async ({ params }) => {
	const db = await database();
	const piece = await findPiece(db, params.id);
	if (!piece) error(404, 'This piece is not in the workshop. It may have been taken out.');
	return { record: { id: piece.id, version: piece.version, document: piece.document }, motifs: await listMotifs(db) };
};
