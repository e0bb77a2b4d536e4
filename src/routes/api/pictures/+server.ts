import { refuse } from '$lib/server/answer';
import { addPicture } from '$lib/server/services/pictures';
import { database } from '$lib/server/workshop';
import { json } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

/** Takes a photograph: its bytes as the body. */
export const POST: RequestHandler = async ({ request }) => {
	const added = await addPicture(await database(), new Uint8Array(await request.arrayBuffer()));
	return added.kind === 'added' ? json(added.picture, { status: 201 }) : refuse(422, added.issues);
};
