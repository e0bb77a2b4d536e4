import { wordIssue } from '$core/formats';
import { listMotifs } from '$lib/server/services/motifs';
import { findPiece, findSteps, readStored } from '$lib/server/services/pieces';
import { database } from '$lib/server/workshop';
import { error } from '@sveltejs/kit';
import type { LayoutServerLoad } from './$types';

export const load: LayoutServerLoad = async ({ params }) => {
	const db = await database();
	const piece = await findPiece(db, params.id);
	if (!piece) error(404, 'This piece is not in the workshop. It may have been taken out.');
	const read = readStored(piece.document);
	if (!read.ok)
		error(
			422,
			`This piece is stored with a fault: ${read.issues.map((issue) => `${issue.path}: ${wordIssue(issue, 'mm')}`).join(' ')} Save its project file, put it right, and open that.`
		);
	const steps = (await findSteps(db, piece.id))!;
	return { record: { id: piece.id, version: piece.version, document: read.project, steps }, motifs: await listMotifs(db) };
};
