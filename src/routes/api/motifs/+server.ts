import { refuse } from '$lib/server/answer';
import { addMotif, listMotifs } from '$lib/server/services/motifs';
import { database } from '$lib/server/workshop';
import { json } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = async () => json(await listMotifs(await database()));

/** Adds a motif from SVG text; `?name=` is the name of its file. */
export const POST: RequestHandler = async ({ request, url }) => {
	const added = await addMotif(await database(), url.searchParams.get('name') ?? 'motif', await request.text());
	return added.kind === 'added' ? json(added.motif, { status: 201 }) : refuse(422, added.issues);
};
