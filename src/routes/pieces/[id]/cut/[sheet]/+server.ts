import { describeCut, writeCutDxf, writeCutSvg } from '$core/sheets';
import { findPiece } from '$lib/server/services/pieces';
import { database } from '$lib/server/workshop';
import { error } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

const WRITERS = {
	svg: { write: writeCutSvg, type: 'image/svg+xml' },
	dxf: { write: writeCutDxf, type: 'image/vnd.dxf' }
} as const;

/** The sheet of one motif at true size for a cutter: `wave.svg?scale=0.9`, `wave.dxf`. */
export const GET: RequestHandler = async ({ params, url }) => {
	const [, id, format] = /^(.+)\.(svg|dxf)$/.exec(params.sheet) ?? [];
	const piece = await findPiece(await database(), params.id);
	if (!piece) error(404, 'This piece is no longer in the workshop.');
	const motif = piece.document.layout.motifs.find((other) => other.id === id);
	const scale = Number(url.searchParams.get('scale') ?? 1);
	if (!motif || !format)
		error(404, 'There is no such motif on this piece, or no such kind of file: ask for the id of a motif with .svg or .dxf.');
	if (!(scale >= 0.05 && scale <= 20)) error(400, 'The scale should be between 0.05 and 20.');
	const { write, type } = WRITERS[format as keyof typeof WRITERS];
	return new Response(write(describeCut(motif, scale)), {
		headers: { 'content-type': type, 'content-disposition': `attachment; filename="${id}-cut.${format}"` }
	});
};
