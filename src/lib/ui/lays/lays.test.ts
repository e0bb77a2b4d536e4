import demo from '../../../../tests/fixtures/reed-chest.json';
import { readProject } from '$core/formats';
import { newPaste } from '$core/layers';
import { ARRANGEMENTS } from '$core/layout';
import { setArrangement, type Project } from '$core/project';
import { contextOf, PieceState } from '$lib/ui/piece-state';
import { render, screen } from '@testing-library/svelte';
import userEvent from '@testing-library/user-event';
import { beforeEach, expect, it, vi } from 'vitest';
import LaysSteps from './LaysSteps.svelte';

const read = readProject(demo);
if (!read.ok) throw new Error(JSON.stringify(read.issues));
const { project } = read;

beforeEach(() => vi.stubGlobal('fetch', () => new Promise(() => {})));

/** Reeds all over a drawer, in paste, through a sheet of one. */
function withField(): Project {
	const [reeds] = project.layout.arrangements;
	const [motif] = project.layout.motifs;
	const id = reeds!.id;
	const field = ARRANGEMENTS.grid.start({
		id,
		name: 'Reeds',
		motif: motif!,
		parts: ['drawer-2'],
		shortest: 100,
		scale: 1,
		round: Math.round
	});
	const coats = [...project.finish.coats.filter((coat) => !('arrangement' in coat)), newPaste(id)];
	const laid = setArrangement(project, { ...field, edge: 'whole' });
	return { ...laid, finish: { ...laid.finish, coats } };
}

it('a sheet that saves rounds is told, cut with one click, and one undo brings the other back', async () => {
	const piece = new PieceState({ id: 'x', version: 1, document: withField() });
	render(LaysSteps, { props: { coat: 'paste' }, context: contextOf(piece) });
	const before = piece.plan.lays[0]!;
	expect(before.lays.length).toBeGreaterThan(5);
	expect(screen.getByText(/^A sheet with .* of .*would take 1 lay with no wait\./)).toBeInTheDocument();
	await userEvent.click(screen.getByRole('button', { name: 'Cut it so' }));
	expect(screen.getByText('1 lay')).toBeInTheDocument();
	expect(screen.queryByRole('button', { name: 'Cut it so' })).toBeNull();
	expect(piece.plan.lays[0]!.lays).toHaveLength(1);
	await piece.undo();
	expect(piece.plan.lays[0]!.lays).toHaveLength(before.lays.length);
});

it('where another arrangement is laid with that sheet, it is told but not cut', () => {
	const one = withField();
	const [field] = one.layout.arrangements;
	const both: Project = { ...one, layout: { ...one.layout, arrangements: [field!, { ...field!, id: 'others', name: 'Others' }] } };
	const piece = new PieceState({ id: 'x', version: 1, document: both });
	render(LaysSteps, { props: { coat: 'paste' }, context: contextOf(piece) });
	expect(screen.getByText(/^A sheet with /)).toBeInTheDocument();
	expect(screen.queryByRole('button', { name: 'Cut it so' })).toBeNull();
});
