import { planProject } from '$core/plan';
import { describeMeasured, writeDrawingDxf, writeDrawingSvg } from '$core/sheets';
import { findPiece } from '$lib/server/services/pieces';
import { database } from '$lib/server/workshop';
import { error } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

/** Figures stand out on a drawing at true size, mm. */
const FIGURES_SHARE = 1 / 60;

const WRITERS = {
	svg: { write: writeDrawingSvg, type: 'image/svg+xml' },
	dxf: { write: writeDrawingDxf, type: 'image/vnd.dxf' }
} as const;

/** The measured drawing of one face at true size: `front.svg`, `front.dxf`. */
export const GET: RequestHandler = async ({ params }) => {
	const [, id, format] = /^(.+)\.(svg|dxf)$/.exec(params.face) ?? [];
	const piece = await findPiece(await database(), params.id);
	if (!piece) error(404, 'This piece is no longer in the workshop.');
	const face = planProject(piece.document).faces.find((other) => other.id === id);
	if (!face || !format) error(404, 'There is no such face, or no such kind of drawing: ask for the id of a face with .svg or .dxf.');
	const { write, type } = WRITERS[format as keyof typeof WRITERS];
	const drawing = describeMeasured(face, piece.document.units, Math.max(3, Math.max(face.width, face.height) * FIGURES_SHARE));
	return new Response(write(drawing), {
		headers: { 'content-type': type, 'content-disposition': `attachment; filename="${id}-measured.${format}"` }
	});
};
