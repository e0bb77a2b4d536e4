import demo from '../../../../tests/fixtures/reed-chest.json';
import { readProject } from '$core/formats';
import type { Coat } from '$core/layers';
import { addCoat, dropCoat } from '$core/project';
import { contextOf, PieceState } from '$lib/ui/piece-state';
import { pickByKeys } from '$lib/ui/testing';
import { fireEvent, render, screen, within } from '@testing-library/svelte';
import { toast } from 'svelte-sonner';
import userEvent from '@testing-library/user-event';
import { beforeEach, expect, it, vi } from 'vitest';
import CoatPicks from './CoatPicks.svelte';
import CoatPanel from './CoatPanel.svelte';
import Findings from './Findings.svelte';
import GapMarks from './GapMarks.svelte';
import RoomToMove from './RoomToMove.svelte';

const read = readProject(demo);
if (!read.ok) throw new Error(JSON.stringify(read.issues));
const { project } = read;

beforeEach(() => vi.stubGlobal('fetch', () => new Promise(() => {})));
const open = (drop: readonly string[] = []) =>
	new PieceState({
		id: 'x',
		version: 1,
		document: { ...project, finish: { ...project.finish, coats: project.finish.coats.filter(({ id }) => !drop.includes(id)) } }
	});

it('says what, where and why, and mends it with one click', async () => {
	const piece = open(['clear']);
	render(Findings, { context: contextOf(piece) });
	const item = screen.getAllByRole('listitem')[0]!;
	expect(item).toHaveTextContent('Nothing protects the base coat (chalk-type paint).');
	expect(item).toHaveTextContent('should · step 6, base coat · on the whole piece');
	await userEvent.click(screen.getByRole('button', { name: 'Add a wax over it' }));
	expect(screen.getByRole('heading', { name: 'The order holds' })).toHaveFocus();
	expect(piece.project.finish.coats.map(({ kind }) => kind)).toContain('wax');
});

it('records a choice against a should, and can look at it again; a must cannot be left so', async () => {
	const piece = open(['clear', 'clean']);
	render(Findings, { context: contextOf(piece) });
	expect(screen.getAllByRole('button', { name: 'Leave it so' })).toHaveLength(1);
	await userEvent.click(screen.getByRole('button', { name: 'Leave it so' }));
	expect(piece.project.finish.decisions).toEqual([{ rule: 'protect', coat: 'base', choice: 'Left as it is, unprotected' }]);
	await userEvent.click(screen.getByRole('button', { name: 'Look at it again' }));
	expect(piece.project.finish.decisions).toEqual([]);
});

it.each([
	['45', 45],
	['2 h', 120],
	['2 h 30', 150],
	['1.5 h', 90],
	['', null]
])('takes a wait of %j', async (typed, minutes) => {
	const piece = open();
	piece.edit((draft) => void (draft.finish.coats[4]!.wait = 7));
	render(CoatPanel, { props: { coat: piece.project.finish.coats[4]! }, context: contextOf(piece) });
	const field = screen.getByLabelText('Wait before it');
	await userEvent.clear(field);
	if (typed) await userEvent.type(field, typed);
	await userEvent.tab();
	expect(piece.project.finish.coats[4]!.wait).toBe(minutes);
});

it('refuses a wait that is none, beside the field, and keeps the old one', async () => {
	const piece = open();
	render(CoatPanel, { props: { coat: piece.project.finish.coats[4]! }, context: contextOf(piece) });
	await userEvent.type(screen.getByLabelText('Wait before it'), 'a while');
	await userEvent.tab();
	expect(screen.getByText(/Write it like 45 min/)).toBeVisible();
	expect(piece.project.finish.coats[4]!.wait).toBeNull();
});

it('is one sentence where all moves, with its table when it is asked for', async () => {
	const piece = open();
	render(RoomToMove, { context: contextOf(piece) });
	expect(
		screen.getByText(/All of it moves: 2\.43 mm are left at the closest gap, between drawer 1 and drawer 2, with all coats on/)
	).toBeVisible();
	expect(screen.queryAllByRole('row')).toHaveLength(0);
	piece.view.steps = 0;
	expect(await screen.findByText(/3 mm are left .*, bare/)).toBeVisible();
});

