import { pickByKeys } from '$lib/ui/testing';
import demo from '../../../../tests/fixtures/reed-chest.json';
import { readProject } from '$core/formats';
import { convertHexToLab, convertLabToHex, differColours } from '$core/colour';
import { contextOf, PieceState } from '$lib/ui/piece-state';
import { fireEvent, render, screen, within } from '@testing-library/svelte';
import userEvent from '@testing-library/user-event';
import { tick } from 'svelte';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import PalettePanel from './PalettePanel.svelte';
import { SAMPLES, SimulatedColourReader } from './SimulatedColourReader';

const read = readProject(demo);
if (!read.ok) throw new Error(JSON.stringify(read.issues));
const { project } = read;
const SHELF = [{ id: 'samphire', name: 'Samphire', hex: '#6f8a4e', opacity: 0.92, jar: { left: 120, size: 120 } }];
let posted: unknown[] = [];
let answers = true;

beforeEach(() => {
	posted = [];
	answers = true;
	vi.stubGlobal('fetch', async (url: string, init: { body: string; method: string }) => {
		if (url === '/api/colours' && init.method === 'GET') return { ok: true, status: 200, json: async () => SHELF };
		if (url === '/api/colours') posted.push(JSON.parse(init.body));
		return { ok: answers, status: answers ? 200 : 507, json: async () => ({ version: 2, updatedAt: new Date().toISOString() }) };
	});
});

function show() {
	const piece = new PieceState({ id: 'x', version: 1, document: project });
	render(PalettePanel, { context: contextOf(piece) });
	const palette = () => piece.project.palette;
	return { piece, palette, first: () => palette()[0]! };
}
const choose = (name: string) => userEvent.click(screen.getByRole('button', { name: new RegExp(`^${name}`) }));
async function type(label: string | RegExp, text: string) {
	const field = screen.getByLabelText(label);
	await userEvent.clear(field);
	await userEvent.type(field, text);
	await fireEvent.change(field);
}

