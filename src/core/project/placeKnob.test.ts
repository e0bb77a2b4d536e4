import { describe, expect, it } from 'vitest';
import { newKnob, type Face } from '../piece';
import { planProject } from '../plan';
import { newProject } from './newProject';
import { placeKnob } from './placeKnob';
import type { Project } from './project';

const fresh = newKnob('mm', 'middle');

/** A chest of three drawers, 800 wide, with such hardware. */
function chest(hardware: Face['hardware'], fittings: Face['fittings'] = []): Project {
	const begun = newProject({ name: '', units: 'mm', count: 3, shape: 'chest' });
	const faces = begun.piece.faces.map((face, i) =>
		i === 0
			? {
					...face,
					width: '800',
					height: '700',
					chain: face.chain.map((link) => ({ ...link, reading: link.role === 'drawer' ? '180' : '40' })),
					hardware,
					fittings
				}
			: face
	);
	return { ...begun, piece: { ...begun.piece, faces } };
}
const knobsOf = (project: Project) =>
	planProject(project)
		.faces[0]!.parts.filter(({ role }) => role === 'drawer')
		.map(({ hardware }) => hardware.map(({ centre }) => [Math.round(centre.x), Math.round(centre.y)]));
function trace(project: Project, drawer: number, x: number, y: number): Project {
	const part = planProject(project).faces[0]!.parts.filter(({ role }) => role === 'drawer')[drawer]!;
	const face = placeKnob(project.piece.faces[0]!, part, { x, y }, { id: 'traced', unit: 'mm' });
	return { ...project, piece: { ...project.piece, faces: project.piece.faces.with(0, face) } };
}

describe('a knob that is traced', () => {
	it('where none stands is one more, on its drawer alone', () => {
		const bare = chest({ kind: 'none' });
		const traced = trace(bare, 1, 120, 70);
		expect(knobsOf(traced)).toEqual([[], [[120, 70]], []]);
		/** And far from the one in the middle. */
		expect(knobsOf(trace(traced, 1, 600, 70))[1]).toEqual([
			[120, 70],
			[600, 70]
		]);
	});
	it('on the one that stands there moves it, on that drawer alone; of two both, alike from their edges', () => {
		const one = chest({ ...fresh });
		const [middle] = knobsOf(one)[0]! as [[number, number]];
		const moved = trace(one, 0, middle[0] + 12, middle[1] - 20);
		expect(knobsOf(moved)).toEqual([[[middle[0] + 12, middle[1] - 20]], [middle], [middle]]);
		/** Again, now that it has its own. */
		expect(knobsOf(trace(moved, 0, middle[0], middle[1] - 30))[0]).toEqual([[middle[0], middle[1] - 30]]);
		const two = chest({ ...fresh, across: { rule: 'quarter' } });
		const width = planProject(two).faces[0]!.parts.find(({ role }) => role === 'drawer')!.width;
		const right = trace(two, 2, (3 * width) / 4 + 10, 80);
		const from = Math.round(width / 4 - 10);
		expect(knobsOf(right)[2]).toEqual([
			[from, 80],
			[Math.round(width) - from, 80]
		]);
		expect(knobsOf(right)[0]).toEqual(knobsOf(two)[0]);
	});
	it('beside the pair that a drawer has, one that was traced there is the one that is moved', () => {
		const both = trace(chest({ ...fresh, across: { rule: 'quarter' } }), 1, 400, 40);
		expect(knobsOf(both)[1]).toHaveLength(3);
		const moved = trace(both, 1, 410, 50);
		expect(knobsOf(moved)[1]).toEqual([...knobsOf(both)[1]!.slice(0, 2), [410, 50]]);
	});
	it('that was traced before is moved by itself; one of a list leaves the others where they were', () => {
		const own = trace(trace(chest({ kind: 'none' }), 1, 120, 70), 1, 130, 60);
		expect(knobsOf(own)).toEqual([[], [[130, 60]], []]);
		const ids = planProject(own)
			.faces[0]!.parts.filter(({ role }) => role === 'drawer')
			.map(({ id }) => id);
		const listed = chest({ kind: 'none' }, [
			{
				id: 'k',
				on: [ids[0]!, ids[1]!],
				hardware: { ...fresh, across: { rule: 'edge', distance: '100', count: 1 }, down: { rule: 'top', distance: '50' } }
			}
		]);
		expect(knobsOf(trace(listed, 0, 110, 55))).toEqual([[[110, 55]], [[100, 50]], []]);
	});
});
