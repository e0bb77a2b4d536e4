import { TAPES } from '$core/layout';
import { CATALOGUE } from '$core/materials';
import { newProject, settingsOf, type WorkshopSettings } from '$core/project';
import { contextOf, PieceState } from '$lib/ui/piece-state';
import { BeginPiece } from '$lib/ui/pieces';
import { pickByKeys } from '$lib/ui/testing';
import { render, screen, waitFor, within } from '@testing-library/svelte';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import PieceWorkshop from './PieceWorkshop.svelte';
import { WorkshopState } from './WorkshopState.svelte';
import WorkshopPage from './WorkshopPage.svelte';
import { FIELD_NAMES, wordShared } from './wordShared';

const begun = settingsOf(newProject({ name: 'Chest', units: 'mm', count: 3 }));

/** The steps of a workshop, as its server keeps them. */
let steps: WorkshopSettings[];
let place: number;
let puts: number;
let isStale: boolean;
beforeEach(() => {
	[steps, place, puts, isStale] = [[begun], 1, 0, false];
	vi.stubGlobal('fetch', (path: string, { method = 'GET', body }: { method?: string; body?: string } = {}) => {
		const say = (status: number, value: unknown) => Promise.resolve(new Response(JSON.stringify(value), { status }));
		if (!path.startsWith('/api/workshop')) return new Promise(() => {});
		if (method === 'PUT') {
			puts++;
			const sent = JSON.parse(body!);
			if (isStale || sent.place !== place) {
				isStale = false;
				[steps, place] = [[begun, { ...begun, humidity: 88 }], 2];
				return say(409, { errors: [{ code: 'workshop.stale', path: '', message: 'Another window changed it.' }] });
			}
			[steps, place] = [[...steps.slice(0, place), sent.document], place + 1];
		}
		if (method === 'POST') place += path.endsWith('back') ? -1 : 1;
		return say(200, { document: steps[place - 1], place, first: 1, last: steps.length });
	});
});

describe('the page of the workshop', () => {
	it('changes it step by step, each with its undo; what is changed while one is on its way goes after it', async () => {
		const workshop = new WorkshopState();
		await workshop.load();
		expect([workshop.canUndo, workshop.canRedo]).toEqual([false, false]);
		await Promise.all([workshop.change({ temperature: 14 }), workshop.change({ humidity: 61 }), workshop.change({ humidity: 62 })]);
		expect([workshop.settings!.temperature, workshop.settings!.humidity, puts]).toEqual([14, 62, 2]);
		await workshop.step('back');
		expect([workshop.settings!.humidity, workshop.canRedo]).toEqual([begun.humidity, true]);
		await workshop.step('forth');
		expect([workshop.settings!.humidity, workshop.canRedo]).toEqual([62, false]);
	});

	it('shows what another window said, where that was quicker, and says so', async () => {
		const workshop = new WorkshopState();
		await workshop.load();
		isStale = true;
		await workshop.change({ temperature: 14 });
		expect([workshop.settings!.temperature, workshop.settings!.humidity, workshop.faults[0]!.message]).toEqual([
			begun.temperature,
			88,
			'Another window changed it.'
		]);
		await workshop.change({ temperature: 14 });
		expect([steps.at(-1)!.temperature, workshop.faults]).toEqual([14, []]);
	});

	it('every field does what it says', async () => {
		const workshop = new WorkshopState();
		await workshop.load();
		render(WorkshopPage, { props: { workshop } });
		const last = () => steps[place - 1]!;
		const type = async (label: string, text: string) => {
			const field = screen.getByLabelText(label);
			await userEvent.clear(field);
			await userEvent.type(field, text);
			await userEvent.tab();
		};
		await type('It is', '14');
		await waitFor(() => expect(last().temperature).toBe(14));
		await type('Humidity', '66');
		await waitFor(() => expect(last().humidity).toBe(66));
		await type('How many work', '2');
		await waitFor(() => expect(last().hands).toBe(2));
		for (const [name, field, value] of [
			['left', 'hand', 'left'],
			['fluid ounces', 'volumes', 'fl-oz'],
			['inches', 'units', 'in'],
			['Letter', 'paper', 'letter'],
			['Fahrenheit', 'degrees', 'F']
		] as const) {
			await userEvent.click(screen.getByText(name));
			await waitFor(() => expect(last()[field]).toBe(value));
		}
		await type('It is', '50');
		await waitFor(() => expect(last().temperature).toBeCloseTo(10, 6));
		await userEvent.click(screen.getByText(/simulated/));
		await waitFor(() => expect(last().simulated).toBe(true));
		await pickByKeys('A new blended coat is begun by', 'Dry drag');
		await pickByKeys('with brushes', "the colours' own");
		await waitFor(() => expect(last().schools).toEqual({ method: 'dry-drag', brushes: 'own-brushes' }));
		await userEvent.click(screen.getByLabelText('Undo in the workshop'));
		await waitFor(() => expect(last().schools).toEqual({ method: 'dry-drag' }));
		/** A side is taken, and given up again. */
		const sides = within(screen.getByRole('radiogroup', { name: 'Wax is buffed' }));
		await userEvent.click(sides.getByText('next day'));
		await waitFor(() => expect(last().schools).toEqual({ method: 'dry-drag', buffing: 'next-day' }));
		await userEvent.click(sides.getByText(/^No side/));
		await waitFor(() => expect(last().schools).toEqual({ method: 'dry-drag' }));
		await userEvent.click(screen.getByRole('button', { name: /^Take the tape of 1\/8/ }));
		await waitFor(() => expect(last().tapes?.length).toBe(TAPES.length - 1));
	});

	it('has the tins, changes what their labels say, and takes one off the shelf', async () => {
		const tin = { ...CATALOGUE.find(({ id }) => id === 'chalk-paint')!, id: 'blue-tin', name: 'Blue tin', like: 'chalk-paint' };
		steps = [{ ...begun, materials: [tin] }];
		const workshop = new WorkshopState();
		await workshop.load();
		render(WorkshopPage, { props: { workshop } });
		const last = () => steps[place - 1]!;
		await userEvent.click(screen.getByRole('button', { name: 'What its label says' }));
		const recoat = screen.getByLabelText('Ready for the next coat after');
		await userEvent.clear(recoat);
		await userEvent.type(recoat, 'soon{Tab}');
		expect(screen.getByText('Write it like 45 min, 2 h 30 or 1 day.')).toBeVisible();
		expect(last().materials[0]!.recoat).toBe(120);
		await userEvent.clear(recoat);
		await userEvent.type(recoat, '5 h{Tab}');
		await waitFor(() => expect(last().materials[0]).toMatchObject({ recoat: 300, from: { recoat: 'label' } }));
		await workshop.keep({ ...tin, id: 'red-tin', name: 'Red tin' });
		expect(last().materials.map(({ name }) => name)).toEqual(['Blue tin', 'Red tin']);
		await userEvent.click(await screen.findByRole('button', { name: 'Take Red tin off the shelf' }));
		await waitFor(() => expect(last().materials.length).toBe(1));
	});
});

