import { findPicture } from '$lib/server/services/pictures';
import { database } from '$lib/server/workshop';
import { error } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

/** A photograph; its name is that of its bytes, so it may be kept for ever. */
export const GET: RequestHandler = async ({ params }) => {
	const picture = await findPicture(await database(), params.id);
	if (!picture) error(404, 'This picture is not in the workshop.');
	const { bytes } = picture;
	const body = new ReadableStream<Uint8Array>({
		async pull(controller) {
			const { done, value } = await bytes.next();
			if (done) controller.close();
			else controller.enqueue(value);
		}
	});
	return new Response(body, {
		headers: {
			'content-type': picture.type,
			'content-length': String(picture.size),
			'cache-control': 'private, max-age=31536000, immutable'
		}
	});
};
