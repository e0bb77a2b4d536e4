import { expect, it } from 'vitest';
import { readExample } from '../../../tests/readExample';
import { planProject } from '../plan';
import { HARDWARE, hardwareSurface } from '../piece';
import { stackLayers } from './stackLayers';

const ORDER =
	'hardware-off; clean; clean on=hardware; sand on=hardware; prime:shellac-primer on=hardware; scuff on=hardware; base; base on=hardware x2; clear; clear on=hardware; hardware-on';
const { project } = readExample(ORDER);
const plan = planProject(project);
const step = (coat: string) => plan.order.find((one) => one.coat === coat)!;

it('has a stack, an area and ml of its own, and takes nothing of the piece', () => {
	expect([plan.errors, plan.findings.filter(({ kind }) => kind !== 'note')]).toEqual([[], []]);
	const knobs = plan.faces.flatMap(({ idle, whole }) => (idle ? [] : whole.hardware)).filter(({ kind }) => !HARDWARE[kind].works);
	expect(knobs.length).toBeGreaterThan(3);
	/** What shows of a knob is 1.8 times its front. */
	const area = 1.8 * knobs.reduce((sum, { footprint, round }) => sum + (round ? Math.PI / 4 : 1) * footprint.width * footprint.height, 0);
	expect(hardwareSurface(plan)!.area).toBeCloseTo(area, 6);
	const ml = plan.quantities.paints.flatMap(({ uses }) => uses).find(({ coat }) => coat === 'base-2')!;
	expect([ml.area, ml.ml]).toEqual([expect.closeTo(area / 1e6, 9), expect.closeTo((2 * (area / 1e6) * 1100) / 13, 6)]);
	expect(step('base').surfaces).not.toContain('hardware');
	expect(step('base-2').surfaces).toEqual(['hardware']);
	expect(step('base-2').liesOver).toEqual(expect.arrayContaining(['prime', 'clean-2']));
	expect(step('base-2').liesOver).not.toContain('base');
	expect(step('base-2').how.join(' ')).toMatch(/its own screws.*turn, slide or lock/);
});

it('dries beside the piece: a loose part of its own, and it goes back when it is dry', () => {
	expect(plan.sittings.filter(({ coat }) => coat === 'clear-2').map(({ loose }) => loose)).toEqual(['hardware', 'hardware']);
	expect(step('hardware-on').waitBefore).toBeGreaterThan(0);
	/** Taken off and put back: each piece once, though it is told twice where it is. */
	expect(step('hardware-off').work).toBe(planProject(readExample('hardware-off; clean; hardware-on').project).order[0]!.work);
	const wet = planProject(readExample('hardware-off; clean on=hardware; base on=hardware; hardware-on wait=0').project);
	expect(wet.findings.map(({ rule }) => rule)).toContain('hardware-last');
});

it.each<[what: string, order: string, rules: string[]]>([
	['metal wants a primer', 'hardware-off; clean on=hardware; base on=hardware; clear on=hardware; hardware-on', ['prime-slick']],
	['it is cleaned first', 'hardware-off; prime on=hardware; hardware-on', ['clean-first']],
	['porous paint on it is protected', 'hardware-off; clean on=hardware; prime on=hardware; base on=hardware x3; hardware-on', ['protect']]
])('rules look at it as at any surface: %s', (_what, order, rules) => {
	expect(planProject(readExample(order).project).findings.map(({ rule, where }) => [rule, where])).toEqual(
		rules.map((rule) => [rule, ['hardware']])
	);
});

it('a piece whose coats never name it has no such surface', () => {
	const plain = readExample('hardware-off; clean; base; hardware-on').project;
	const { surfaces } = stackLayers(plain.finish, {
		piece: planProject(plain) as never,
		condition: 'finished',
		layout: plain.layout,
		laid: [],
		palette: plain.palette,
		materials: new Map()
	});
	expect(surfaces).not.toContain('hardware');
	expect(planProject(readExample('no-hardware | clean; base on=hardware').project).order[1]!.surfaces).toEqual([]);
});
