import { inWords } from '$lib/server/answer';
import { findPiece } from '$lib/server/services/pieces';
import { database, pool } from '$lib/server/workshop';
import { error } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

const TYPES = { svg: 'image/svg+xml', dxf: 'image/vnd.dxf' } as const;

/** The measured drawing of one face at true size: `front.svg`, `front.dxf`. */
export const GET: RequestHandler = async ({ params }) => {
	const [, face, format] = /^([a-z0-9-]+)\.(svg|dxf)$/.exec(params.face) ?? [];
	const piece = await findPiece(await database(), params.id);
	if (!piece) error(404, 'This piece is no longer in the workshop.');
	const NONE = 'There is no such face, or no such kind of drawing: ask for the id of a face with .svg or .dxf.';
	if (!face || !(format === 'svg' || format === 'dxf')) error(404, NONE);
	return inWords(async () => {
		const drawing = await pool().run('drawing', { project: piece.document, face, format });
		if (drawing === null) error(404, NONE);
		const headers = { 'content-type': TYPES[format], 'content-disposition': `attachment; filename="${face}-measured.${format}"` };
		return new Response(drawing, { headers });
	});
};
