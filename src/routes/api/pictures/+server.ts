import { inWords, readBody, refuse, refuseTooLarge } from '$lib/server/answer';
import { addPicture, MOST_BYTES } from '$lib/server/services/pictures';
import { keep } from '$lib/server/workshop';
import { json } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

/** Takes a photograph: its bytes as the body. */
export const POST: RequestHandler = async ({ request }) => {
	const bytes = await readBody(request, MOST_BYTES);
	if (bytes === null) return refuseTooLarge(MOST_BYTES);
	return inWords(async () => {
		const added = await keep(bytes.length, (db) => addPicture(db, bytes));
		return added.kind === 'added' ? json(added.picture, { status: 201 }) : refuse(422, added.issues);
	});
};