it('warns of the tightest gap first', async () => {
	const piece = open();
	piece.edit((draft) => {
		draft.piece.faces[0]!.chain[3]!.reading = '0.4';
		draft.piece.faces[0]!.chain.at(-1)!.reading = '78.6';
	});
	render(RoomToMove, { context: contextOf(piece) });
	await userEvent.click(screen.getByRole('button', { name: /^Every gap/ }));
	expect(screen.getAllByRole('row')[1]).toHaveTextContent('drawer 1 and drawer 2');
	expect(screen.getAllByRole('row')[1]).toHaveTextContent('binds');
	expect(screen.getByRole('region', { name: 'Room to move' })).toHaveTextContent(
		/drawer 1 and drawer 2 binds after step \d, .* coat: −0\.\d\d mm left/
	);
});

it('makes room in three ways, each as a step or a change of coats that leaves what it says', async () => {
	for (const way of [/^Sand .* off each edge first/, /^One coat only on the edges/, /^Mask the edges in/]) {
		const piece = open();
		piece.edit((draft) => {
			draft.piece.faces[0]!.chain[3]!.reading = '0.4';
			draft.piece.faces[0]!.chain.at(-1)!.reading = '78.6';
		});
		const { unmount } = render(RoomToMove, { context: contextOf(piece) });
		const button = screen.getAllByRole('button', { name: way })[0]!;
		const promised = Number(/: (-?[\d.]+) mm/.exec(button.textContent!)![1]);
		await userEvent.click(button);
		expect(piece.plan.gaps.find(({ gap }) => gap === 'gap-2')!.left).toBeCloseTo(promised, 2);
		unmount();
	}
});

it('a blended coat shows its work: sections, what is too large, and steps of its method; what would help stands with the findings', async () => {
	const piece = open();
	piece.edit((draft) => {
		draft.layout.zones[0]!.parts = ['front'];
		draft.workshop = { temperature: 33, humidity: 20 };
		for (const coat of draft.finish.coats) if (coat.kind === 'blend') coat.material = 'mineral-paint';
	});
	const blend = () => piece.project.finish.coats.find(({ kind }) => kind === 'blend')!;
	const drawn = render(CoatPanel, { props: { coat: blend() }, context: contextOf(piece) });
	const sections = screen.getByRole('region', { name: 'Sections' });
	expect(sections).toHaveTextContent(/Open for \d+ min in this workshop: [\d.]+ m² at a time/);
	expect(sections.querySelectorAll('li').length).toBeGreaterThan(1);
	expect(sections).toHaveTextContent('! too large');
	render(Findings, { context: contextOf(piece) });
	const found = screen.getAllByRole('listitem').find((item) => item.textContent!.includes('stays open for'))!;
	expect(found).toHaveTextContent(/should · step \d+, blended coat · on Front/);
	await userEvent.click(within(found).getAllByRole('button')[0]!);
	expect(piece.plan.findings.filter(({ rule }) => rule === 'open-time')).toEqual([]);
	await userEvent.click(screen.getByRole('radio', { name: 'taken out' }));
	await drawn.rerender({ coat: blend() });
	expect(screen.getByText(/^Take drawers and doors out/)).toBeInTheDocument();
	await userEvent.click(screen.getByRole('radio', { name: 'Dry drag' }));
	await drawn.rerender({ coat: blend() });
	expect(screen.getByText(/It need not be kept wet/)).toBeVisible();
});

it('while it is wet: a tick works it into the coat before it; one sitting, no wait; moved away it lets go', async () => {
	const piece = open();
	const bed = { ...(piece.project.finish.coats.find(({ id }) => id === 'base') as Extract<Coat, { kind: 'base' }>), id: 'bed', times: 1 };
	piece.replace(
		addCoat(
			piece.project,
			bed,
			piece.project.finish.coats.findIndex(({ kind }) => kind === 'blend')
		).project
	);
	const blend = () => piece.project.finish.coats.find(({ kind }) => kind === 'blend') as Extract<Coat, { kind: 'blend' }>;
	const panel = render(CoatPanel, { props: { coat: blend() }, context: contextOf(piece) });
	await userEvent.click(screen.getByRole('checkbox', { name: 'While it is wet: worked into the base coat' }));
	expect(blend()).toMatchObject({ intoWet: 'bed', wait: null });
	await panel.rerender({ coat: blend() });
	expect(screen.getAllByRole('region', { name: 'Sections' })[0]).toHaveTextContent(
		/^In one sitting.*With base coat 2, one into the other: open for/
	);
	expect(screen.getByLabelText('Wait before it')).toHaveAttribute('placeholder', 'none, while it is wet');
	expect(piece.plan.order.find(({ kind }) => kind === 'blend')!.waitBefore).toBe(0);
	piece.replace(dropCoat(piece.project, 'bed'));
	expect(blend()).not.toHaveProperty('intoWet');
	await vi.waitFor(() =>
		expect(toast.getActiveToasts().map(({ title }) => title)).toContain(
			'Blended coat is laid on what is dry now: what it was worked into is no longer right before it.'
		)
	);
	await piece.undo();
	expect(blend()).toMatchObject({ intoWet: 'bed' });
});

