import { refuseWith } from '$lib/server/answer';
import { bringBack } from '$lib/server/services/pieces';
import { keep } from '$lib/server/workshop';
import type { RequestHandler } from './$types';

/** Takes a piece out of the bin. */
export const POST: RequestHandler = async ({ params }) =>
	(await keep(0, (db) => bringBack(db, params.id)))
		? new Response(null, { status: 204 })
		: refuseWith(404, 'piece.not-in-bin', 'This piece does not lie in the bin: it is in the workshop, or its thirty days are over.');
