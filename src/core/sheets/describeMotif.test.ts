import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import type { Motif } from '../layout';
import { describeMotif } from './describeMotif';
import type { Project } from '../project';

const project = JSON.parse(readFileSync('tests/fixtures/reed-chest.json', 'utf8')) as Project;
/** 100 mm square. */
const square: Motif = {
	id: 'square',
	name: 'Square',
	width: 100,
	height: 100,
	paths: [{ d: 'M0 0H100V100H0Z', rule: 'nonzero' }]
} as Motif;
const inUnits = (units: Project['units']): Project => ({ ...project, units });

describe('a motif at true size', () => {
	it.each(['a4', 'letter'] as const)('on %s lies on as many pages as it needs, whole: their open parts add up to it', (paper) => {
		for (const scale of [0.05, 1, 3, 7, 14]) {
			const pages = describeMotif(project, square, scale, paper);
			expect(pages.length > 1).toBe(scale >= 3);
			expect(pages.length).toBeLessThanOrEqual(60);
			/** Tiles overlap, so there is no less than all of it. */
			const area = pages
				.flatMap(({ items }) => items)
				.flatMap((item) => (item.kind === 'rings' && item.name === 'motif' ? item.rings : []))
				.reduce((sum, ring) => sum + areaOf(ring), 0);
			expect(area).toBeGreaterThanOrEqual((100 * scale) ** 2 - 1);
		}
	});

	it.each(['mm', 'in'] as const)('that would cover more than sixty is one page that says its size (%s) and where to have it', (units) => {
		for (const scale of [20, 400]) {
			const pages = describeMotif(inUnits(units), square, scale, 'a4');
			expect(pages).toHaveLength(1);
			const words = pages[0]!.items.flatMap((item) => (item.kind === 'text' ? item.text : []));
			expect(words.join(' ')).toContain('file for a cutter');
			const size = { mm: { 20: '2000 mm', 400: '40000 mm' }, in: { 20: '78 3/4 in', 400: '1574 13/16 in' } }[units][scale as 20];
			expect(words.join(' ')).toContain(`${size} wide, ${size} high`);
			/** It says what it is called, and every line stands below the one before. */
			expect(words[0]).toBe('Square');
			const heights = pages[0]!.items.flatMap((item) => (item.kind === 'text' ? item.y : []));
			expect(heights).toEqual([...heights].sort((a, b) => a - b));
			expect(new Set(heights).size).toBe(heights.length);
		}
	});
});

it.each([4, 6])('each tile of a motif at %i is cut where another follows, and has the edge of the motif where none does', (scale) => {
	const pages = describeMotif(project, square, scale, 'a4');
	const keys = pages[0]!.items.filter((item) => item.kind === 'rect' && item.weight === 0.15) as { x: number; y: number }[];
	const [across, down] = [new Set(keys.map(({ x }) => x.toFixed(3))).size, new Set(keys.map(({ y }) => y.toFixed(3))).size];
	expect([across > 1, down > 1, across * down]).toEqual([true, true, pages.length]);
	pages.forEach(({ items }, i) => {
		const [column, row] = [i % across, Math.floor(i / across)];
		const lines = items.flatMap((item) => (item.kind === 'line' ? [item] : []));
		const upright = ({ x1, x2 }: (typeof lines)[0]) => x1 === x2;
		const cuts = lines.filter(({ dashed, ink }) => dashed && ink === 'ink');
		const before = (at: number, of: number) => (at > 0 ? 1 : 0) + (at < of - 1 ? 1 : 0);
		expect([cuts.filter(upright).length, cuts.filter((line) => !upright(line)).length]).toEqual([
			before(column, across),
			before(row, down)
		]);
		const frame = lines.filter(({ dashed, ink, weight }) => !dashed && ink === 'ember' && weight === 0.12);
		expect([frame.filter(upright).length, frame.filter((line) => !upright(line)).length]).toEqual([
			2 - before(column, across),
			2 - before(row, down)
		]);
	});
});

describe.each(['a4', 'letter'] as const)('what the printer is checked by, on %s', (paper) => {
	it.each([
		['mm', 0.5, 1],
		['mm', 1.524, 1],
		['in', 1.524, 1],
		['in', 1.75, 1],
		['mm', 2.4, 2],
		['in', 2.4, 2]
	] as const)('in %s beside a motif at %f: it is as long as it says, off the motif, on %i page(s)', (units, scale, count) => {
		const pages = describeMotif(inUnits(units), square, scale, paper);
		expect(pages).toHaveLength(count);
		const side = units === 'in' ? 101.6 : 100;
		for (const { items, width, height } of pages) {
			const box = items.find((item) => item.kind === 'rect' && item.name === 'check-square');
			const lines = items.flatMap((item) => (item.kind === 'line' && item.name === 'check-line' ? [item] : []));
			const motif = items.flatMap((item) => (item.kind === 'rings' && item.name === 'motif' ? item.rings.flat() : []));
			const [right, bottom] = [0, 1].map((axis) => Math.max(...motif.filter((_, i) => i % 2 === axis))) as [number, number];
			if (box?.kind === 'rect') {
				expect([box.width, box.height, lines.length]).toEqual([side, side, 0]);
				expect(right < box.x || bottom < box.y).toBe(true);
			} else {
				expect(lines.map(({ x1, y1, x2, y2 }) => Math.hypot(x2 - x1, y2 - y1))).toEqual([expect.closeTo(side, 6), expect.closeTo(side, 6)]);
				const [level, upright] = lines as [(typeof lines)[0], (typeof lines)[0]];
				expect([level.y1 - level.y2, upright.x1 - upright.x2]).toEqual([0, 0]);
				expect(right).toBeLessThan(upright.x1 - 3);
				expect(bottom).toBeLessThan(level.y1 - 6);
				expect(items.some((item) => item.kind === 'text' && item.text.includes(units === 'in' ? '4 in long' : '100 mm long'))).toBe(true);
			}
			expect(right <= width - 12 && bottom <= height - 12).toBe(true);
		}
		/** No tile is a strip: all are of one size. */
		const sizes = pages.map(({ items }) => {
			const xs = items
				.flatMap((item) => (item.kind === 'rings' && item.name === 'motif' ? item.rings.flat() : []))
				.filter((_, i) => i % 2 === 0);
			return Math.max(...xs) - Math.min(...xs);
		});
		for (const size of sizes) expect(size).toBeCloseTo(sizes[0]!, 6);
	});
});

function areaOf(ring: readonly number[]): number {
	let twice = 0;
	for (let i = 0, j = ring.length - 2; i < ring.length; j = i, i += 2) twice += ring[j]! * ring[i + 1]! - ring[i]! * ring[j + 1]!;
	return Math.abs(twice) / 2;
}
