import chart from '../../../../demo/chart-cabinet.json';
import chest from '../../../../tests/fixtures/reed-chest.json';
import { readProject } from '../../formats';
import { addZone, type Project } from '../../project';
import { partsToBegin } from '../../layout';
import { nameParts } from '../names/namePlaces';
import { listDecoration } from './listDecoration';
import { planProject } from '../planProject';
import { describe, expect, it } from 'vitest';

const open = (file: unknown) => {
	const read = readProject(file);
	if (!read.ok) throw new Error(JSON.stringify(read.issues));
	return read.project;
};
const [sail, cabinet] = [open(chest), open(chart)];
const listed = (project: Project) => listDecoration(project, planProject(project));

describe('the schedule of what lies on the piece', () => {
	it('numbers zones, then arrangements, with where they lie and the coats that bring them', () => {
		expect(listed(sail)).toMatchObject([
			{ number: 1, kind: 'zone', name: 'Edge shade and glow', where: 'every drawer', steps: [6] },
			{ number: 2, kind: 'arrangement', name: 'Reed bed', where: 'every drawer', steps: [7] }
		]);
		expect(listed(cabinet).map(({ number, where, steps }) => [number, where, steps])).toEqual([
			[1, 'every panel', [9]],
			[2, expect.stringMatching(/every (panel|door)/), [10]],
			[3, 'every door', [5, 6, 13]]
		]);
	});
	it('says what is worth a look about it, and that no coat brings it', () => {
		expect(listed(sail)[0]!.looks).toEqual([expect.stringContaining('shading is strong under')]);
		const bare = { ...sail, finish: { ...sail.finish, coats: sail.finish.coats.filter(({ id }) => id !== 'stencil') } };
		expect(listed(bare)[1]).toMatchObject({ steps: [], looks: [expect.stringContaining('coat')] });
	});
});

describe('parts in a few words', () => {
	const { faces } = planProject(sail);
	const drawers = faces[0]!.parts.filter(({ role }) => role === 'drawer');
	it.each<[number, string]>([
		[4, 'every drawer'],
		[1, 'Drawer 1'],
		[3, 'Drawer 1, Drawer 2, Drawer 3']
	])('%i drawers: %s', (count, words) => expect(nameParts(drawers.slice(0, count), { faces })).toBe(words));
	it('counts what is more than three', () => {
		const many = [...drawers.slice(0, 3), ...faces.slice(1, 3).map(({ whole }) => whole)];
		expect(nameParts(many, { faces })).toBe('Drawer 1, Drawer 2, 3 more');
	});
});

describe('a zone begins where one is looking', () => {
	const plan = planProject(sail);
	const [front, side] = [plan.faces[0]!, plan.faces[1]!];
	it('on the drawers of the front, and on a side itself', () => {
		expect(partsToBegin(front, plan)).toBe('drawers');
		expect(partsToBegin(side, plan)).toEqual([side.id]);
	});
	it('on the parts that are named', () => {
		const { project, id } = addZone(
			sail,
			sail.palette.map((colour) => colour.id),
			undefined,
			['drawer-3']
		);
		expect(project.layout.zones.find((zone) => zone.id === id)!.parts).toEqual(['drawer-3']);
	});
});
