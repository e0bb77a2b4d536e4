import { describe, expect, it } from 'vitest';
import { amountOfCoat, BLEND_METHODS, METHODS, type Blend } from '../index';
import { stepsOfBlend } from './blendSteps';

const write = (mm: number) => `${mm} mm`;

const coat = (method: Blend['method'], more: Partial<Blend> = {}): Blend => ({
	kind: 'blend',
	id: 'b',
	wait: null,
	material: 'chalk-paint',
	times: 2,
	thickness: 1,
	applicator: 'brush',
	zone: 'z',
	method,
	brushes: 'clean-joins',
	...more
});

describe.each(BLEND_METHODS)('%s', (method) => {
	it('has all that is asked of a school: what to lay out, water, passes, and what to wipe', () => {
		const { tools, film, passes, wipe, water } = METHODS[method];
		expect(tools(3, 'clean-joins').every(({ count }) => count >= 1)).toBe(true);
		expect(film > 0).toBe(true);
		const steps = stepsOfBlend(coat(method), { moves: true, write });
		expect(steps.filter((step) => step.endsWith(passes[0]) || step.endsWith(passes[1]))).toHaveLength(2);
		expect(steps).toContain(wipe);
		expect(steps).toContain(`Water: ${water}`);
		expect(new Set(steps).size).toBe(steps.length);
	});

	it('tells of one colour alone where there is but one: of none beside it, and none that it is drawn into', () => {
		const [one, two] = [1, 2].map((colours) => stepsOfBlend(coat(method, { times: 1 }), { moves: false, colours, write }));
		expect(one!.filter((step) => /\b(dark|light|each colour|all colours|main colour|the colours|join)\b/.test(step))).toEqual([]);
		expect(one!.length).toBeGreaterThan(3);
		expect(one).not.toEqual(two);
	});

	it('tells of passes only where there are two, of drawers only where something moves', () => {
		const once = stepsOfBlend(coat(method, { times: 1 }), { moves: false, write });
		expect(once.some((step) => /^(First|Second) pass/.test(step))).toBe(false);
		expect(once.some((step) => /Take drawers and doors out|Leave drawers and doors in/.test(step))).toBe(false);
		expect(stepsOfBlend(coat(method, { drawers: 'out' }), { moves: true, write }).at(-1)).toMatch(/^Put them back/);
	});
});

it('of mist and feather, three schools of brushes: 2n - 1, n, or n and one dry', () => {
	const brushes = (school: Blend['brushes']) =>
		METHODS['mist-and-feather'].tools(4, school).reduce((sum, { tool, count }) => sum + (tool.includes('brush') ? count : 0), 0);
	expect([brushes('clean-joins'), brushes('own-brushes'), brushes('one-dry')]).toEqual([7, 4, 5]);
});

it('lays as much as its method does of a plain coat', () => {
	expect(amountOfCoat(coat('mist-and-feather'))).toBe(2);
	expect(amountOfCoat(coat('running-colour', { thickness: 0.5 }))).toBe(0.5);
	expect(amountOfCoat({ ...coat('glaze-slip'), times: 1 })).toBe(1.25);
});
