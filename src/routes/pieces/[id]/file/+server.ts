import { ProjectSchema } from '$core/project';
import { findPiece } from '$lib/server/services/pieces';
import { database } from '$lib/server/workshop';
import { error } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

/** The project file. Written in the order of the schema: the database does not keep the order of fields. One that is stored with a fault goes out as it is. */
export const GET: RequestHandler = async ({ params }) => {
	const piece = await findPiece(await database(), params.id);
	if (!piece) error(404, 'This piece is no longer in the workshop.');
	const parsed = ProjectSchema.safeParse(piece.document);
	const name = (parsed.success ? parsed.data.piece.name : '').replace(/[^\p{L}\p{N}]+/gu, '-').replace(/^-|-$/g, '') || 'piece';
	return new Response(`${JSON.stringify(parsed.success ? parsed.data : piece.document, null, '\t')}\n`, {
		headers: {
			'content-type': 'application/json',
			'content-disposition': `attachment; filename="piece.json"; filename*=UTF-8''${encodeURIComponent(name)}.json`
		}
	});
};
