import { LARGEST, readBody, refuse, refuseTooLarge, answerOrRefuse } from '$lib/server/answer';
import { addPiece, listPieces } from '$lib/server/services/pieces';
import { cardMaker, database, keep, pool } from '$lib/server/workshop';
import { json } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

/** Every piece with its card, as it was last made. */
export const GET: RequestHandler = async () => {
	const pieces = await listPieces(await database());
	return json(pieces);
};

/** Adds a piece from a project file. */
export const POST: RequestHandler = async ({ request }) => {
	const file = await readBody(request, LARGEST.file);
	if (file === null) return refuseTooLarge(LARGEST.file);
	return answerOrRefuse(async () => {
		const read = await pool().run('readPiece', file, { isQuick: true });
		if (!read.ok) return refuse(422, read.issues);
		const id = await keep(file.length, (db) => addPiece(db, read.document));
		cardMaker().want(id);
		return json({ id }, { status: 201 });
	});
};
