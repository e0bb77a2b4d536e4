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
	])('finds %s', (_name, file, kind) => expect(simulateCut(file).faults.map((fault) => fault.kind)).toEqual([kind]));
});