it('a touching up follows the coat that it mends, until another colour is chosen for it', async () => {
	const piece = open();
	const base = piece.project.finish.coats.find(({ id }) => id === 'base') as Extract<Coat, { kind: 'base' }>;
	const touch = { ...base, kind: 'touch-up', id: 'touch', of: 'base', times: 1, way: 'dabs', spots: 6, wait: null } as object;
	delete (touch as { edges?: unknown }).edges;
	piece.replace(addCoat(piece.project, touch as Coat).project);
	const coat = () => piece.project.finish.coats.find(({ kind }) => kind === 'touch-up') as Extract<Coat, { kind: 'touch-up' }>;
	const { rerender } = render(CoatPanel, { props: { coat: coat() }, context: contextOf(piece) });
	expect(screen.getByLabelText(/What it mends/)).toHaveTextContent(/base coat/);
	expect(screen.queryByLabelText('Material')).toBeNull();
	await pickByKeys(/What it mends/, /something else/);
	expect(coat().of).toBeUndefined();
	expect(coat().colour).toBe(base.colour);
	await rerender({ coat: coat() });
	expect(screen.getByLabelText('Material')).toBeVisible();
	await piece.undo();
	expect(coat().of).toBe('base');
});

it('marks on the drawing the gap that does not move any more, and no other', () => {
	const piece = open();
	const marks = () => [...document.querySelectorAll<SVGElement>('[data-gap]')].map((mark) => mark.dataset['gap']);
	const free = render(GapMarks, { props: { face: piece.face, scale: 1 }, context: contextOf(piece) });
	expect(marks()).toEqual([]);
	free.unmount();
	piece.edit((draft) => {
		draft.piece.faces[0]!.chain[3]!.reading = '0.4';
		draft.piece.faces[0]!.chain.at(-1)!.reading = '78.6';
	});
	render(GapMarks, { props: { face: piece.face, scale: 1 }, context: contextOf(piece) });
	const narrow = piece.plan.gaps.filter(({ verdict }) => verdict !== 'free').map(({ gap }) => gap);
	expect(narrow).toHaveLength(1);
	expect(marks()).toEqual(narrow);
});

it('what a coat goes on is picked on the picture: with Shift, or by touch where that is ticked; one undo each', async () => {
	const piece = open();
	const coatOf = () => piece.project.finish.coats.find(({ id }) => id === 'base') as Extract<Coat, { on: unknown }>;
	const { container, rerender } = render(CoatPicks, { props: { coat: coatOf(), face: piece.face, scale: 0.5 }, context: contextOf(piece) });
	const click = async (part: string, shiftKey: boolean) => {
		await fireEvent.click(container.querySelector(`path[data-part="${part}"]`)!, { shiftKey });
		await rerender({ coat: coatOf() });
		return coatOf().on;
	};
	const outlined = () => [...container.querySelectorAll('[data-on]')].map((one) => one.getAttribute('data-on'));
	expect(outlined()).toEqual([]);
	expect(await click('drawer-2', false)).toBe('all');
	expect(await click('drawer-2', true)).toEqual(['!drawer-2']);
	expect(outlined()).toEqual(expect.arrayContaining(['drawer-1', 'drawer-3', 'plinth']));
	expect(outlined()).not.toContain('drawer-2');
	piece.view.many = true;
	expect(await click('front', false)).toEqual(expect.arrayContaining(['!drawer-2', '!front/rest']));
	expect(outlined()).not.toContain('front');
	await piece.undo();
	await piece.undo();
	expect(coatOf().on).toBe('all');
});
