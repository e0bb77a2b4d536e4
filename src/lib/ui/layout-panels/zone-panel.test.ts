import { pickByKeys } from '$lib/ui/testing';
import demo from '../../../../tests/fixtures/reed-chest.json';
import { readProject } from '$core/formats';
import { PATTERNS, type PatternId } from '$core/layout';
import { contextOf, PieceState } from '$lib/ui/piece-state';
import { fireEvent, render, screen } from '@testing-library/svelte';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import ZoneHandles from '../drawing/ZoneHandles.svelte';
import MixPanel from '../mix/MixPanel.svelte';
import ZonePanel from './ZonePanel.svelte';

const read = readProject(demo);
if (!read.ok) throw new Error(JSON.stringify(read.issues));
const { project } = read;

beforeEach(() => vi.stubGlobal('fetch', () => new Promise(() => {})));
const open = () => new PieceState({ id: 'x', version: 1, document: project });
const zoneOf = (piece: PieceState) => piece.project.layout.zones[0]!;
/** The panel gets a zone from its page: drawn again after every edit, as there. */
function show(piece: PieceState) {
	const drawn = render(ZonePanel, { props: { zone: zoneOf(piece) }, context: contextOf(piece) });
	return () => drawn.rerender({ zone: zoneOf(piece) });
}

describe('a zone of colour', () => {
	it.each(Object.keys(PATTERNS) as PatternId[])(
		'turns to %s with figures of its own, loses no colour, and is back with one undo',
		async (id) => {
			const piece = open();
			const before = zoneOf(piece);
			const again = show(piece);
			await pickByKeys(/^How it goes/, PATTERNS[id].name);
			await again();
			expect(zoneOf(piece).field.pattern).toBe(id);
			expect(zoneOf(piece).colours).toEqual(before.colours);
			expect(piece.plan.errors).toEqual([]);
			expect(readProject(JSON.parse(JSON.stringify(piece.project)))).toMatchObject({ ok: true });
			const total = piece.plan.zones[0]!.areas.reduce((sum, { area }) => sum + area, 0);
			const { width, height } = piece.plan.faces[0]!.parts.find(({ id }) => id === piece.plan.zones[0]!.part)!;
			if (zoneOf(piece).leaves) expect(total).toBeLessThan((width * height) / 1e6);
			else expect(total).toBeCloseTo((width * height) / 1e6, 6);
			if (id !== before.field.pattern) piece.undo();
			expect(zoneOf(piece)).toEqual(before);
		}
	);

	it('another like this changes the seed and nothing else', async () => {
		const piece = open();
		piece.edit((draft) => void (draft.layout.zones[0]!.field = { pattern: 'clouds', size: 60, seed: 4, stops: null }));
		show(piece);
		await userEvent.click(screen.getByRole('button', { name: 'Another like this' }));
		expect(zoneOf(piece).field).toEqual({ pattern: 'clouds', size: 60, seed: 5, stops: null });
	});

	it('takes up to seven colours, and never fewer than two', async () => {
		const piece = open();
		const again = show(piece);
		for (let i = zoneOf(piece).colours.length; i < 7; i++) {
			await userEvent.click(screen.getByRole('button', { name: 'One more colour' }));
			await again();
		}
		expect(zoneOf(piece).colours).toHaveLength(7);
		expect(screen.queryByRole('button', { name: 'One more colour' })).toBeNull();
		expect(piece.plan.zones[0]!.joins).toHaveLength(6);
		for (let i = 7; i > 2; i--) {
			await userEvent.click(screen.getByRole('button', { name: 'Take out colour 2' }));
			await again();
		}
		expect(zoneOf(piece).colours).toHaveLength(2);
		expect(screen.queryByRole('button', { name: /^Take out colour/ })).toBeNull();
	});

	it('names colours that are too far apart, and puts the bridge of the palette between', async () => {
		const piece = open();
		piece.edit((draft) => {
			const [first, , last] = draft.layout.zones[0]!.colours;
			draft.layout.zones[0]!.colours = [first!, last!];
			draft.palette.find(({ id }) => id === first)!.hex = '#0d1116';
			draft.palette.find(({ id }) => id === last)!.hex = '#f6f2e8';
		});
		const join = piece.plan.zones[0]!.joins[0]!;
		expect(join).toMatchObject({ verdict: 'bridge', mud: null });
		show(piece);
		await userEvent.click(screen.getAllByRole('button', { name: /between: the largest step falls/ })[0]!);
		expect(zoneOf(piece).colours).toEqual([join.between[0], ...join.bridges[0]!.colours, join.between[1]]);
		expect(Math.max(...piece.plan.zones[0]!.joins.map(({ difference }) => difference))).toBeCloseTo(join.bridges[0]!.worst, 6);
	});
});

