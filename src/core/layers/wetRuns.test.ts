import { describe, expect, it } from 'vitest';
import { readExample } from '../../../tests/readExample';
import { planProject } from '../plan';
import { addCoat, dropCoat } from '../project';
import { lostPartners, newGlaze, newStencil, withCoats, type Coat, type Finish } from './index';
import { moveCoat } from './findings';
import { wetRuns } from './wetRuns';

const intoOf = ({ coats }: Finish) => coats.map((coat) => ('intoWet' in coat ? coat.intoWet : undefined));

describe('what is worked into a wet coat lets go of it', () => {
	const { project } = readExample('base; base; blend into; blend method=dry-drag into; clear');
	const { finish } = project;

	it.each<[string, (coats: readonly Coat[]) => readonly Coat[], lost: string[]]>([
		['while it stands right before it: no', (coats) => coats, []],
		['when it is moved away', (coats) => moveCoat(coats, 'blend-2', 4), ['blend-2']],
		['when something comes between', (coats) => coats.toSpliced(2, 0, newStencil('reeds', 'estuary', 'chalk-paint')), ['blend']],
		['when it is taken out', (coats) => coats.filter(({ id }) => id !== 'blend'), ['blend-2']],
		['when it goes through motifs now', (coats) => coats.map((coat) => (coat.id === 'base-2' ? newGlaze('all', null) : coat)), ['blend']],
		[
			'not for what is laid dry by choice',
			(coats) => coats.map((coat) => (coat.id === 'blend' ? ({ ...coat, intoWet: undefined } as Coat) : coat)),
			[]
		]
	])('%s', (_says, change, lost) => {
		const after = withCoats(finish, change(finish.coats));
		expect(lostPartners(finish.coats, after.coats).map(({ id }) => id)).toEqual(lost);
		for (const coat of after.coats) if (lost.includes(coat.id)) expect(coat).not.toHaveProperty('intoWet');
	});

	it('the others of the sitting stay in it; runs are counted from the first of each', () => {
		const apart = withCoats(finish, moveCoat(finish.coats, 'blend-2', 4));
		expect(intoOf(apart)).toEqual([undefined, undefined, 'base-2', undefined, undefined]);
		expect([wetRuns(finish.coats), wetRuns(apart.coats)]).toEqual([
			[0, 1, 1, 1, 4],
			[0, 1, 1, 3, 4]
		]);
	});

	it('what is put in by itself, or taken out, leaves the rest as it is', () => {
		expect(intoOf(dropCoat(project, 'clear').finish)).toEqual([undefined, undefined, 'base-2', 'blend']);
		expect(intoOf(addCoat(project, newGlaze('all', null)).project.finish).filter(Boolean)).toEqual(['base-2', 'blend']);
	});
});

it('each step of a sitting says what it is worked into, what stays wet for it, and what a mist may do', () => {
	const { order } = planProject(readExample('base:mineral-paint; glaze clear; glaze into; base:mineral-paint; base; blend into').project);
	expect(order.map(({ intoWet }) => intoWet)).toEqual([null, null, 'glaze', null, null, 'base-3']);
	const [, slip, tint, , bed, blend] = order.map(({ how }) => how);
	expect(slip).toEqual([
		'Leave it wet, and go on at once in the same section with the glaze.',
		'Brush it on thin and even, one section at a time; do not wipe it back.'
	]);
	expect(tint!.slice(0, 2)).toEqual([
		'Work it into the glaze while that is wet, section by section: both are done there before the next is begun.',
		'Stir one part of paint into 3 of medium; try it on a board.'
	]);
	expect(bed![0]).toBe('Leave it wet, and go on at once in the same section with the blended coat.');
	expect(blend![1]).toBe('When it begins to pull, mist it lightly and go on: twice, no more.');
});
