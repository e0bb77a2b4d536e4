import { newProject } from '$core/project';
import { contextOf, PieceState } from '$lib/ui/piece-state';
import { pickByKeys } from '$lib/ui/testing';
import { render, screen } from '@testing-library/svelte';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import ChainCheckNote from './ChainCheckNote.svelte';
import HardwarePanel from './HardwarePanel.svelte';
import ReadingField from './ReadingField.svelte';

beforeEach(() => vi.stubGlobal('fetch', () => new Promise(() => {})));

function open(readings: readonly string[], height: string): PieceState {
	const piece = new PieceState({ id: 'x', version: 1, document: newProject({ name: 'x', units: 'mm', count: (readings.length - 3) / 2 }) });
	piece.edit((draft) => {
		const face = draft.piece.faces[0]!;
		face.width = '860';
		face.height = height;
		face.chain.forEach((entry, i) => (entry.reading = readings[i]!));
	});
	return piece;
}
const note = (piece: PieceState) => render(ChainCheckNote, { props: { check: piece.plan.faces[0]!.check }, context: contextOf(piece) });

describe('the chain check', () => {
	it('says that it closes, or what was shared out', () => {
		note(open(['25', '4', '160', '4', '175', '4', '60'], '432'));
		expect(screen.getByText('✓ The chain closes.')).toBeVisible();
		document.body.innerHTML = '';
		note(open(['25', '4', '160', '4', '175', '4', '60'], '433'));
		expect(screen.getByText(/1 mm short: reading error, shared out/)).toBeVisible();
	});

	it('names the suspect, and sets it right with one click', async () => {
		const piece = open(['25', '4', '160', '4', '157', '4', '60'], '432');
		note(piece);
		expect(screen.getByText(/The readings are 18 mm short/)).toBeVisible();
		expect(screen.getAllByRole('listitem')[0]).toHaveTextContent('Drawer 2: two digits swapped?');
		await userEvent.click(screen.getByRole('button', { name: 'It is 175 mm' }));
		expect(piece.project.piece.faces[0]!.chain[4]!.reading).toBe('175 mm');
		expect(piece.plan.faces[0]!.check!.verdict).toBe('closed');
	});
});

it('goes on to the next reading with Enter, and back with Shift', async () => {
	render(ReadingField, { label: 'Rail', value: '', onchange: () => {} });
	render(ReadingField, { label: 'Drawer', value: '', onchange: () => {} });
	screen.getByLabelText('Rail').focus();
	await userEvent.keyboard('{Enter}');
	expect(screen.getByLabelText('Drawer')).toHaveFocus();
	await userEvent.keyboard('{Shift>}{Enter}{/Shift}');
	expect(screen.getByLabelText('Rail')).toHaveFocus();
});

it('does not call a reading wrong that has not been taken', () => {
	const error = { code: 'length.empty', path: '', message: 'Not measured yet. Type the reading.' };
	render(ReadingField, { label: 'Rail', value: '', error, onchange: () => {} });
	expect(screen.getByLabelText('Rail')).not.toHaveAttribute('aria-invalid', 'true');
	expect(screen.queryByText(error.message)).toBeNull();
});

describe('hardware', () => {
	it('is set for every drawer, and otherwise for one', async () => {
		const piece = open(['25', '4', '160', '4', '175', '4', '60'], '432');
		render(HardwarePanel, { context: contextOf(piece) });
		await userEvent.click(screen.getByRole('radio', { name: 'pulls' }));
		expect(piece.project.piece.faces[0]!.hardware.kind).toBe('pull');
		await pickByKeys(/^On /, 'Drawer 2 only');
		await userEvent.click(screen.getByRole('radio', { name: 'nothing' }));
		const [one, two] = piece.plan.faces[0]!.parts.filter((part) => part.role === 'drawer');
		expect([one!.hardware.length, two!.hardware.length]).toEqual([2, 0]);
		await userEvent.click(screen.getByRole('button', { name: 'as on every drawer' }));
		expect(piece.project.piece.faces[0]!.exceptions).toEqual({});
	});

	it('says beside the field that a knob stands off its front', async () => {
		const piece = open(['25', '4', '160', '4', '175', '4', '60'], '432');
		render(HardwarePanel, { context: contextOf(piece) });
		await pickByKeys(/^Where, across/, 'two, from the edges');
		const field = screen.getByLabelText('Edge to its middle');
		await userEvent.clear(field);
		await userEvent.type(field, '5');
		expect(field).toHaveAccessibleDescription('It would stand over the edge of what it is on. Change the distance or the size.');
	});
});
