import { newProject } from '$core/project';
import { contextOf, PieceState } from '$lib/ui/piece-state';
import { pickByKeys } from '$lib/ui/testing';
import { render, screen, within } from '@testing-library/svelte';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import ChainCheckNote from './ChainCheckNote.svelte';
import DevicePanel from './DevicePanel.svelte';
import HardwarePanel from './HardwarePanel.svelte';
import { listOrders, orderFor } from './orders';
import PastePanel from './PastePanel.svelte';
import ReadingField from './ReadingField.svelte';
import Readings from './Readings.svelte';
import { listTargets } from './targets';

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

it('goes on from the other end of a gap to the next reading, not to the first', async () => {
	const piece = open(['25', '4', '160', '4', '175', '4', '60'], '432');
	render(Readings, { context: contextOf(piece) });
	const far = screen.getByLabelText('Gap 2, at its other end');
	far.focus();
	await userEvent.keyboard('5{Enter}');
	expect(screen.getByLabelText('Drawer 2')).toHaveFocus();
	expect(screen.getByText(/This gap tapers: 4 mm at one end, 5 mm at the other/).previousElementSibling).toContainElement(far);
	far.focus();
	await userEvent.keyboard('{Shift>}{Enter}{/Shift}');
	expect(screen.getByLabelText('Gap 2')).toHaveFocus();
});

describe('what the tape takes', () => {
	const listOf = (piece: PieceState) =>
		listTargets(piece.faceInput, piece.face).map(({ name, length }) => [name, Math.round(length * 10) / 10]);

	it('of a chest: the whole, the frame, then every link, each as long as it is drawn', () => {
		const piece = open(['25', '4', '160', '4', '175', '4', '60'], '432');
		piece.editFace((face) => void Object.assign(face, { stile: '20', sideGap: '3' }));
		expect(listOf(piece)).toEqual([
			['Width', 860],
			['Height', 432],
			['Stile', 20],
			['Side gap', 3],
			['Rail', 25],
			['Gap 1', 4],
			['Drawer 1', 160],
			['Gap 2', 4],
			['Drawer 2', 175],
			['Gap 3', 4],
			['Plinth', 60]
		]);
		/** What a rule gives nobody takes. */
		piece.editFace((face) => void (face.sizes = { rule: 'equal' }));
		expect(listOf(piece).map(([name]) => name)).not.toContain('Drawer 1');
	});

	it.each([
		['tray', ['Width', 'Height']],
		['round-table', ['Diameter']]
	])('of a %s: nothing of a frame, %j', (shape, names) => {
		const piece = new PieceState({ id: 'x', version: 1, document: newProject({ name: 'x', units: 'mm', shape }) });
		expect(listOf(piece).map(([name]) => name)).toEqual(names);
	});
});

describe('a list of bare readings', () => {
	const FIELDS = ['Width', 'Height', 'Stile', 'Side gap', 'Rail', 'Gap 1', 'Drawer 1', 'Gap 2'];
	const targets = FIELDS.map((name, i) => ({ id: name.toLowerCase(), name, value: i < 3 ? '9' : '', length: 10, set: () => {} }));
	const orders = listOrders(targets, new Set(['rail', 'gap 1', 'drawer 1', 'gap 2']));

	it.each([
		[8, 'all'],
		[6, 'whole-and-chain'],
		[5, 'open'],
		[4, 'chain'],
		[3, 'chain'],
		[7, 'all'],
		[9, undefined]
	])('of %i is taken for: %s', (count, id) => expect(orderFor(count, orders)?.id).toBe(id));

	it('shows which goes where, and what it would replace; the chain alone leaves the width as it is', async () => {
		const piece = open(['25', '4', '160', '4', '175', '4', '60'], '432');
		const face = piece.faceInput;
		render(PastePanel, { props: { targets: listTargets(face, piece.face), ondone: () => {} }, context: contextOf(piece) });
		await userEvent.type(screen.getByRole('textbox'), '26\n4\n160\n4\n174\n4\n60');
		const goes = within(screen.getByRole('list', { name: 'Which goes where' })).getAllByRole('listitem');
		expect(goes.map((one) => one.textContent?.replace(/\s+/g, ' ').trim())).toEqual([
			'Rail 25 26',
			'Gap 1 4',
			'Drawer 1 160',
			'Gap 2 4',
			'Drawer 2 175 174',
			'Gap 3 4',
			'Plinth 60'
		]);
		await userEvent.click(screen.getByRole('radio', { name: 'every reading, in the order of the tape' }));
		expect(screen.getByRole('list', { name: 'Which goes where' })).toHaveTextContent(/^Width\s*860\s*26/);
		await userEvent.click(screen.getByRole('radio', { name: 'the chain alone' }));
		await userEvent.click(screen.getByRole('button', { name: 'Take them over' }));
		expect([piece.faceInput.width, piece.faceInput.chain[0]!.reading, piece.faceInput.chain[4]!.reading]).toEqual(['860', '26', '174']);
	});
});

it('the simulated device keeps one piece in its mind: what was sent from a wrong edge is not measured again', async () => {
	const piece = open(['25', '4', '160', '4', '175', '4', '60'], '432');
	const drawn = () => listTargets(piece.faceInput, piece.face);
	const panel = render(DevicePanel, {
		props: { targets: drawn(), next: drawn().find(({ name }) => name === 'Drawer 1')!.id, onnext: () => {} },
		context: contextOf(piece)
	});
	piece.editFace((face) => void (face.chain[2]!.reading = '190'));
	await panel.rerender({ targets: drawn() });
	await userEvent.click(screen.getByRole('button', { name: 'Send one' }));
	expect(Number(piece.faceInput.chain[2]!.reading)).toBeCloseTo(160, 0);
	piece.editFace((face) => void (face.chain[2]!.reading = '200'));
	await panel.rerender({ targets: drawn() });
	await userEvent.click(screen.getByRole('button', { name: /measure by it/ }));
	await userEvent.click(screen.getByRole('button', { name: 'Send one' }));
	expect(Number(piece.faceInput.chain[2]!.reading)).toBeCloseTo(200, 0);
});

it('the simulated device measures the face that is shown, and takes back nothing of the one before', async () => {
	const piece = open(['25', '4', '160', '4', '175', '4', '60'], '432');
	piece.edit((draft) => void (draft.workshop.simulated = true));
	render(Readings, { context: contextOf(piece) });
	await userEvent.click(screen.getByRole('button', { name: 'From the simulated measuring device' }));
	await userEvent.click(await screen.findByLabelText('Width'));
	await userEvent.click(screen.getByRole('button', { name: 'Send one' }));
	expect(Number(piece.faceInput.width)).toBeCloseTo(860, 0);
	expect(screen.getByRole('button', { name: 'Take the last back' })).toBeEnabled();
	piece.view.showFace(piece.project.piece.faces[1]!.id);
	piece.editFace((face) => void (face.width = '390'));
	await vi.waitFor(() => expect(screen.getByRole('button', { name: 'Take the last back' })).toBeDisabled());
	await userEvent.click(screen.getByLabelText('Width'));
	await userEvent.click(screen.getByRole('button', { name: 'Send one' }));
	expect(Number(piece.faceInput.width)).toBeCloseTo(390, 0);
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
