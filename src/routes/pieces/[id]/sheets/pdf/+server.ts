import { read } from '$app/server';
import { planProject } from '$core/plan';
import { describeMeasuredPages, describeSheets, writePdf } from '$core/sheets';
import { findPiece } from '$lib/server/services/pieces';
import { database } from '$lib/server/workshop';
import bold from '@fontsource/source-sans-3/files/source-sans-3-latin-600-normal.woff';
import regular from '@fontsource/source-sans-3/files/source-sans-3-latin-400-normal.woff';
import { error } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

/** The placement sheet as PDF, or with `?of=drawing` the measured drawing; `?paper=a4` or `letter`. */
export const GET: RequestHandler = async ({ params, url }) => {
	const piece = await findPiece(await database(), params.id);
	if (!piece) error(404, 'This piece is no longer in the workshop.');
	const project = piece.document;
	const paper = url.searchParams.get('paper') === 'letter' ? 'letter' : url.searchParams.get('paper') === 'a4' ? 'a4' : project.paper;
	const plan = planProject(project);
	const drawing = url.searchParams.get('of') === 'drawing';
	const pages = drawing ? describeMeasuredPages(project, plan, paper) : describeSheets(project, plan, paper);
	const name = drawing ? 'measured-drawing' : 'placement-sheet';
	if (pages.length === 0) error(409, plan.errors[0]?.message ?? 'There is nothing to print yet.');
	const fonts = await Promise.all([regular, bold].map(async (asset) => new Uint8Array(await read(asset).arrayBuffer())));
	const pdf = await writePdf(pages, { regular: fonts[0]!, bold: fonts[1]! }, `${project.piece.name}: ${name.replace('-', ' ')}`);
	return new Response(new Uint8Array(pdf), {
		headers: { 'content-type': 'application/pdf', 'content-disposition': `inline; filename="${name}.pdf"` }
	});
};