describe('what is worth a look about a zone', () => {
	it('stands in the panel with its remedy, which one click takes and one undo gives back', async () => {
		const piece = open();
		const before = piece.project;
		const finding = piece.plan.zoneFindings.find(({ code }) => code === 'under-motif')!;
		show(piece);
		expect(screen.getByText(`! ${finding.says}`)).toBeVisible();
		await userEvent.click(screen.getByRole('button', { name: finding.remedies[0]!.says }));
		expect(piece.plan.zoneFindings.some(({ code }) => code === 'under-motif')).toBe(false);
		piece.undo();
		expect(piece.project).toBe(before);
	});

	it('a remedy that is a coat is taken there', async () => {
		const piece = open();
		piece.edit((draft) => draft.finish.coats.forEach((coat) => coat.kind === 'blend' && (coat.brushes = 'one-dry')));
		show(piece);
		await userEvent.click(screen.getByRole('button', { name: 'Take a clean dry brush for each join' }));
		expect(piece.project.finish.coats.find(({ kind }) => kind === 'blend')).toMatchObject({ brushes: 'clean-joins' });
	});
});

it('a slider moves by the keyboard, one step back each, and leaves no sketch behind', async () => {
	const piece = open();
	const again = show(piece);
	screen.getByRole('slider', { name: 'Border' }).focus();
	await userEvent.keyboard('{ArrowRight}');
	expect([zoneOf(piece).field, piece.drag.sketch]).toMatchObject([{ border: 29 }, null]);
	await again();
	screen.getByRole('slider', { name: 'Softness' }).focus();
	await userEvent.keyboard('{ArrowLeft}');
	expect([zoneOf(piece).softness, piece.drag.sketch]).toEqual([expect.closeTo(0.85, 9), null]);
	piece.undo();
	piece.undo();
	expect(zoneOf(piece)).toMatchObject({ field: { border: 28 }, softness: 0.9 });
});

describe('handles on the piece', () => {
	const drawn = (piece: PieceState) => {
		render(ZoneHandles, { props: { face: piece.face, scale: 1, zone: zoneOf(piece) }, context: contextOf(piece) });
		return (name: string) => screen.getByRole('slider', { name });
	};
	const border = (piece: PieceState) => (zoneOf(piece).field as { border: number }).border;

	it('move with the arrows, by 1 mm or 10, softness by 5 percent; a run of nudges is one step back', async () => {
		const piece = open();
		const handle = drawn(piece);
		handle('Where the first colours meet').focus();
		await userEvent.keyboard('{ArrowDown}');
		expect(border(piece)).toBe(29);
		piece.undo();
		expect(border(piece)).toBe(28);
		handle('Softness of the joins').focus();
		await userEvent.keyboard('{ArrowUp}');
		expect(zoneOf(piece).softness).toBeCloseTo(0.85, 9);
	});

	it('show the picture alone while they are dragged: the plan and what is saved change when they are let go', async () => {
		const piece = open();
		const handle = drawn(piece)('Where the first colours meet');
		handle.setPointerCapture = () => {};
		const { plan, project } = piece;
		await fireEvent.pointerDown(handle, { clientX: 100, clientY: 100, pointerId: 1 });
		await fireEvent.pointerMove(handle, { clientX: 100, clientY: 112, pointerId: 1 });
		expect((piece.drag.sketch!.layout.zones[0]!.field as { border: number }).border).toBe(40);
		expect([piece.plan, piece.project]).toEqual([plan, project]);
		await fireEvent.pointerUp(handle, { pointerId: 1 });
		expect([border(piece), piece.drag.sketch]).toEqual([40, null]);
		piece.undo();
		await fireEvent.pointerDown(handle, { clientX: 100, clientY: 100, pointerId: 1 });
		await fireEvent.pointerMove(handle, { clientX: 100, clientY: 90, pointerId: 1 });
		await fireEvent.keyDown(handle, { key: 'Escape' });
		await fireEvent.pointerUp(handle, { pointerId: 1 });
		expect([border(piece), piece.drag.sketch]).toEqual([28, null]);
	});
});

describe('mixing', () => {
	it('pours so many ml of each part, and adds the mix to the palette with its recipe for a name', async () => {
		const piece = open();
		render(MixPanel, { context: contextOf(piece) });
		const [first, second] = piece.project.palette;
		await userEvent.clear(screen.getByLabelText(first!.name));
		await userEvent.type(screen.getByLabelText(first!.name), '1');
		await userEvent.clear(screen.getByLabelText(second!.name));
		await userEvent.type(screen.getByLabelText(second!.name), '3');
		expect(screen.getByText('25 ml')).toBeVisible();
		expect(screen.getByText('75 ml')).toBeVisible();
		const before = piece.project.palette.length;
		await userEvent.click(screen.getByRole('button', { name: 'Add it to the palette' }));
		expect(piece.project.palette).toHaveLength(before + 1);
		expect(piece.project.palette.at(-1)).toMatchObject({
			name: `1 ${first!.name}, 3 ${second!.name}`,
			mix: [
				{ colour: first!.id, parts: 1 },
				{ colour: second!.id, parts: 3 }
			]
		});
		piece.undo();
		expect(piece.project.palette).toHaveLength(before);
	});
});
