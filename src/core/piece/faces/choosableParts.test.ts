import chest from '../../../../tests/fixtures/reed-chest.json';
import { readProject } from '../../formats';
import { measurePiece, choosableParts, partsInFrame } from '../index';
import { describe, expect, it } from 'vitest';

const read = readProject(chest);
if (!read.ok) throw new Error(JSON.stringify(read.issues));
const { faces } = measurePiece(read.project.piece, 'mm');
const [front, side] = [faces[0]!, faces[1]!];
const partOf = (id: string) => front.parts.find((part) => part.id === id)!;
const framed = (x: number, y: number, width: number, height: number, face = front) =>
	partsInFrame(face, { x, y, width, height }).map(({ id }) => id);

describe('what a frame chooses', () => {
	it('is every drawer that it touches, at its last mm too, and no other', () => {
		const [second, third] = [partOf('drawer-2'), partOf('drawer-3')];
		expect(framed(-50, second.y + 1, 300, third.y - second.y)).toEqual(['drawer-2', 'drawer-3']);
		expect(framed(-50, second.y + 1, 300, third.y - second.y - 1)).toEqual(['drawer-2']);
		expect(framed(-50, second.y, 50 + second.x, 20)).toEqual([]);
		expect(framed(second.x + second.width, second.y, 20, 20)).toEqual([]);
	});
	it('is the face itself where that has no parts, and never beside drawers', () => {
		expect(framed(10, 10, 20, 20, side)).toEqual([side.id]);
		expect(framed(-10, -10, front.width + 20, front.height + 20)).not.toContain(front.id);
		expect(framed(2, 2, 5, 5)).toEqual(['rail']);
		expect(framed(2, 120, 5, 5)).toEqual([]);
		expect(choosableParts(front).at(-1)!.id).toBe(front.id);
	});
});
