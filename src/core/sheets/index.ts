export { describeSheets, listPages, type PageSummary } from './describeSheets';
export { planFile, writePlan, type PlanAnswer } from './planFile';
export { INKS, PAGE_MARGIN, PAPERS, type Ink, type Page, type PageItem, type SheetFonts } from './page';
export { writePdf } from './writePdf';
export { describeMeasured, DRAWING_LAYERS, type MeasuredDrawing } from './drawing/describeMeasured';
export { describeMeasuredPages } from './drawing/describeMeasuredPages';
export { writeDrawingDxf } from './drawing/writeDrawingDxf';
export { writeDrawingSvg } from './drawing/writeDrawingSvg';
