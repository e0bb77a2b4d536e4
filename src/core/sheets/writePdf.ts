import type { Page, SheetFonts } from './page';

/** Writes pages to a PDF at true size. The writer is large, and comes when it is first asked for. */
export async function writePdf(pages: readonly Page[], fonts: SheetFonts, title: string): Promise<Uint8Array> {
	const { drawPdf } = await import('./drawPdf');
	return drawPdf(pages, fonts, title);
}
