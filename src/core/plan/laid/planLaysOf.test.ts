import { describe, expect, it } from 'vitest';
import { readExample } from '../../../../tests/readExample';
import { planProject } from '../planProject';
import type { Project } from '../../project';

/** The reeds of the chest on a sheet of so many, through which a coat goes. */
function withSheet(order: string, across: number, down = 1): Project {
	const { project } = readExample(order);
	const motifs = project.layout.motifs.map((motif) => ({ ...motif, sheet: { border: 10, across, down, thickness: 0.25 } }));
	return { ...project, layout: { ...project.layout, motifs } };
}

describe('a print is laid by the sheet', () => {
	const [single, triple] = [1, 3].map((across) => planProject(withSheet('base; stencil', across)));
	const workOf = (plan: typeof single) => plan!.order.find(({ kind }) => kind === 'stencil')!.work;

	it('several motifs at a time, all in one round, each motif once; with a sheet of one motif by motif', () => {
		expect(single!.lays).toEqual([]);
		const [{ lays, choices, mode }] = triple!.lays as [(typeof triple & object)['lays'][0]];
		expect([mode, choices.map(({ rounds, waits }) => [rounds, waits])]).toEqual(['marks', [[1, 0]]]);
		expect(lays.length).toBeLessThan(triple!.items.length / 2);
		const filled = lays.flatMap(({ part, items }) => items.map((key) => `${part} ${key}`));
		expect(filled.sort()).toEqual(triple!.items.map(({ part, key }) => `${part} ${key}`).sort());
	});

	it('it takes as long as so many lays are held, and the paint they let through; its sittings are those of the drawers', () => {
		const lays = triple!.lays[0]!.lays.length;
		/** A sheet is held for 1.5 minutes, and washed after every eighth for 3. */
		const held = (count: number) => 1.5 * count + 3 * Math.floor(count / 8);
		expect(workOf(single) - workOf(triple)).toBeCloseTo(held(single!.items.length) - held(lays), 6);
		expect(triple!.sittings.filter(({ coat }) => coat === 'stencil').map(({ round }) => round)).toEqual(
			single!.sittings.filter(({ coat }) => coat === 'stencil').map(() => null)
		);
	});
});

it('drawers that are taken out and laid flat have rounds of their own: none waits for what lies on another', () => {
	const roundsOf = (lies: string) => {
		const plan = planProject(withSheet(`base; paste lies=${lies}`, 2));
		const { lays } = plan.lays[0]!;
		return { rounds: Math.max(...lays.map(({ round }) => round)), lays, plan };
	};
	const [flat, apart] = ['flat', 'apart'].map(roundsOf);
	const drawers = [...new Set(apart!.lays.map(({ part }) => part))];
	/** As many as the drawer that needs most by itself. */
	const alone = drawers.map((part) => {
		const project = withSheet('base; paste lies=flat', 2);
		const [reeds] = project.layout.arrangements;
		const only = { ...project, layout: { ...project.layout, arrangements: [{ ...reeds!, parts: [part] }] } } as Project;
		return Math.max(...planProject(only).lays[0]!.lays.map(({ round }) => round));
	});
	expect(apart!.rounds).toBe(Math.max(...alone));
	expect(apart!.rounds).toBeLessThanOrEqual(flat!.rounds);
	expect(apart!.plan.sittings.find(({ coat }) => coat === 'paste')!.needs).toEqual(['drawers-out', 'face-up']);
});
