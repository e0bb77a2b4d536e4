import { answerOrRefuse, refuseFaults } from '$lib/server/answer';
import { findDocument } from '$lib/server/services/pieces';
import { database, pool } from '$lib/server/workshop';
import { error } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

const TYPES = { svg: 'image/svg+xml', dxf: 'image/vnd.dxf' } as const;

/** The sheet of one motif at true size for a cutter: `wave.svg?scale=0.9`, `wave.dxf`. */
export const GET: RequestHandler = async ({ params, url }) => {
	const [, motif, format] = /^([a-z0-9-]+)\.(svg|dxf)$/.exec(params.sheet) ?? [];
	const piece = await findDocument(await database(), params.id);
	if (!piece) error(404, 'This piece is no longer in the workshop.');
	const scale = Number(url.searchParams.get('scale') ?? 1);
	const NONE = 'There is no such motif on this piece, or no such kind of file: ask for the id of a motif with .svg or .dxf.';
	if (!motif || !(format === 'svg' || format === 'dxf')) error(404, NONE);
	if (!(scale >= 0.05 && scale <= 20)) error(400, 'The scale should be between 0.05 and 20.');
	return answerOrRefuse(async () => {
		const cut = await pool().run('cutFile', { document: piece.document, motif, scale, format });
		if (!cut.ok) return refuseFaults(cut.faults);
		if (cut.made === null) error(404, NONE);
		const headers = { 'content-type': TYPES[format], 'content-disposition': `attachment; filename="${motif}-cut.${format}"` };
		return new Response(cut.made, { headers });
	});
};
