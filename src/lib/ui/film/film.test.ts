import demo from '../../../../demo/sail-loft-chest.json';
import { readProject } from '$core/formats';
import type { Coat } from '$core/layers';
import { planProject } from '$core/plan';
import { contextOf, PieceState } from '$lib/ui/piece-state';
import { render, screen } from '@testing-library/svelte';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import Film from './Film.svelte';
import { describeStrips, outlineOf } from './strips';

const read = readProject(demo);
if (!read.ok) throw new Error(JSON.stringify(read.issues));
const { project } = read;

beforeEach(() => vi.stubGlobal('fetch', () => new Promise(() => {})));

function show(onchoose?: (coat: string) => void) {
	const piece = new PieceState({ id: 'x', version: 1, document: project });
	render(Film, { props: { onchoose }, context: contextOf(piece) });
	return piece;
}
const orderOf = (piece: PieceState) => piece.project.finish.coats.map(({ id }) => id);

describe('strips', () => {
	const strips = describeStrips(project, planProject(project), 'drawer-1');
	const stripOf = (id: string) => strips.find((strip) => strip.id === id)!;

	it('tell a coat by its edge, its colours and its build', () => {
		expect(stripOf('base')).toMatchObject({ edge: 'porous', fills: ['#1f3a47'], isCut: false, detail: '2 coats, 100 µm' });
		expect(stripOf('blend')).toMatchObject({ edge: 'porous', detail: '2 coats, 100 µm' });
		expect(stripOf('blend').fills).toHaveLength(3);
		expect(stripOf('stencil')).toMatchObject({ edge: 'raised', name: 'Reed bed' });
		expect(stripOf('clear').edge).toBe('glossy');
		expect(stripOf('clean').isCut).toBe(true);
		expect(stripOf('base').width).toBeGreaterThan(stripOf('prime').width);
	});

	it('stand back where the coat does not lie on the surface in section', () => {
		const frame = describeStrips(project, planProject(project), 'front');
		expect(frame.filter(({ here, isCut }) => !here && !isCut).map(({ id }) => id)).toEqual(['blend', 'stencil']);
	});

	it('tell what is sanded off again, on the surface in section, and nothing after it', () => {
		const at = project.finish.coats.findIndex(({ id }) => id === 'clear');
		const strip: Coat = { kind: 'sand', id: 'strip', wait: null, on: ['drawer-1'], grit: 80, bare: true };
		const sanded = { ...project, finish: { ...project.finish, coats: project.finish.coats.toSpliced(at, 0, strip) } };
		const gone = (surface: string) => describeStrips(sanded, planProject(sanded), surface).filter(({ isGone }) => isGone);
		expect(gone('drawer-1').map(({ id }) => id)).toEqual(['prime', 'base', 'blend', 'stencil']);
		expect(gone('drawer-2')).toEqual([]);
	});

	it('close their outline, whatever the edge', () => {
		for (const edge of ['porous', 'waxy', 'glossy', 'raised', 'plain'] as const) expect(outlineOf(edge, 80, 50)).toMatch(/^M0 0H.*H0Z$/);
	});
});

describe('the film', () => {
	it('is walked with the arrow keys, and a step moved with Shift', async () => {
		const piece = show();
		const base = screen.getByRole('button', { name: /^6\. Base coat/ });
		base.focus();
		await userEvent.keyboard('{ArrowRight}');
		expect(screen.getByRole('button', { name: /^7\. Blended coat/ })).toHaveFocus();
		await userEvent.keyboard('{Shift>}{ArrowLeft}{/Shift}');
		expect(orderOf(piece).slice(5, 7)).toEqual(['blend', 'base']);
		await piece.undo();
		expect(orderOf(piece).slice(5, 7)).toEqual(['base', 'blend']);
	});

	it('hands on the strip that was chosen', async () => {
		const chosen = vi.fn();
		const piece = show(chosen);
		await userEvent.click(screen.getByRole('button', { name: /Reed bed/ }));
		expect(chosen).toHaveBeenCalledWith('stencil');
		expect(piece.seen.coat).toBe('stencil');
	});

	it('sets the stage by keyboard: bare, step by step, and all', async () => {
		const piece = show();
		screen.getByRole('slider', { name: 'Stage that is shown' }).focus();
		await userEvent.keyboard('{Home}');
		expect(piece.steps).toBe(0);
		await userEvent.keyboard('{ArrowRight}{ArrowRight}');
		expect(piece.steps).toBe(2);
		expect(screen.getByRole('slider')).toHaveAttribute('aria-valuetext', 'after Cleaning');
		await userEvent.keyboard('{End}');
		expect(piece.seen.steps).toBeNull();
	});

	it('marks a strip that has something to look at', () => {
		const piece = show();
		expect(screen.queryByRole('button', { name: /to look at/ })).toBeNull();
		piece.edit((draft) => void (draft.finish.coats = draft.finish.coats.filter(({ id }) => id !== 'clear')));
		return expect(screen.findByRole('button', { name: /Base coat.*1 to look at/ })).resolves.toBeVisible();
	});
});
