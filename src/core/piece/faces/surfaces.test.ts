import { describe, expect, it } from 'vitest';
import { newProject } from '../../project';
import { areaOfOutline, isInRings, isInsideOutline, shapeEllipse } from '../../geometry';
import { readFileSync } from 'node:fs';
import {
	areaOfHoles,
	boxOutline,
	holesIn,
	measurePiece,
	partAt,
	ringOfBox,
	ringOfCutout,
	STARTERS,
	surfaceOf,
	surfacesOfPiece,
	surfacesWithin,
	type Box,
	type MeasuredFace,
	type Part,
	type Piece
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

/** The sample pieces and every starting shape, and one with a door that is divided itself. */
const PIECES = [
	...['sail-loft-chest', 'chart-cabinet', 'ferry-table', 'net-box'].map((name): [string, Piece] => [
		name,
		JSON.parse(readFileSync(`demo/${name}.json`, 'utf8')).piece
	]),
	...STARTERS.map((starter): [string, Piece] => [
		starter.id,
		everyFaceRead(newProject({ name: 'Piece', units: 'mm', count: null, shape: starter.id }).piece)
	])
];

/** All that is not read of a starting shape, as it is mostly. */
function everyFaceRead(piece: Piece): Piece {
	const faces = piece.faces.map((face) => ({ ...face, width: face.typical.width, height: face.typical.height }));
	return { ...piece, faces };
}

describe.each(PIECES)('the surfaces of %s', (_name, piece) => {
	const measured = measurePiece(piece, 'mm');
	const surfaces = surfacesOfPiece(measured);
	const faces = measured.faces.filter(({ idle }) => !idle);

	it('sum to each face less its gaps and openings', () => {
		for (const face of faces) {
			const own = surfaces.filter((surface) => surface.face === face.id);
			const holes = areaOfHoles(face.outline, holesIn(face.whole, face));
			expect(own.reduce((sum, { area }) => sum + area, 0)).toBeCloseTo(areaOfOutline(face.outline) - holes, 0);
			expect(own.every(({ area }) => area >= 0)).toBe(true);
			expect(surfacesWithin(face.whole, face)).toEqual(own.map(({ id }) => id));
		}
	});

	it('each square millimetre is of one: the frame and what lies on it, what is left of a part and what lies on that', () => {
		for (const face of faces) {
			const shapeOf = (part: Part) => areaOfOutline(part.outline) - areaOfHoles(part.outline, holesIn(part, face));
			const areaOf = (ids: readonly string[]) => ids.reduce((sum, id) => sum + surfaces.find((surface) => surface.id === id)!.area, 0);
			for (const part of [face.whole, face.frame, face.rest, ...face.rests])
				expect(shapeOf(part), part.id).toBeCloseTo(areaOf(surfacesWithin(part, face)), 0);
			for (let i = 0; i < 300; i++) {
				const at = { x: ((i * 0.618034) % 1) * face.width, y: ((i * 0.7548777) % 1) * face.height };
				const here = partAt(face, at.x, at.y);
				if (here.role === 'open' || !isInsideOutline(face.outline, at)) continue;
				const inside = [face.frame, face.rest, ...face.rests].filter((part) => {
					const [x, y] = [at.x - part.x, at.y - part.y];
					const isOut = holesIn(part, face).some((hole) => isInRings(x, y, [ringOfCutout(hole)]));
					return isInsideOutline(part.outline, { x, y }) && !isOut;
				});
				const inGap = face.gaps.some(({ boxes }) => boxes.some((box) => isInRings(at.x, at.y, [ringOfBox(box)])));
				if (inGap) continue;
				/** Beside the slow way: the part on top there is what it is painted as. */
				const surface = surfaceOf(here);
				for (const part of [face.frame, face.rest, ...face.rests])
					expect(inside.includes(part), `${part.id} at ${at.x} ${at.y}`).toBe(surfacesWithin(part, face).includes(surface));
			}
		}
	});
});

describe('what lies on what', () => {
	const measured = (demo: string) => {
		const { piece, units } = JSON.parse(readFileSync(`demo/${demo}.json`, 'utf8'));
		return measurePiece(piece, units);
	};

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
