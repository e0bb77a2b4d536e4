import { findCardPicture } from '$lib/server/services/cards';
import { database } from '$lib/server/workshop';
import { error } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

/** The small picture of a piece, as it was at the save that it is asked for by. */
export const GET: RequestHandler = async ({ params }) => {
	const picture = await findCardPicture(await database(), params.id);
	if (!picture) error(404, 'There is no picture of this piece yet.');
	return new Response(new Uint8Array(picture), { headers: { 'content-type': 'image/png', 'cache-control': 'private, max-age=86400' } });
};
