import { wordIssue } from '$core/formats';
import { listPieces } from '$lib/server/services/pieces';
import { database } from '$lib/server/workshop';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async () => {
	const stored = await listPieces(await database());
	return {
		pieces: stored.map((piece) =>
			piece.kind === 'sound'
				? { kind: piece.kind, id: piece.id, document: piece.document }
				: {
						kind: piece.kind,
						id: piece.id,
						name: piece.name,
						faults: piece.issues.map(({ code, path, values }) => ({ path, message: wordIssue({ code, path, values: values ?? {} }, 'mm') }))
					}
		)
	};
};
