import { PDFDocument, type PDFPage, type PDFRawStream, decodePDFRawStream, PDFArray } from '@cantoo/pdf-lib';
import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { type Project } from '../project';
import { readProjectText } from '../formats';
import type { Run } from '../layout';
import { planProject } from '../plan';
import { describeSheets, PAPERS, writePdf, type Page } from './index';

const read = readProjectText(readFileSync('tests/fixtures/reed-chest.json', 'utf8'));
if (!read.ok) throw new Error(JSON.stringify(read.issues));
const demo = read.project;
const font = (weight: number) =>
	new Uint8Array(readFileSync(`node_modules/@fontsource/source-sans-3/files/source-sans-3-latin-${weight}-normal.woff`));
const fonts = { regular: font(400), bold: font(600) };
const sheetsOf = (project: Project, paper: 'a4' | 'letter' = 'a4') => describeSheets(project, planProject(project), paper);

/** What is drawn on a page of a PDF, in its own language. */
function streamOf(page: PDFPage): string {
	const contents = page.node.Contents();
	const streams = contents instanceof PDFArray ? contents.asArray().map((ref) => page.doc.context.lookup(ref)) : [contents];
	return streams.map((stream) => new TextDecoder('latin1').decode(decodePDFRawStream(stream as PDFRawStream).decode())).join('\n');
}

/** Every closed four-cornered path of each page of a PDF, as the PDF has it: mm from the top left of the sheet. */
async function boxesInPdf(bytes: Uint8Array) {
	const pdf = await PDFDocument.load(bytes);
	return pdf.getPages().map((page) => {
		const text = streamOf(page);
		const { width, height } = page.getSize();
		const toMm = 25.4 / 72;
		const boxes: { x: number; y: number; width: number; height: number }[] = [];
		for (const block of text.split(/(?<=\bQ)\s/)) {
			const matrix = /([-\d.]+) ([-\d.]+) ([-\d.]+) ([-\d.]+) ([-\d.]+) ([-\d.]+) cm/.exec(block)?.slice(1).map(Number);
			const points = [...block.matchAll(/([-\d.]+) ([-\d.]+) [ml]\b/g)].map(([, x, y]) => [Number(x), Number(y)] as const);
			if (!matrix || points.length !== 4 || !/\bh\b/.test(block)) continue;
			const placed = points.map(
				([x, y]) => [(matrix[0]! * x + matrix[4]!) * toMm, (height - (matrix[3]! * y + matrix[5]!)) * toMm] as const
			);
			const [xs, ys] = [placed.map(([x]) => x), placed.map(([, y]) => y)];
			boxes.push({
				x: Math.min(...xs),
				y: Math.min(...ys),
				width: Math.max(...xs) - Math.min(...xs),
				height: Math.max(...ys) - Math.min(...ys)
			});
		}
		return { width: width * toMm, height: height * toMm, boxes };
	});
}

describe.each(['a4', 'letter'] as const)('the placement sheet on %s', (paper) => {
	it.each(['mm', 'in'] as const)('is true to 0.1 mm in the PDF itself (%s)', async (units) => {
		const project: Project = { ...demo, units, piece: { ...demo.piece, faces: [withUnits(demo.piece.faces[0]!)], seams: [] } };
		const pages = sheetsOf(project, paper);
		const pdf = await boxesInPdf(await writePdf(pages, fonts, 'Sheet'));
		expect(pdf).toHaveLength(pages.length);
		const motifPage = pdf[pages.findIndex(({ title }) => title.startsWith('Reed'))]!;
		expect(motifPage.width).toBeCloseTo(PAPERS[paper].width, 1);
		expect(motifPage.height).toBeCloseTo(PAPERS[paper].height, 1);
		const side = units === 'in' ? 101.6 : 100;
		expect(motifPage.boxes.some((box) => near(box.width, side) && near(box.height, side))).toBe(true);
		const scale = planProject(project).items[0]!.scale;
		expect(motifPage.boxes.some((box) => near(box.width, 64 * scale) && near(box.height, 120 * scale))).toBe(true);
	});

	it('has a page for each front, with every placement in the order of placing and every item on the page', () => {
		const pages = sheetsOf(demo, paper);
		expect(pages.map((page) => page.title)).toEqual([
			'Drawer 1',
			'Drawer 2',
			'Drawer 3',
			'Drawer 4',
			'Reed at 0.95',
			'The order of the coats',
			'The order of the coats, page 2',
			'To buy and lay out'
		]);
		const placements = planProject(demo)
			.items.filter(({ part }) => part === 'drawer-2')
			.sort((a, b) => a.order - b.order);
		const texts = pages[1]!.items.flatMap((item) => (item.kind === 'text' ? [item.text] : []));
		for (const placement of placements) expect(texts).toContain(placement.tape.left);
		expect(placements[0]!.centre.x).toBeCloseTo(408, 6);
		for (const page of pages)
			for (const [x, y] of cornersOf(page)) expect(x >= 0 && y >= 0 && x <= page.width && y <= page.height).toBe(true);
	});
});

