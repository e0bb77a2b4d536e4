import { describe, expect, it } from 'vitest';
import { readExample } from '../../../../tests/readExample';
import { readFileSync } from 'node:fs';
import { readProjectText } from '../../formats';
import { ARRANGEMENTS, type Arrangement } from '../../layout';
import { takeSheet, type Project } from '../../project';
import { wordSheetOffer } from '../names/wordSheetOffer';
import { planProject } from '../planProject';
import type { Plan } from '../types';

type Grid = Extract<Arrangement, { kind: 'grid' }>;

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

describe('a sheet that would save rounds', () => {
	/** Reeds of so many mm all over some drawers, pasted through a sheet of one. */
	const fieldOf = (parts: string[], change: object = {}, wish = ''): Project => {
		const project = withSheet(`base; paste lies=flat${wish}`, 1);
		const [reeds] = project.layout.arrangements;
		const [motif] = project.layout.motifs;
		const field = {
			...ARRANGEMENTS.grid.start({ id: reeds!.id, name: 'Reeds', motif: motif!, parts, shortest: 100, scale: 1, round: Math.round }),
			edge: 'whole',
			scale: 0.5,
			...change
		} as Grid;
		return { ...project, layout: { ...project.layout, arrangements: [field] } };
	};
	const laidIn = (project: Project) => {
		const [{ lays, offer }] = planProject(project).lays as [Plan['lays'][0]];
		return { offer, lays: lays.length, rounds: Math.max(...lays.map(({ round }) => round)), masked: lays.map(({ masked }) => masked) };
	};

	it.each([
		['one drawer', fieldOf(['drawer-2'])],
		['two drawers of one size', fieldOf(['drawer-2', 'drawer-3'])],
		['apart', fieldOf(['drawer-2'], { gap: { across: 14, down: 30 } })],
		['cut up before', fieldOf(['drawer-2'], {}, ' cut=true')],
		['too long for one', fieldOf(['drawer-2'], { scale: 0.3, gap: { across: 2, down: 2 } })]
	])('%s: what is told is what is laid when it is cut so, and then no sheet would save more', (_, project) => {
		const before = laidIn(project);
		const { motif, across, down, width, height, ...told } = before.offer!;
		expect(told.rounds).toBeLessThan(before.rounds);
		const after = laidIn(takeSheet(project, 'paste', before.offer!));
		expect({ lays: after.lays, rounds: after.rounds }).toEqual(told);
		expect(after.offer).toBeNull();
		/** By the items themselves: from the first to the last of it and its border. */
		const shown = project.layout.motifs.find(({ id }) => id === motif)!;
		const field = project.layout.arrangements[0] as Grid;
		expect(width).toBeCloseTo(across * shown.width * field.scale + (across - 1) * field.gap.across + 20, 6);
		expect(height).toBeCloseTo(down * shown.height * field.scale + (down - 1) * field.gap.down + 20, 6);
		expect([Math.max(width, height) <= 900, Math.min(width, height) <= 600]).toEqual([true, true]);
	});

	it('one lay of all of it, where it fits', () => {
		const project = fieldOf(['drawer-2'], { scale: 0.35 });
		const { offer, rounds } = laidIn(project);
		expect(rounds).toBeGreaterThan(1);
		expect([offer!.lays, offer!.rounds]).toEqual([1, 1]);
		expect(wordSheetOffer(project, offer!)).toMatch(
			/^A sheet with \d+ by \d+ of Reed.*, \d+ mm by \d+ mm with its border, would take 1 lay with no wait\.$/
		);
	});

	it('none for a print, which is dry when it is lifted; none where it is one round; none where rows stand at unlike steps', () => {
		expect(planProject(withSheet('base; stencil', 2)).lays[0]!.offer).toBeNull();
		expect(laidIn(fieldOf(['drawer-2'], { scale: 1, gap: { across: 90, down: 90 } }))).toMatchObject({ rounds: 1, offer: null });
		const read = readProjectText(readFileSync('demo/chart-cabinet.json', 'utf8'));
		if (!read.ok) throw new Error('read');
		/** Its border has other gaps across than down. */
		expect(laidIn(read.project)).toMatchObject({ rounds: 4, offer: null });
	});
});