describe('the palette', () => {
	it('keeps what is left in a jar, how strong and how opaque a colour is; each is one step back', async () => {
		const { piece, first } = show();
		await choose(first().name);
		await type('Left in the jar', '33');
		await type('Tinting strength', '2.5');
		expect(first()).toMatchObject({ jar: { left: 33, size: 250 }, strength: 2.5 });
		expect(piece.plan.quantities.jars.find(({ colour }) => colour === first().id)!.toBuy).toBeGreaterThan(0);
		piece.undo();
		expect(first().strength).toBe(1.6);
		await type('Tinting strength', '99');
		expect(first().strength).toBe(1.6);
	});

	it('is made lighter, stronger and of another hue by keys, as one step; grey keeps the hue that it had', async () => {
		const { piece, first } = show();
		await choose(first().name);
		const before = first().hex;
		const was = convertHexToLab(before);
		const press = async (name: string, keys: string) => {
			screen.getByRole('slider', { name }).focus();
			await userEvent.keyboard(keys);
		};
		await press('Lightness', '{ArrowRight>9/}');
		const lighter = convertHexToLab(first().hex);
		expect(lighter.l - was.l).toBeGreaterThan(7);
		expect(Math.hypot(lighter.a - was.a, lighter.b - was.b)).toBeLessThan(2);
		await press('Strength', '{Home}');
		const grey = convertHexToLab(first().hex);
		expect(Math.hypot(grey.a, grey.b)).toBeLessThan(1);
		await press('Strength', '{ArrowRight>12/}');
		const again = convertHexToLab(first().hex);
		expect(Math.hypot(again.a, again.b)).toBeCloseTo(12, 0);
		expect(Math.atan2(again.b, again.a)).toBeCloseTo(Math.atan2(was.b, was.a), 0);
		await press('Hue', '{Home}');
		const rose = convertHexToLab(first().hex);
		expect(Math.atan2(rose.b, rose.a)).toBeCloseTo(0, 0);
		piece.undo();
		expect(first().hex).toBe(before);
	});

	it('asks where more is left than a jar holds', async () => {
		const { first } = show();
		await choose(first().name);
		await type('A jar holds', '250');
		await type('Left in the jar', '600');
		expect(screen.getByRole('status')).toHaveTextContent('That is more than a jar of 250 ml holds. 3 jars, or is one larger?');
		await userEvent.click(screen.getByRole('button', { name: 'One jar holds 600 ml' }));
		expect(first().jar).toEqual({ left: 600, size: 600 });
		expect(screen.queryByText(/more than a jar/)).toBeNull();
	});

	it('takes Lab as it is typed, and what no screen shows by the nearest, and says so', async () => {
		const { first } = show();
		await choose(first().name);
		await userEvent.click(screen.getByRole('radio', { name: 'by Lab' }));
		await type('L', '60');
		expect(convertHexToLab(first().hex).l).toBeCloseTo(60, 0);
		const before = convertHexToLab(first().hex);
		await type('a', '-120');
		expect(first().hex).toBe(convertLabToHex({ ...before, a: -120 }).hex);
		expect(screen.getByText(/^No screen shows this colour/)).toBeVisible();
	});

	it('reads a sample three times and takes the middle', async () => {
		const { first, piece } = show();
		piece.edit((draft) => void (draft.workshop.simulated = true));
		await choose(first().name);
		await userEvent.click(screen.getByRole('radio', { name: 'by Lab or reader' }));
		await pickByKeys(/^Under the simulated reader/, SAMPLES[3].name);
		await userEvent.click(screen.getByRole('button', { name: 'Read it' }));
		expect(await screen.findByText(/^The middle of/, {}, { timeout: 4000 })).toBeVisible();
		expect(differColours(first().hex, SAMPLES[3].hex)).toBeLessThan(1.2);
		expect(first().hex).not.toBe(SAMPLES[3].hex);
		expect(await new SimulatedColourReader(() => null).read()).toBeNull();
	});

	it('takes a colour from the shelf, and puts one there; a workshop that fails is said', async () => {
		const { palette, first } = show();
		await screen.findByLabelText(/^From the shelf/);
		await pickByKeys(/^From the shelf/, 'Samphire');
		expect(palette().at(-1)).toEqual(SHELF[0]);
		expect(screen.queryByLabelText(/^From the shelf/)).toBeNull();
		await choose(first().name);
		await userEvent.click(screen.getByRole('button', { name: 'Put it on the shelf' }));
		expect(posted).toEqual([first()]);
		answers = false;
		await userEvent.click(screen.getByRole('button', { name: 'Put it on the shelf' }));
		expect(await screen.findByRole('alert')).toHaveTextContent('The disk of the workshop is full');
	});

	it('takes out only what nothing uses, and says what does', async () => {
		const { palette, first } = show();
		await choose(first().name);
		expect(screen.getByRole('button', { name: 'Take it out' })).toBeDisabled();
		expect(screen.getByText(/^used for a base coat/)).toBeVisible();
		const before = palette().length;
		await userEvent.click(screen.getByRole('button', { name: 'One more colour' }));
		expect(palette()).toHaveLength(before + 1);
		await userEvent.click(screen.getByRole('button', { name: 'Take it out' }));
		expect(palette()).toHaveLength(before);
	});

	it('a mix follows its parts, in their parts and their shade, until it is a colour of its own', async () => {
		const { piece, palette } = show();
		const [a, b] = palette() as [(typeof project.palette)[0], (typeof project.palette)[0]];
		const mix = [
			{ colour: a.id, parts: 1 },
			{ colour: b.id, parts: 1 }
		];
		piece.edit((draft) => void draft.palette.push({ id: 'm', name: 'Half tide', hex: '#000000', opacity: 0.9, mix }));
		await tick();
		const mixed = () => palette().find(({ id }) => id === 'm')!;
		await choose('Half tide');
		const panel = within(screen.getByRole('group', { name: 'Mixed of, in parts' }));
		const field = panel.getByLabelText(b.name);
		await userEvent.clear(field);
		await userEvent.type(field, '9');
		await fireEvent.change(field);
		const near = mixed().hex;
		expect(differColours(near, b.hex)).toBeLessThan(differColours(near, a.hex));
		await choose(b.name);
		await fireEvent.input(screen.getByLabelText(`Shade of ${b.name} as it dries`), { target: { value: '#e0d060' } });
		expect(mixed().hex).not.toBe(near);
		await choose('Half tide');
		await userEvent.click(screen.getByRole('button', { name: 'Let it be a colour of its own' }));
		expect(mixed().mix).toBeUndefined();
	});
});
