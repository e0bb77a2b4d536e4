import { expect, it } from 'vitest';
import { readExample } from '../../../../tests/readExample';
import { readProject } from '../../formats';
import { withCoats } from '../../layers';
import { setPatch } from '../../project';
import { planProject } from '../index';

const plan = (order: string, coat: string) => planProject(setPatch(readExample(order).project, coat, true)).patches;

it('a coat is tried on a board with all that lies under it, its ml, its waits and the words for its back', () => {
	const [patch] = plan('no-hardware | clean; prime; base x2; wax; wax:dark-wax; clear on=frame', 'wax-2');
	expect(patch!.steps.map(({ coat, wait }) => [coat, wait])).toEqual([
		['prime', 0],
		['base', 120],
		['wax', 120],
		['wax-2', 30]
	]);
	/** 0.015 m2: a coat at 10 m2 a litre with a tenth lost, two at 13, one at 30. */
	const ml = patch!.steps.map(({ takes }) => takes.reduce((sum, one) => sum + one.ml, 0));
	expect(ml.map((one) => Number(one.toFixed(3)))).toEqual([1.65, Number(((2 * 0.015 * 1100) / 13).toFixed(3)), 0.55, 0.55]);
	expect(patch!.steps[1]!.takes[0]!.name).toBe('Estuary at dusk');
	expect(patch!.whole).toBe(120 + 120 + 30 + 30);
	expect(patch!.back[0]).toMatch(/: Wax, Dark wax$/);
	expect(patch!.back.slice(1)).toEqual([
		'1. Primer',
		'2. after 2 h: Base coat, 2 coats',
		'3. after 2 h: Wax, Clear wax',
		'4. after 30 min: Wax, Dark wax',
		'Ready to be judged after 30 min, dry and by daylight.'
	]);
});

it('what lies elsewhere, or was sanded off, is not on it; a join has all its colours alike', () => {
	const [patch] = plan('no-hardware | base on=frame; sand bare on=drawers; base; blend', 'blend');
	expect(patch!.steps.map(({ coat }) => coat)).toEqual(['base-2', 'blend']);
	const [, blend] = patch!.steps;
	expect(new Set(blend!.takes.map(({ ml }) => ml.toFixed(6))).size).toBe(1);
	expect(blend!.takes.length).toBeGreaterThan(1);
});

it('ends with its coat, and names none that is not there', () => {
	const project = setPatch(readExample('base; wax').project, 'wax', true);
	expect(withCoats(project.finish, project.finish.coats.slice(0, 1)).patches).toEqual([]);
	expect(setPatch(project, 'wax', false).finish.patches).toEqual([]);
	const lost = readProject({ ...project, finish: { ...project.finish, patches: ['gone'] } });
	expect(lost.ok === false && lost.issues.map(({ path }) => path)).toEqual(['finish.patches[0]']);
});
