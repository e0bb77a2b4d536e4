import { wordIssue } from '$core/formats';
import { readJson, refuse } from '$lib/server/answer';
import { addMotif, keepMotif, listMotifs } from '$lib/server/services/motifs';
import { database } from '$lib/server/workshop';
import { json } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = async () => json(await listMotifs(await database()));

/** Adds a motif: from SVG text, `?name=` the name of its file, with what of it was not read; or, as JSON, one that was made here. */
export const POST: RequestHandler = async ({ request, url }) => {
	if (request.headers.get('content-type')?.startsWith('application/json')) {
		const kept = await keepMotif(await database(), await readJson(request));
		return kept.kind === 'added' ? json({ motif: kept.motif, notRead: [] }, { status: 201 }) : refuse(422, kept.issues);
	}
	const added = await addMotif(await database(), url.searchParams.get('name') ?? 'motif', await request.text());
	if (added.kind !== 'added') return refuse(422, added.issues);
	const notRead = added.notRead.map((issue) => ({ code: issue.code, path: issue.path, message: wordIssue(issue, 'mm') }));
	return json({ motif: added.motif, notRead }, { status: 201 });
};
