import {
	appendBezierCurve,
	closePath,
	concatTransformationMatrix,
	fill,
	fillAndStroke,
	fillEvenOdd,
	PDFOperatorNames,
	lineTo,
	moveTo,
	PDFDocument,
	popGraphicsState,
	pushGraphicsState,
	rgb,
	setDashPattern,
	setFillingColor,
	setLineWidth,
	setStrokingColor,
	stroke,
	type PDFFont,
	PDFOperator,
	type PDFPage
} from '@cantoo/pdf-lib';
import fontkit from '@cantoo/fontkit';
import { INKS, type Page, type PageItem, type SheetFonts } from './page';

const POINTS_PER_MM = 72 / 25.4;
/** How far a circle's control points stand off, as a share of its radius. */
const ARC = 0.5522847498;
/** The library has no word for this one. */
const fillEvenOddAndStroke = () => PDFOperator.of(PDFOperatorNames.FillEvenOddAndStroke);

/** As `writePdf`, which fetches it when it is asked for. */
export async function drawPdf(pages: readonly Page[], fonts: SheetFonts, title: string): Promise<Uint8Array> {
	const pdf = await PDFDocument.create();
	pdf.registerFontkit(fontkit as never);
	pdf.setTitle(title);
	const type = { regular: await pdf.embedFont(fonts.regular, { subset: true }), bold: await pdf.embedFont(fonts.bold, { subset: true }) };
	for (const page of pages) {
		const sheet = pdf.addPage([page.width * POINTS_PER_MM, page.height * POINTS_PER_MM]);
		for (const item of page.items) {
			if (item.kind === 'text') writeText(sheet, item, page.height, type);
			else sheet.pushOperators(...drawItem(item, page.height));
		}
	}
	return pdf.save();
}

type Drawn = Exclude<PageItem, { kind: 'text' }>;

/** Paths are written in mm under one matrix that turns them into points, y up. */
function drawItem(item: Drawn, height: number): PDFOperator[] {
	const filled = 'fill' in item && item.fill ? item.fill : null;
	return [
		pushGraphicsState(),
		concatTransformationMatrix(POINTS_PER_MM, 0, 0, -POINTS_PER_MM, 0, height * POINTS_PER_MM),
		setLineWidth(item.weight),
		setStrokingColor(colourOf(INKS[item.ink])),
		...(filled ? [setFillingColor(colourOf(filled))] : []),
		...(item.kind === 'line' && item.dashed ? [setDashPattern([1.2, 1], 0)] : []),
		...outline(item),
		paintOf(item, filled !== null),
		popGraphicsState()
	];
}

/** As the screen does: what lies in a ring within a ring is left out, but where the item says that its rings are no holes. */
function paintOf(item: Drawn, isFilled: boolean): PDFOperator {
	if (!isFilled) return stroke();
	const isEvenOdd = item.kind === 'rings' && item.rule !== 'nonzero';
	if (item.weight > 0) return isEvenOdd ? fillEvenOddAndStroke() : fillAndStroke();
	return isEvenOdd ? fillEvenOdd() : fill();
}

function outline(item: Drawn): PDFOperator[] {
	switch (item.kind) {
		case 'line':
			return [moveTo(item.x1, item.y1), lineTo(item.x2, item.y2)];
		case 'rect':
			return ringOf([item.x, item.y, item.x + item.width, item.y, item.x + item.width, item.y + item.height, item.x, item.y + item.height]);
		case 'rings':
			return item.rings.flatMap(ringOf);
		case 'circle': {
			const { x, y, radius: r } = item;
			const k = r * ARC;
			return [
				moveTo(x + r, y),
				appendBezierCurve(x + r, y + k, x + k, y + r, x, y + r),
				appendBezierCurve(x - k, y + r, x - r, y + k, x - r, y),
				appendBezierCurve(x - r, y - k, x - k, y - r, x, y - r),
				appendBezierCurve(x + k, y - r, x + r, y - k, x + r, y),
				closePath()
			];
		}
	}
}

function ringOf(ring: readonly number[]): PDFOperator[] {
	const operators = [moveTo(ring[0]!, ring[1]!)];
	for (let i = 2; i < ring.length; i += 2) operators.push(lineTo(ring[i]!, ring[i + 1]!));
	return [...operators, closePath()];
}

function writeText(
	sheet: PDFPage,
	item: Extract<PageItem, { kind: 'text' }>,
	height: number,
	type: { regular: PDFFont; bold: PDFFont }
): void {
	const font = item.bold ? type.bold : type.regular;
	const size = item.size * POINTS_PER_MM;
	const text = withKnownLetters(item.text, font);
	const shift = font.widthOfTextAtSize(text, size) * (item.anchor === 'middle' ? -0.5 : item.anchor === 'end' ? -1 : 0);
	const turn = ((item.turn ?? 0) * Math.PI) / 180;
	sheet.drawText(text, {
		x: item.x * POINTS_PER_MM + shift * Math.cos(turn),
		y: (height - item.y) * POINTS_PER_MM + shift * Math.sin(turn),
		size,
		font,
		color: colourOf(INKS[item.ink]),
		rotate: { type: 'degrees', angle: item.turn ?? 0 } as never
	});
}

/** A letter that the font does not have would be lost without a word: it is shown as a question mark. */
function withKnownLetters(text: string, font: PDFFont): string {
	const known = new Set(font.getCharacterSet());
	return [...text].map((letter) => (known.has(letter.codePointAt(0)!) ? letter : '?')).join('');
}

function colourOf(hex: string) {
	const [r, g, b] = [1, 3, 5].map((at) => Number.parseInt(hex.slice(at, at + 2), 16) / 255) as [number, number, number];
	return rgb(r, g, b);
}
