import { describe, expect, it } from 'vitest';
import type { Motif } from '../../layout';
import { readMotifSvg } from '../../formats';
import { measureMotif } from '../../layout';
import { describeCut, simulateCut, writeCutDxf, writeCutSvg } from '../index';

const square: Motif = { id: 'square', name: 'Square & <co>', width: 40, height: 30, paths: [{ d: 'M10 5h20v20h-20z', rule: 'nonzero' }] };
const sheet = { border: 15, across: 3, down: 2, thickness: 0.2 };

describe('a cut file', () => {
	it('has every repeat of its sheet at true size, with a border, and crosses on corners and middles', () => {
		const cut = describeCut({ ...square, sheet }, 2);
		expect([cut.width, cut.height]).toEqual([3 * 80 + 30, 2 * 60 + 30]);
		expect(cut.cuts).toHaveLength(6);
		expect(
			cut.cuts.map((ring) => [Math.min(...ring.filter((_, i) => i % 2 === 0)), Math.min(...ring.filter((_, i) => i % 2 === 1))])
		).toEqual([
			[35, 25],
			[115, 25],
			[195, 25],
			[35, 85],
			[115, 85],
			[195, 85]
		]);
		expect(cut.register).toHaveLength(6 * 8 * 2);
		expect(cut.register.some(({ x1, x2, y1, y2 }) => (x1 + x2) / 2 === 15 && (y1 + y2) / 2 === 15)).toBe(true);
	});

	it('as SVG is read back by our own reader at the same size', () => {
		const svg = writeCutSvg(describeCut(square, 1.5));
		expect(svg).toContain('<title>Square &amp; &lt;co&gt; at 1.500</title>');
		const read = readMotifSvg(
			svg.replace('id="cut" fill="none" stroke="#c00000"', 'id="cut" fill="black"').replaceAll('stroke="#', 'stroke="none" data-x="#'),
			's'
		);
		expect(read.ok && [read.motif.width, read.motif.height, measureMotif(read.motif).openArea]).toEqual([
			60 + 50,
			45 + 50,
			expect.closeTo(900, 1)
		]);
	});

	it('as DXF has three layers in mm, y upwards', () => {
		const dxf = writeCutDxf(describeCut(square, 1))
			.split(/\r?\n/)
			.map((line) => line.trim());
		for (const layer of ['CUT', 'REGISTER', 'SHEET']) expect(dxf).toContain(layer);
		const at = dxf.indexOf('LWPOLYLINE');
		expect(dxf.slice(at, at + 60)).toContain('CUT');
		/** The top left corner of the opening: 35 from the left, 30 from the top of 80. */
		const points = dxf.slice(at, at + 60).join(' ');
		expect(points).toMatch(/10 35(\.0)? 20 50(\.0)?\b/);
	});
});

describe('the simulated cutter', () => {
	const ring = (wide: number): Motif => ({
		id: 'ring',
		name: 'Ring',
		width: 40,
		height: 40,
		paths: [{ d: `M5 5h30v30h-30z M${5 + wide} ${5 + wide}v${30 - 2 * wide}h${30 - 2 * wide}v${2 * wide - 30}z`, rule: 'evenodd' }]
	});
	it.each([
		['a ring 0.25 mm wide is too thin, and one opening', ring(0.25), 1, ['too-small']],
		['a ring 1 mm wide can be cut', ring(1), 1, []],
		['two openings are two', { ...square, paths: [...square.paths, { d: 'M2 2h5v1h-5z', rule: 'nonzero' as const }] }, 2, []],
		[
			'one of them thinner than the blade',
			{ ...square, paths: [...square.paths, { d: 'M2 2h5v0.7h-5z', rule: 'nonzero' as const }] },
			2,
			['too-small']
		]
	])('%s', (_, motif, openings, faults) => {
		const report = simulateCut(writeCutSvg(describeCut(motif, 1)));
		expect([report.openings, report.faults.map(({ kind }) => kind)]).toEqual([openings, faults]);
		if (faults.length > 0) expect(report.faults[0]!.says).toMatch(/^1 opening is /);
	});

	it.each([0, 1, 15])('crosses stay on a sheet with a border of %i mm', (border) => {
		const cut = describeCut({ ...square, sheet: { ...sheet, border } }, 1);
		expect(simulateCut(writeCutSvg(cut)).faults).toEqual([]);
		expect(
			cut.register.every(
				({ x1, x2, y1, y2 }) => Math.min(x1, x2, y1, y2) >= 0 && Math.max(x1, x2) <= cut.width && Math.max(y1, y2) <= cut.height
			)
		).toBe(true);
		const off = writeCutSvg({ ...cut, register: [{ x1: -2, y1: 5, x2: 2, y2: 5 }] });
		expect(simulateCut(off).faults).toMatchObject([{ kind: 'outside', says: '1 line of the crosses reaches over the edge of the sheet.' }]);
	});

	it('tells length, openings and minutes', () => {
		const cut = describeCut(square, 1);
		const [x, y] = cut.cuts[0]! as unknown as [number, number];
		const report = simulateCut(writeCutSvg(cut));
		expect(report).toMatchObject({ length: 80, openings: 1, faults: [] });
		/** 80 mm at 25 a second, four corners, and the way there. */
		expect(report.minutes * 60).toBeCloseTo(80 / 25 + 4 * 0.012 + Math.hypot(x, y) / 80, 1);
	});

	it.each<[string, string, string]>([
		[
			'an opening thinner than the blade',
			writeCutSvg(describeCut({ ...square, paths: [{ d: 'M10 5h20v0.5h-20z', rule: 'nonzero' }] }, 1)),
			'too-small'
		],
		['one that reaches over the edge', writeCutSvg({ ...describeCut(square, 1), width: 40 }), 'outside'],
		['a drawing without a group to cut', '<svg xmlns="http://www.w3.org/2000/svg" width="10mm" height="10mm"/>', 'unreadable'],
		['no drawing', 'G0 X10', 'unreadable']
	])('finds %s', (_name, file, kind) => expect(new Set(simulateCut(file).faults.map((fault) => fault.kind))).toEqual(new Set([kind])));
});
