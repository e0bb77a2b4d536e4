import { answerOrRefuse } from '$lib/server/answer';
import { findDocument } from '$lib/server/services/pieces';
import { database, pool } from '$lib/server/workshop';
import { error } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

/** The project file. */
export const GET: RequestHandler = async ({ params }) => {
	const piece = await findDocument(await database(), params.id);
	if (!piece) error(404, 'This piece is no longer in the workshop.');
	return answerOrRefuse(async () => {
		const file = await pool().run('file', piece.document, { isQuick: true });
		const name = file.name.replace(/[^\p{L}\p{N}]+/gu, '-').replace(/^-|-$/g, '') || 'piece';
		return new Response(file.text, {
			headers: {
				'content-type': 'application/json',
				'content-disposition': `attachment; filename="piece.json"; filename*=UTF-8''${encodeURIComponent(name)}.json`
			}
		});
	});
};
