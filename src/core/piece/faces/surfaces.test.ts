import { describe, expect, it } from 'vitest';
import { shapeEllipse } from '../../geometry';
import { readFileSync } from 'node:fs';
import {
	areaOfHoles,
	boxOutline,
	holesIn,
	measurePiece,
	surfacesNamed,
	surfacesWithin,
	type Box,
	type MeasuredFace,
	type Part
} from '../index';

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

describe('surfaces that words stand for', () => {
	const measured = (demo: string) => {
		const { piece, units } = JSON.parse(readFileSync(`demo/${demo}.json`, 'utf8'));
		return measurePiece(piece, units);
	};

	it('on a cabinet with doors, panels and a drawer', () => {
		const cabinet = measured('chart-cabinet');
		const roles = (word: Parameters<typeof surfacesNamed>[0]) => {
			const parts = cabinet.faces.flatMap((face) => face.parts);
			return surfacesNamed(word, cabinet).map((id) => parts.find((part) => part.id === id)?.role ?? 'face');
		};
		const count = (role: string) => cabinet.faces.flatMap((face) => face.parts).filter((part) => part.role === role).length;
		expect(roles('frame')).toEqual(cabinet.faces.filter(({ idle }) => !idle).map(() => 'face'));
		expect(roles('panels')).toEqual(['panel', 'moulding', 'panel', 'moulding']);
		expect(roles('doors').filter((role) => role === 'door')).toHaveLength(count('door'));
		expect(roles('drawers').filter((role) => role === 'drawer')).toHaveLength(count('drawer'));
		expect(new Set([...roles('doors'), ...roles('drawers')])).toEqual(new Set(roles('fronts')));
		expect(roles('all')).toContain('face');
		expect(roles('all')).toContain('panel');
	});

	it('what lies on a door is within it, and within its face', () => {
		const [front] = measured('chart-cabinet').faces;
		const panel = front!.parts.find(({ role, on }) => role === 'panel' && front!.parts.find(({ id }) => id === on)?.role === 'door')!;
		const door = front!.parts.find(({ id }) => id === panel.on)!;
		expect(surfacesWithin(door, front!).slice(0, 1)).toEqual([door.id]);
		expect(surfacesWithin(door, front!)).toContain(panel.id);
		expect(surfacesWithin(panel, front!).map((id) => front!.parts.find((part) => part.id === id)!.role)).toEqual(['panel', 'moulding']);
		expect(surfacesWithin(front!.whole, front!)[0]).toBe(front!.id);
	});
});
