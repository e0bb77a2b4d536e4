import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { insetPart } from '../piece';
import { planProject } from '../plan';
import { changePiece, changeUnits, newProject, type Project } from './index';
import { readProject, readProjectText } from '../formats';

const read = readProjectText(readFileSync('demo/chart-cabinet.json', 'utf8'));
if (!read.ok) throw new Error(JSON.stringify(read.issues));
const cabinet = read.project;

describe('changePiece', () => {
	it('lets go of a part that is gone, and of all that lay on it or named it', () => {
		const [front, ...rest] = cabinet.piece.faces;
		const gone = front!.parts.find(({ on }) => front!.chain.length === 0 || on !== front!.id)!;
		const faces = [{ ...front!, parts: front!.parts.filter(({ id }) => id !== gone.id) }, ...rest] as Project['piece']['faces'];
		const next = changePiece(
			{
				...cabinet,
				finish: {
					...cabinet.finish,
					coats: cabinet.finish.coats.map((coat) => (coat.kind === 'base' ? { ...coat, on: [gone.id, front!.id] } : coat))
				}
			},
			{ ...cabinet.piece, faces }
		);
		expect(readProject(next)).toMatchObject({ ok: true });
		expect(JSON.stringify(next)).not.toContain(`"${gone.id}"`);
		expect(next.finish.coats.find(({ kind }) => kind === 'base')).toMatchObject({ on: [front!.id] });
	});

	it('takes what lies on parts of parts with it, and the coats that were for nothing else', () => {
		const begun = newProject({ name: 'Box', units: 'mm', count: null, shape: 'box' });
		const [front, ...others] = begun.piece.faces;
		const parts = [
			insetPart({ id: 'field', name: 'Field', on: 'front', by: '40' }),
			insetPart({ id: 'bead', name: 'Bead', on: 'field', by: '10' })
		];
		const withParts = { ...begun, piece: { ...begun.piece, faces: [{ ...front!, parts }, ...others] } };
		const coats = withParts.finish.coats.map((coat) => (coat.kind === 'base' ? { ...coat, on: ['bead'] } : coat));
		const next = changePiece(
			{ ...withParts, finish: { ...withParts.finish, coats } },
			{ ...withParts.piece, faces: [{ ...front!, parts: parts.slice(1) }, ...others] }
		);
		expect(next.piece.faces[0]!.parts).toEqual([]);
		expect(next.finish.coats.some(({ kind }) => kind === 'base')).toBe(false);
		expect(readProject(next)).toMatchObject({ ok: true });
	});

	it('takes the edge of a drawer and the seams of a face away with them', () => {
		const next = changePiece(cabinet, { ...cabinet.piece, faces: cabinet.piece.faces.slice(0, 1) });
		expect(next.piece.seams).toEqual([]);
		expect(readProject(next)).toMatchObject({ ok: true });
	});
});

it('turns every reading to another unit and back without moving anything', () => {
	const there = changeUnits(cabinet, 'in');
	const [before, after] = [planProject(cabinet), planProject(there)];
	expect(after.errors).toEqual([]);
	const figures = (plan: typeof before) => plan.faces.flatMap(({ parts }) => parts.map(({ x, y, width, height }) => [x, y, width, height]));
	figures(after).forEach((box, i) => box.forEach((mm, k) => expect(mm).toBeCloseTo(figures(before)[i]![k]!, 6)));
	expect(planProject(changeUnits(there, 'mm')).faces).toEqual(before.faces);
});
