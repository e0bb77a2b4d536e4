import { read } from '$app/server';
import { answerOrRefuse, refuseFaults, refuseWith } from '$lib/server/answer';
import { findDocument } from '$lib/server/services/pieces';
import { database, pool } from '$lib/server/workshop';
import bold from '@fontsource/source-sans-3/files/source-sans-3-latin-600-normal.woff';
import regular from '@fontsource/source-sans-3/files/source-sans-3-latin-400-normal.woff';
import { error } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

/** When the piece is planned its pages may take so much longer, ms. */
const PAGES = 8000;

/** The placement sheet as PDF, or with `?of=drawing` the measured drawing; `?paper=a4` or `letter`. */
export const GET: RequestHandler = async ({ params, url }) => {
	const piece = await findDocument(await database(), params.id);
	if (!piece) error(404, 'This piece is no longer in the workshop.');
	const askedPaper = url.searchParams.get('paper');
	const askedOf = url.searchParams.get('of');
	if (askedPaper !== null && askedPaper !== 'letter' && askedPaper !== 'a4')
		return refuseWith(400, 'sheet.paper', 'There is no such paper here: ask for paper=a4 or paper=letter, or leave it out.');
	if (askedOf !== null && askedOf !== 'drawing')
		return refuseWith(400, 'sheet.of', 'There is no such sheet: ask for of=drawing, or leave it out for the placement sheet.');
	const of = askedOf === 'drawing' ? 'measured-drawing' : 'placement-sheet';
	const [plain, strong] = await Promise.all([regular, bold].map(async (asset) => new Uint8Array(await read(asset).arrayBuffer())));
	return answerOrRefuse(async () => {
		const fonts = { regular: plain!, bold: strong! };
		const sheets = await pool().run('pdf', { document: piece.document, of, paper: askedPaper, fonts }, { more: PAGES });
		if (!sheets.ok) return refuseFaults(sheets.faults);
		const { made } = sheets;
		if ('none' in made) error(409, made.none);
		const headers = { 'content-type': 'application/pdf', 'content-disposition': `inline; filename="${of}.pdf"` };
		return new Response(new Uint8Array(made.pdf), { headers });
	});
};
