import { LARGEST, readBody, refuse, refuseTooLarge, answerOrRefuse } from '$lib/server/answer';
import { keepColour, listColours } from '$lib/server/services/colours';
import { database, keep, pool } from '$lib/server/workshop';
import { json } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = async () => json(await listColours(await database()));

/** Puts a colour on the shelf; one of the same id is replaced. */
export const POST: RequestHandler = async ({ request }) => {
	const body = await readBody(request, LARGEST.colour);
	if (body === null) return refuseTooLarge(LARGEST.colour);
	return answerOrRefuse(async () => {
		const read = await pool().run('readColourText', body, { isQuick: true });
		if (!read.ok) return refuse(422, read.issues);
		await keep(body.length, (db) => keepColour(db, read.colour));
		return json(read.colour, { status: 201 });
	});
};
