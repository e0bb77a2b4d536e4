import demo from '../../../../tests/fixtures/reed-chest.json';
import { readProject } from '$core/formats';
import { contextOf, PieceState } from '$lib/ui/piece-state';
import { render, screen } from '@testing-library/svelte';
import userEvent from '@testing-library/user-event';
import { beforeEach, expect, it, vi } from 'vitest';
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

it('a blended coat shows its work: sections, what is too large with its remedies, and steps of its method', async () => {
	const piece = open();
	piece.edit((draft) => {
		draft.layout.zones[0]!.parts = ['front'];
		draft.workshop.temperature = 30;
	});
	const blend = () => piece.project.finish.coats.find(({ kind }) => kind === 'blend')!;
	const drawn = render(CoatPanel, { props: { coat: blend() }, context: contextOf(piece) });
	expect(screen.getByText(/is too large to be done while it is wet/)).toBeVisible();
	await userEvent.click(screen.getByRole('button', { name: /^Put in an extender/ }));
	expect(blend()).toMatchObject({ extender: expect.any(Number) });
	await drawn.rerender({ coat: blend() });
	expect(screen.queryByText(/is too large/)).toBeNull();
	await userEvent.click(screen.getByRole('radio', { name: 'taken out' }));
	await drawn.rerender({ coat: blend() });
	expect(screen.getByText(/^Take drawers and doors out/)).toBeInTheDocument();
	await userEvent.click(screen.getByRole('radio', { name: 'Dry drag' }));
	await drawn.rerender({ coat: blend() });
	expect(screen.getByText(/It need not be kept wet/)).toBeVisible();
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
