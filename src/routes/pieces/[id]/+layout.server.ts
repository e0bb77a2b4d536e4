import { wordIssue } from '$core/formats';
import { listMotifs } from '$lib/server/services/motifs';
import { LEAVING, readLeaving } from '$lib/leaving';
import { findDocumentAfter, findSteps } from '$lib/server/services/pieces';
import { JobStopped } from '$lib/server/pool';
import { database, pool } from '$lib/server/workshop';
import { error } from '@sveltejs/kit';
import type { LayoutServerLoad } from './$types';

export const load: LayoutServerLoad = async ({ params, cookies }) => {
	const db = await database();
	const stored = await findDocumentAfter(db, params.id, readLeaving(cookies.get(LEAVING), params.id));
	if (!stored) error(404, 'This piece is not in the workshop. It may have been taken out.');
	const read = await pool()
		.run('open', stored.document, { isQuick: true })
		.catch((fault: unknown) => {
			if (fault instanceof JobStopped) error(503, fault.message);
			throw fault;
		});
	if (!read.ok)
		error(
			422,
			`This piece is stored with a fault: ${read.issues.map((issue) => `${issue.path}: ${wordIssue(issue, 'mm')}`).join(' ')} Save its project file, put it right, and open that.`
		);
	const steps = (await findSteps(db, params.id))!;
	return { record: { id: params.id, version: stored.version, document: read.project, steps }, motifs: await listMotifs(db) };
};
