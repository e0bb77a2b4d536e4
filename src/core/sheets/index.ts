export { describeSheets } from './describeSheets';
export { INKS, PAGE_MARGIN, PAPERS, type Ink, type Page, type PageItem } from './page';
export { writePdf, type SheetFonts } from './writePdf';
