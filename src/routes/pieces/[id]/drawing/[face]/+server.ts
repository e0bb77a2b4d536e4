import { answerOrRefuse, refuseFaults } from '$lib/server/answer';
import { findDocument } from '$lib/server/services/pieces';
import { database, pool } from '$lib/server/workshop';
import { error } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

const TYPES = { svg: 'image/svg+xml', dxf: 'image/vnd.dxf' } as const;

/** The measured drawing of one face at true size: `front.svg`, `front.dxf`. */
export const GET: RequestHandler = async ({ params }) => {
	const [, face, format] = /^([a-z0-9-]+)\.(svg|dxf)$/.exec(params.face) ?? [];
	const piece = await findDocument(await database(), params.id);
	if (!piece) error(404, 'This piece is no longer in the workshop.');
	const NONE = 'There is no such face, or no such kind of drawing: ask for the id of a face with .svg or .dxf.';
	if (!face || !(format === 'svg' || format === 'dxf')) error(404, NONE);
	return answerOrRefuse(async () => {
		const drawn = await pool().run('drawing', { document: piece.document, face, format });
		if (!drawn.ok) return refuseFaults(drawn.faults);
		if (drawn.made === null) error(404, NONE);
		const headers = { 'content-type': TYPES[format], 'content-disposition': `attachment; filename="${face}-measured.${format}"` };
		return new Response(drawn.made, { headers });
	});
};
