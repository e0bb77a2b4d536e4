export { describeSheets } from './describeSheets';
export { INKS, PAGE_MARGIN, PAPERS, type Ink, type Page, type PageItem } from './page';
export { writePdf, type SheetFonts } from './writePdf';
export { describeMeasured, DRAWING_LAYERS, type MeasuredDrawing } from './drawing/describeMeasured';
export { describeMeasuredPages } from './drawing/describeMeasuredPages';
export { writeDrawingDxf } from './drawing/writeDrawingDxf';
export { writeDrawingSvg } from './drawing/writeDrawingSvg';
