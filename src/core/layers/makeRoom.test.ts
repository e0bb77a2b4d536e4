import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { type Project } from '../project';
import { readProjectText } from '../formats';
import { planProject } from '../plan';
import { gatherMaterials } from '../materials';
import { measurePiece } from '../piece';
import { applyRemedy, newBase, remediesForGap, stackLayers, verdictOf } from './index';

const read = readProjectText(readFileSync('tests/fixtures/reed-chest.json', 'utf8'));
if (!read.ok) throw new Error(JSON.stringify(read.issues));
const demo = read.project;
/** The same chest with its second gap read as so many mm (and its plinth taking up the rest). */
const withGap = (mm: number, far = ''): Project => {
	const [front, ...rest] = demo.piece.faces;
	const chain = front!.chain.map((entry) =>
		entry.id === 'gap-2' ? { ...entry, reading: String(mm), far } : entry.role === 'plinth' ? { ...entry, reading: String(79 - mm) } : entry
	);
	return { ...demo, piece: { ...demo.piece, faces: [{ ...front!, chain }, ...rest] as Project['piece']['faces'] } };
};
const stackOf = (project: Project) =>
	stackLayers(project.finish, {
		piece: measurePiece(project.piece, project.units),
		condition: project.piece.condition,
		layout: project.layout,
		laid: [],
		palette: project.palette,
		materials: gatherMaterials(project.materials)
	});
const roomOf = (project: Project, id = 'gap-2') => planProject(project).gaps.find(({ gap }) => gap === id)!;

describe('room to move', () => {
	it('shrinks from stage to stage by the film on both edges, and by nothing else', () => {
		const room = roomOf(withGap(3));
		const { order } = planProject(withGap(3));
		expect(room.between).toEqual(['drawer-1', 'drawer-2']);
		expect(room.left).toBeCloseTo(room.mm - room.film[0] - room.film[1], 9);
		expect(room.stages).toHaveLength(order.length);
		room.stages.forEach((left, i) => expect(left).toBeLessThanOrEqual(i === 0 ? room.mm : room.stages[i - 1]!));
		expect(room.stages.at(-1)).toBeCloseTo(room.left, 9);
		/** A stencil stays clear of edges, and hardware brings no film. */
		const kinds = demo.finish.coats.map(({ kind }) => kind);
		for (const kind of ['stencil', 'hardware-off'] as const) {
			const at = kinds.indexOf(kind);
			expect(room.stages[at]).toBe(at === 0 ? room.mm : room.stages[at - 1]);
		}
	});

	it('says at which step a narrow gap closes, and each remedy gives the room that it promises', () => {
		const project = withGap(0.7);
		const room = roomOf(project);
		expect(room.verdict).not.toBe('free');
		expect(project.finish.coats.map(({ id }) => id)).toContain(room.closesAt);
		expect(room.remedies.length).toBeGreaterThanOrEqual(3);
		for (const remedy of room.remedies) {
			const after = roomOf({ ...project, finish: applyRemedy(project.finish, remedy) });
			expect(after.left, remedy.label).toBeCloseTo(remedy.left, 9);
			expect(after.left).toBeGreaterThan(room.left);
		}
		const [sand, , mask] = room.remedies.map((remedy) => planProject({ ...project, finish: applyRemedy(project.finish, remedy) }));
		for (const plan of [sand!, mask!]) expect(plan.gaps.find(({ gap }) => gap === 'gap-2')!.verdict).toBe('free');
	});

	it('says what it sands, and how many coats it masks, and puts the sanding before the first film', () => {
		const labels = (mm: number, project = withGap(mm)) => roomOf(project).remedies.map(({ label }) => label);
		expect(labels(1)).toEqual(['Sand 0.1 mm off each edge first', 'One coat only on the edges', 'Mask the edges in the thickest coat']);
		expect(labels(0.7).at(-1)).toBe('Mask the edges in the 2 thickest coats');
		const [sand] = roomOf(withGap(0.7)).remedies;
		expect(sand!.edits).toEqual([
			{ op: 'insert', at: 3, coat: expect.objectContaining({ kind: 'sand', on: ['drawer-1', 'drawer-2'], bare: false }) }
		]);
		/** Where the drawer meets the frame only the drawer is sanded, for both. */
		const frame = planProject(withGap(3)).gaps.find(({ between }) => between.includes('front'))!;
		const tight = remediesForGap(stackOf(withGap(3)), { ...frame, left: 0.2, verdict: 'tight' }, new Set(['drawer-1', 'drawer-4']));
		expect(tight[0]!.label).toBe('Sand 0.3 mm off its edge first');
	});

	it('changes only coats that lie on these edges, however little that helps', () => {
		const elsewhere = { ...newBase('frame', 'estuary', 'chalk-paint'), id: 'elsewhere', times: 3 };
		const project = withGap(0.1);
		const both: Project = { ...project, finish: { ...project.finish, coats: [...project.finish.coats, elsewhere] } };
		const [, one, mask] = roomOf(both).remedies;
		/** Primer, base, blend, clear: what is on drawers; the print keeps clear of edges. */
		expect(mask!.label).toBe('Mask the edges in the 4 thickest coats');
		expect(one!.edits.map((edit) => edit.op === 'replace' && edit.coat)).toEqual(['base', 'blend', 'clear']);
	});

	it('has room to the hair: none is tight, less than none binds', () => {
		expect([0.5, 0.4999, 0, -0.0001].map(verdictOf)).toEqual(['free', 'tight', 'tight', 'binds']);
	});

	it('offers nothing where there is room, and counts a taper at its narrower end', () => {
		expect(roomOf(withGap(3)).remedies).toEqual([]);
		const taper = roomOf(withGap(3, '0.6'));
		expect([taper.mm, taper.ends, taper.verdict]).toEqual([0.6, [expect.closeTo(3, 1), 0.6], 'tight']);
		expect(taper.leftAtEnds[0] - taper.leftAtEnds[1]).toBeCloseTo(taper.ends[0] - 0.6, 9);
	});
});
