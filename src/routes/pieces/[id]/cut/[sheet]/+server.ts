import { inWords } from '$lib/server/answer';
import { findPiece } from '$lib/server/services/pieces';
import { database, pool } from '$lib/server/workshop';
import { error } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

const TYPES = { svg: 'image/svg+xml', dxf: 'image/vnd.dxf' } as const;

/** The sheet of one motif at true size for a cutter: `wave.svg?scale=0.9`, `wave.dxf`. */
export const GET: RequestHandler = async ({ params, url }) => {
	const [, id, format] = /^([a-z0-9-]+)\.(svg|dxf)$/.exec(params.sheet) ?? [];
	const piece = await findPiece(await database(), params.id);
	if (!piece) error(404, 'This piece is no longer in the workshop.');
	const motif = piece.document.layout.motifs.find((other) => other.id === id);
	const scale = Number(url.searchParams.get('scale') ?? 1);
	if (!motif || !(format === 'svg' || format === 'dxf'))
		error(404, 'There is no such motif on this piece, or no such kind of file: ask for the id of a motif with .svg or .dxf.');
	if (!(scale >= 0.05 && scale <= 20)) error(400, 'The scale should be between 0.05 and 20.');
	return inWords(async () => {
		const file = await pool().run('cutFile', { motif, scale, format });
		const headers = { 'content-type': TYPES[format], 'content-disposition': `attachment; filename="${id}-cut.${format}"` };
		return new Response(file, { headers });
	});
};
