import { answerOrRefuse, LARGEST, refuseWith } from '$lib/server/answer';
import { copyPiece } from '$lib/server/services/pieces';
import { cardMaker, keep } from '$lib/server/workshop';
import { json } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

/** Lays a copy of a piece beside it. */
export const POST: RequestHandler = ({ params }) =>
	answerOrRefuse(async () => {
		const copy = await keep(LARGEST.settings, (db) => copyPiece(db, params.id));
		if (!copy) return refuseWith(404, 'piece.gone', 'This piece is not in the workshop. It may have been taken out.');
		cardMaker().want(copy.id);
		return json(copy, { status: 201 });
	});
