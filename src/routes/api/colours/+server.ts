import { readJson, refuse } from '$lib/server/answer';
import { keepColour, listColours } from '$lib/server/services/colours';
import { database } from '$lib/server/workshop';
import { json } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = async () => json(await listColours(await database()));

/** Puts a colour on the shelf. */
export const POST: RequestHandler = async ({ request }) => {
	const kept = await keepColour(await database(), await readJson(request));
	return kept.kind === 'kept' ? json(kept.colour, { status: 201 }) : refuse(422, kept.issues);
};