it('a piece that is begun at once, before the workshop is known, begins with what holds there, in its units', async () => {
	steps = [{ ...begun, units: 'in', temperature: 14 }];
	const workshop = new WorkshopState();
	void workshop.load();
	const added: string[] = [];
	const onadd = (text: string) => Promise.resolve(void added.push(text));
	render(BeginPiece, { props: { workshop, busy: false, faults: [], onadd } });
	const button = screen.getByRole('button', { name: 'Begin measuring' });
	/** Twice, as an impatient hand does. */
	button.click();
	button.click();
	expect(workshop.settings).toBeNull();
	await waitFor(() => expect(added.length).toBe(1));
	const piece = JSON.parse(added[0]!);
	expect([piece.units, piece.workshop.temperature]).toEqual(['in', 14]);
});

describe('the slip of a piece', () => {
	const open = async () => {
		const piece = new PieceState({ id: 'x', version: 1, document: newProject({ name: 'Chest', units: 'mm', count: 3 }) });
		render(PieceWorkshop, { context: contextOf(piece) });
		await userEvent.click(await screen.findByRole('button', { name: /^Conditions/, hidden: true }));
		return piece;
	};

	it('says nothing where both are the same; what is changed on it is its own, and can be given up, or given to the workshop', async () => {
		const piece = await open();
		expect(screen.queryByText('Take that for this piece')).toBeNull();
		await userEvent.click(screen.getByText('left'));
		expect([piece.project.workshop.hand, piece.project.workshop.own]).toEqual(['left', ['hand']]);
		expect(screen.getByText('This piece has its own: hand.')).toBeInTheDocument();
		await userEvent.click(screen.getByText('As the workshop has it'));
		expect([piece.project.workshop.hand, piece.project.workshop.own]).toEqual([undefined, undefined]);
		await userEvent.click(screen.getByText('left'));
		await userEvent.click(screen.getByText('Let it hold for the workshop'));
		await waitFor(() => expect(steps.at(-1)!.hand).toBe('left'));
		await waitFor(() => expect([piece.project.workshop.hand, piece.project.workshop.own]).toEqual(['left', undefined]));
	});

	it('says what has changed; it is taken by one click and one undo, or the piece keeps its own', async () => {
		steps = [{ ...begun, temperature: 14, humidity: 70 }];
		const piece = await open();
		expect(screen.getByText('The workshop is not as this piece has it: 14 °C, 70 % humidity.')).toBeInTheDocument();
		expect(piece.project.workshop.temperature).toBe(20);
		await userEvent.click(screen.getByText('Take that for this piece'));
		expect([piece.project.workshop.temperature, piece.project.workshop.humidity]).toEqual([14, 70]);
		await piece.undo();
		expect(piece.project.workshop.temperature).toBe(20);
		await userEvent.click(await screen.findByText('Keep it as it is'));
		expect(piece.project.workshop.own).toEqual(['temperature', 'humidity']);
		expect(screen.queryByText('Take that for this piece')).toBeNull();
	});
});

it('every field has its words', () => {
	for (const field of Object.keys(FIELD_NAMES) as (keyof typeof FIELD_NAMES)[]) {
		const words = [
			begun,
			{
				...begun,
				units: 'in' as const,
				paper: 'letter' as const,
				hand: 'left' as const,
				tapes: [25.4, 19],
				schools: { method: 'dry-drag' as const }
			}
		].map((settings) => wordShared(field, settings));
		expect(words.join(' ')).not.toMatch(/undefined|null|NaN/);
	}
	expect(wordShared('tapes', { ...begun, units: 'in', tapes: [25.4, 19.05] })).toBe('tapes of 1 in, 3/4 in');
	expect(wordShared('temperature', { ...begun, temperature: 10, degrees: 'F' })).toBe('50 °F');
});
