import { answerOrRefuse, readBody, refuse, refuseTooLarge } from '$lib/server/answer';
import { addPicture, MOST_BYTES, readPicture } from '$lib/server/services/pictures';
import { keep, pictureDecoder } from '$lib/server/workshop';
import { json } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

/** Takes a photograph: its bytes as the body. */
export const POST: RequestHandler = async ({ request }) => {
	const bytes = await readBody(request, MOST_BYTES);
	if (bytes === null) return refuseTooLarge(MOST_BYTES);
	return answerOrRefuse(async () => {
		const read = await readPicture(pictureDecoder(), bytes);
		if (read.kind === 'bad') return refuse(422, read.issues);
		const { photograph } = read;
		return json(await keep(photograph.bytes.length, (db) => addPicture(db, photograph)), { status: 201 });
	});
};
