import { findPicture } from '$lib/server/services/pictures';
import { database } from '$lib/server/workshop';
import { error } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

/** A photograph; its name is that of its bytes, so it may be kept for ever. */
export const GET: RequestHandler = async ({ params }) => {
	const picture = await findPicture(await database(), params.id);
	if (!picture) error(404, 'This picture is not in the workshop.');
	return new Response(new Uint8Array(picture.bytes), {
		headers: { 'content-type': picture.type, 'cache-control': 'private, max-age=31536000, immutable', 'x-content-type-options': 'nosniff' }
	});
};
