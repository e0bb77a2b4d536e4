import { expect, it } from 'vitest';
import { ARRANGEMENTS, type Arrangement, type Motif } from '../../layout';
import { startSettingOf } from '../../layout/arrangements/testing';
import { newProject, type Project } from '../../project';
import { planProject } from '../index';

const flag: Motif = { id: 'flag', name: 'Flag', width: 40, height: 40, paths: [{ d: 'M0 0h40v40h-40z', rule: 'nonzero' }] };

/** A board of 600 by 400 with a part from 200 to 400 across and 100 to 300 down, and what is laid on all of it. */
function board(setOff: { way: string; by: string }, role: string, laid: Arrangement): Project {
	const begun = newProject({ name: '', units: 'mm', count: null, shape: 'free-board' });
	const [face] = begun.piece.faces;
	const part = {
		id: 'inner',
		name: 'Inner panel',
		role,
		on: 'front',
		place: { rule: 'inset', left: '200', top: '100', right: '200', bottom: '100' },
		outline: { shape: 'rectangle' },
		setOff
	};
	const front = { ...face!, id: 'front', outline: { shape: 'rectangle' }, width: '600', height: '400', parts: [part], chain: [] };
	return {
		...begun,
		piece: { ...begun.piece, faces: [front], seams: [] },
		layout: { motifs: [flag], zones: [], arrangements: [laid] }
	} as unknown as Project;
}
/** One flag whose middle is so far right of that of the board. */
const flagAt = (x: number): Arrangement =>
	({ ...ARRANGEMENTS.single.start(startSettingOf(flag, ['front'])), at: 'centre', offset: { x, y: 0 } }) as Arrangement;
const field = {
	...ARRANGEMENTS.grid.start(startSettingOf(flag, ['front'], { scale: 1 })),
	scale: 0.5,
	gap: { across: 30, down: 30 }
} as Arrangement;
const stripes = ARRANGEMENTS.stripes.start(startSettingOf(null, ['front'])) as Arrangement;
const toldOf = (project: Project) => {
	const plan = planProject(project);
	expect(plan.errors).toEqual([]);
	return plan.hints.filter(({ code }) => code === 'layout.over-step').map(({ message }) => message);
};

it.each([
	[
		'back',
		{ way: 'back', by: '6' },
		'panel',
		flagAt(100),
		/^1 of its motifs lies across the edge of Inner panel, which stands 6 mm back: /
	],
	['forward', { way: 'proud', by: '4' }, 'moulding', flagAt(-100), /^1 of its motifs lies across .* stands 4 mm forward: /],
	['hardly back', { way: 'back', by: '1' }, 'panel', flagAt(100), null],
	['level', { way: 'level', by: '0' }, 'panel', flagAt(100), null],
	['all of it inside', { way: 'back', by: '6' }, 'panel', flagAt(60), null],
	['all of it beside', { way: 'back', by: '6' }, 'panel', flagAt(140), null],
	['just over', { way: 'back', by: '6' }, 'panel', flagAt(81), /^1 of/],
	['what moves', { way: 'proud', by: '20' }, 'door', flagAt(100), null],
	['stripes', { way: 'back', by: '6' }, 'panel', stripes, null]
])('%s', (_, setOff, role, laid, said) => {
	const told = toldOf(board(setOff, role, laid));
	if (said === null) expect(told).toEqual([]);
	else expect(told).toEqual([expect.stringMatching(said)]);
});

it('of a field as many as lie over the edge, by their own figures', () => {
	const project = board({ way: 'back', by: '6' }, 'panel', field);
	const over = planProject(project).items.filter(({ centre: { x, y } }) => {
		const meets = (at: number, from: number, to: number) => at + 10 > from && at - 10 < to;
		const within = (at: number, from: number, to: number) => at - 10 >= from && at + 10 <= to;
		return meets(x, 200, 400) && meets(y, 100, 300) && !(within(x, 200, 400) && within(y, 100, 300));
	});
	expect(over.length).toBeGreaterThan(3);
	expect(toldOf(project)[0]).toMatch(new RegExp(`^${over.length} of its motifs lie across`));
});
