import { describe, expect, it } from 'vitest';
import { shapeEllipse } from '../geometry';
import { areaOfHoles, boxOutline, holesIn, type Box, type MeasuredFace, type Part } from './index';

const part = (id: string, box: Box, role: Part['role'] = 'drawer'): Part => ({
	...box,
	id,
	name: id,
	role,
	face: 'front',
	on: null,
	setOff: 0,
	outline: boxOutline(box.width, box.height),
	estimated: false,
	hardware: [],
	filled: []
});
const at = (x: number, y: number, width: number, height: number): Box => ({ x, y, width, height });
const gap = (...boxes: Box[]) =>
	({ id: 'g', at: 'chain', mm: 4, ends: [4, 4], between: ['a', 'b'], boxes, estimated: false }) as MeasuredFace['gaps'][0];

describe('holes in a part', () => {
	const own = part('own', at(100, 50, 200, 80));
	it.each<[string, Box, Box | null]>([
		['within it, from its own edges', at(120, 60, 30, 20), at(20, 10, 30, 20)],
		['along its left and its top edge', at(100, 50, 10, 80), at(0, 0, 10, 80)],
		['along its right and its bottom edge', at(290, 120, 10, 10), at(190, 70, 10, 10)],
		['beside it at the left', at(90, 60, 30, 20), null],
		['above it', at(120, 40, 30, 20), null],
		['over its right edge', at(280, 60, 30, 20), null],
		['over its bottom edge', at(120, 120, 30, 20), null],
		['of no width', at(120, 60, 0, 20), null]
	])('%s', (_, box, hole) => {
		const expected = hole ? [hole] : [];
		expect(holesIn(own, { gaps: [gap(box)], parts: [] })).toEqual(expected);
		expect(holesIn(own, { gaps: [], parts: [part('o', box, 'open')] })).toEqual(expected);
	});

	it('are gaps and openings, not drawers, nor the part itself', () => {
		const open = part('own', at(100, 50, 200, 80), 'open');
		expect(holesIn(open, { gaps: [], parts: [open, part('d', at(120, 60, 30, 20))] })).toEqual([]);
	});
});

describe('the area of holes', () => {
	const box = boxOutline(300, 200);
	it.each<[string, Box[], number]>([
		['none', [], 0],
		['two side by side', [at(10, 10, 20, 30), at(30, 10, 5, 30)], 600 + 150],
		['two one under the other', [at(70, 10, 20, 30), at(70, 45, 20, 7)], 600 + 140],
		['two that cross, counted once', [at(10, 90, 100, 10), at(50, 20, 10, 150)], 1000 + 1500 - 100]
	])('%s', (_, holes, area) => expect(areaOfHoles(box, holes)).toBeCloseTo(area, 3));

	it('on a round top ends at its edge', () => {
		const round = shapeEllipse(200, 200);
		if (!round.ok) throw new Error('no round');
		expect(areaOfHoles(round.outline, [at(0, 0, 100, 100)])).toBeCloseTo((Math.PI * 100 ** 2) / 4, 0);
		expect(areaOfHoles(round.outline, [at(90, 90, 20, 5)])).toBeCloseTo(100, 3);
	});
});
