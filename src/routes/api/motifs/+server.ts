import { wordIssue } from '$core/formats';
import type { Issue } from '$core/units';
import { LARGEST, readBody, refuse, refuseTooLarge, answerOrRefuse } from '$lib/server/answer';
import { idOfFile, keepMotif, listMotifs } from '$lib/server/services/motifs';
import { database, keep, pool } from '$lib/server/workshop';
import { json } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = async () =>
	new Response(await listMotifs(await database()), { headers: { 'content-type': 'application/json' } });

/** Adds a motif: from SVG text, `?name=` the name of its file, with what of it was not read; or, as JSON, one that was made here. */
export const POST: RequestHandler = async ({ request, url }) => {
	const body = await readBody(request, LARGEST.motif);
	if (body === null) return refuseTooLarge(LARGEST.motif);
	const isMade = request.headers.get('content-type')?.startsWith('application/json') ?? false;
	return answerOrRefuse(async () => {
		const read = isMade
			? await pool().run('readMotifText', body)
			: await pool().run('readSvg', { id: idOfFile(url.searchParams.get('name') ?? 'motif'), svg: body });
		if (!read.ok) return refuse(422, read.issues);
		const { motif } = read;
		await keep(body.length, (db) => keepMotif(db, motif));
		const issues: readonly Issue[] = 'notRead' in read ? (read.notRead as readonly Issue[]) : [];
		const notRead = issues.map((issue) => ({ code: issue.code, path: issue.path, message: wordIssue(issue, 'mm') }));
		return json({ motif, notRead }, { status: 201 });
	});
};