it('tiles a motif that is larger than the page, and goes on to a second page of figures', () => {
	const run = {
		...(demo.layout.arrangements[0] as Run),
		parts: ['drawer-4'],
		ends: 'whole' as const,
		hardware: 'over' as const,
		scale: { least: 0.1, most: 0.3, wish: 0.2 },
		gap: { least: 0, most: 2, wish: 1 },
		motif: 'wide'
	};
	const wide = { ...demo.layout.motifs[0]!, id: 'wide', name: 'Wide', width: 64, height: 120 };
	const many = sheetsOf({ ...demo, layout: { ...demo.layout, motifs: [wide], arrangements: [run] } });
	/** In one row they are told by running figures; where each was put by hand, each has its row of the table. */
	expect(many.filter((page) => page.title.startsWith('Drawer 4')).length).toBe(1);
	const laid = planProject({ ...demo, layout: { ...demo.layout, motifs: [wide], arrangements: [run] } }).items;
	expect(laid.length).toBeGreaterThan(40);
	const moved = laid.map(({ part, place, centre }) => ({ part, place, x: centre.x + 0.4, y: centre.y }));
	const apart = sheetsOf({ ...demo, layout: { ...demo.layout, motifs: [wide], arrangements: [{ ...run, moved }] } });
	expect(apart.filter((page) => page.title.startsWith('Drawer 4')).length).toBeGreaterThan(1);
	const big = { ...wide, width: 640, height: 120, paths: [{ d: 'M0 0H640V120H0Z', rule: 'nonzero' as const }] };
	const one = { ...run, scale: { least: 1, most: 1, wish: 1 }, ends: 'free' as const, gap: { least: 0, most: 2, wish: 1 } };
	const tiled = sheetsOf({ ...demo, layout: { ...demo.layout, motifs: [big], arrangements: [one] } }).filter((page) =>
		page.title.startsWith('Wide')
	);
	expect(tiled).toHaveLength(3);
});

it('leaves out in the PDF what lies in a ring within a ring, as on the screen, but where rings are no holes', async () => {
	const rings = [
		[20, 20, 60, 20, 60, 60, 20, 60],
		[30, 30, 50, 30, 50, 50, 30, 50]
	];
	const item = { kind: 'rings', rings, fill: '#ffffff', weight: 0, ink: 'ink' } as const;
	const page = (items: Page['items']): Page => ({ width: 210, height: 297, title: '', items });
	const pdf = await writePdf([page([item]), page([{ ...item, rule: 'nonzero' }]), page([{ ...item, weight: 0.2 }])], fonts, '');
	const marks = (await PDFDocument.load(pdf)).getPages().map((one) => streamOf(one).match(/(^|\n)(f\*?|B\*?)(?=\n)/)?.[2]);
	expect(marks).toEqual(['f*', 'f', 'B*']);
});

it('prints nothing while the plan has errors', () => {
	const chain = demo.piece.faces[0]!.chain.map((entry) => (entry.id === 'drawer-1' ? { ...entry, reading: '157' } : entry));
	expect(sheetsOf({ ...demo, piece: { ...demo.piece, faces: [{ ...demo.piece.faces[0]!, chain }] } })).toEqual([]);
});

function near(a: number, b: number): boolean {
	return Math.abs(a - b) <= 0.1;
}

/** The same readings, said to be in mm, for a painter who works in inches. */
function withUnits(face: Project['piece']['faces'][0]): Project['piece']['faces'][0] {
	const mm = (value: number | string) => (typeof value === 'string' ? `${value} mm` : value);
	return {
		...face,
		width: mm(face.width),
		height: mm(face.height),
		stile: mm(face.stile),
		sideGap: mm(face.sideGap),
		chain: face.chain.map((entry) => ({ ...entry, reading: mm(entry.reading) })),
		diagonals: { falling: '', rising: '' },
		hardware: { ...face.hardware, hole: 5, diameter: 32 } as never
	};
}

function cornersOf(page: Page): [number, number][] {
	return page.items.flatMap((item): [number, number][] => {
		if (item.kind === 'rect')
			return [
				[item.x, item.y],
				[item.x + item.width, item.y + item.height]
			];
		if (item.kind === 'line')
			return [
				[item.x1, item.y1],
				[item.x2, item.y2]
			];
		if (item.kind === 'rings')
			return item.rings.flatMap(
				(ring) => [[Math.min(...ring.filter((_, i) => i % 2 === 0)), Math.max(...ring.filter((_, i) => i % 2 === 1))]] as [number, number][]
			);
		return [[item.x, item.y]];
	});
}
