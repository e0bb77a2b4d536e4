import demo from '../../../../tests/fixtures/reed-chest.json';
import { readProject } from '$core/formats';
import type { Places } from '$core/layout';
import { contextOf, PieceState } from '$lib/ui/piece-state';
import { render, screen } from '@testing-library/svelte';
import userEvent from '@testing-library/user-event';
import { beforeEach, expect, it, vi } from 'vitest';
import PlacesChoice from './PlacesChoice.svelte';

const read = readProject(demo);
if (!read.ok) throw new Error(JSON.stringify(read.issues));
const { project } = read;

beforeEach(() => vi.stubGlobal('fetch', () => new Promise(() => {})));

/** The choice with what was chosen last, as a panel would give it back. */
async function choose(places: Places, onDrawing: 'pull' | null = null) {
	const piece = new PieceState({ id: 'x', version: 1, document: project });
	let chosen = places;
	const props = { places, onDrawing, onchange: (next: Places) => void (chosen = next) };
	const { rerender } = render(PlacesChoice, { props, context: contextOf(piece) });
	const press = async (press: () => Promise<void>) => {
		await press();
		await rerender({ ...props, places: chosen });
		return chosen;
	};
	await userEvent.click(screen.getByRole('button', { name: /by name$/i }));
	return {
		piece,
		word: (name: string) => press(() => userEvent.click(screen.getByRole('button', { name }))),
		tick: (name: string) => press(() => userEvent.click(screen.getByRole('checkbox', { name })))
	};
}

it('words for many, and parts by their names: rails and plinth, the frame, all of a face', async () => {
	const { word, tick } = await choose('drawers');
	expect(screen.getByText('every drawer', { selector: 'b' })).toBeVisible();
	expect(await tick('Drawer 1')).toEqual(['drawer-2', 'drawer-3', 'drawer-4']);
	expect(await tick('Plinth')).toEqual(['drawer-2', 'drawer-3', 'drawer-4', 'plinth']);
	expect(await word('the frame')).toBe('frame');
	expect(screen.getByRole('checkbox', { name: 'frame' })).toBeChecked();
	expect(await word('the whole piece')).toBe('all');
	expect(screen.getByRole('button', { name: 'the whole piece' })).toHaveAttribute('aria-pressed', 'true');
});

it('all but some: the body without its top and back in one coat; turned round it is the same place', async () => {
	const { tick } = await choose('all');
	expect(await tick('All but these')).toHaveLength(1);
	expect(await tick('Top')).toEqual(expect.arrayContaining(['!top']));
	expect(screen.getByText(/^all but .*Top/, { selector: 'b' })).toBeVisible();
	const last = (await tick('Left side')) as string[];
	expect(last).toContain('!left');
	const turned = await tick('All but these');
	expect(turned).toEqual(expect.arrayContaining(['front', 'right']));
	expect(turned).not.toContain('top');
	expect(turned).not.toContain('left');
});

it('the last one that is left out, taken back, is all of it; the last one that it is on stays', async () => {
	const but = await choose(['!top']);
	expect(await but.tick('Top')).toBe('all');
	document.body.replaceChildren();
	const on = await choose(['top']);
	expect(await on.tick('Top')).toEqual(['top']);
});

it('by touch each click on the piece adds, where that is ticked', async () => {
	const { piece, tick } = await choose(['drawer-1'], 'pull');
	piece.choosePart('drawer-1', false);
	await tick('More than one: each click adds, without Shift');
	piece.choosePart('plinth', false);
	expect(piece.view.parts).toEqual(['drawer-1', 'plinth']);
});
