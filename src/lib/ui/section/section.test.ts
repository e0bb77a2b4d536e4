import demo from '../../../../tests/fixtures/reed-chest.json';
import { readProject } from '$core/formats';
import type { Coat } from '$core/layers';
import { planProject } from '$core/plan';
import { contextOf, PieceState } from '$lib/ui/piece-state';
import { render, screen } from '@testing-library/svelte';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { describeTreads, type Tread } from './describeTreads';
import { drawBoard } from './drawBoard';
import { fitTreads } from './fitTreads';
import Section from './Section.svelte';

const read = readProject(demo);
if (!read.ok) throw new Error(JSON.stringify(read.issues));
const { project } = read;

beforeEach(() => vi.stubGlobal('fetch', () => new Promise(() => {})));

function show(onchoose?: (coat: string) => void, document = project) {
	const piece = new PieceState({ id: 'x', version: 1, document });
	render(Section, { props: { onchoose }, context: contextOf(piece) });
	return piece;
}
const orderOf = (piece: PieceState) => piece.project.finish.coats.map(({ id }) => id);

const treadsOn = (surface: string, of = project) => describeTreads(of, planProject(of), surface);
const clear = project.finish.coats.find(({ id }) => id === 'clear') as Extract<Coat, { kind: 'clear' }>;
const withSteps = (...coats: Coat[]) => ({ ...project, finish: { ...project.finish, coats } });

describe('treads', () => {
	const treads = treadsOn('drawer-1');
	const treadOf = (id: string) => treads.find(({ coat }) => coat === id)!;

	it('tell a coat by its edge, its colours and its build', () => {
		expect(treadOf('base')).toMatchObject({ edge: 'porous', fills: ['#1f3a47'], kind: 'slab', detail: '2 coats, 100 µm', height: 10 });
		expect(treadOf('blend').fills).toHaveLength(3);
		expect(treadOf('stencil')).toMatchObject({
			kind: 'raised',
			label: 'Reed bed',
			through: 'reeds',
			brings: { kind: 'arrangement', id: 'reeds' }
		});
		expect(treadOf('clear').edge).toBe('glossy');
		expect(treadOf('clean')).toMatchObject({ kind: 'mark', height: 0 });
	});

	it('stand back where the coat does not lie on the surface in section', () => {
		const frame = treadsOn('front').filter(({ kind }) => kind === 'elsewhere');
		expect(frame.map(({ coat }) => coat)).toEqual(['blend', 'stencil']);
	});

	it('end at the step that sands them off, on that surface and nowhere else', () => {
		const at = project.finish.coats.findIndex(({ id }) => id === 'clear');
		const strip: Coat = { kind: 'sand', id: 'strip', wait: null, on: ['drawer-1'], grit: 80, bare: true };
		const sanded = withSteps(...project.finish.coats.toSpliced(at, 0, strip));
		const ended = (surface: string) => treadsOn(surface, sanded).filter(({ endsBy }) => endsBy === at);
		expect(ended('drawer-1').map(({ coat }) => coat)).toEqual(['prime', 'base', 'blend', 'stencil']);
		expect(ended('drawer-2')).toEqual([]);
	});
});

/** Every corner of a path, and the height between its lowest and highest at x. */
const cornersOf = (d: string) => [...d.matchAll(/(-?[\d.]+) (-?[\d.]+)/g)].map(([, x, y]) => ({ x: Number(x), y: Number(y) }));

describe('the board', () => {
	const draw = (treads: readonly Tread[]) =>
		drawBoard(treads, { starts: treads.map((_, i) => 60 + i * 80), end: 60 + treads.length * 80, ground: 90, most: 2.4 });
	const slabOf = (treads: readonly Tread[], id: string) => draw(treads).slabs.find(({ at }) => treads[at]!.coat === id)!;
	const treads = treadsOn('drawer-1');

	it('begins each coat at its own step and lays it over all before it to the end, as thick as the root of its film', () => {
		const end = 60 + treads.length * 80;
		const thickness = (id: string) => {
			const ys = cornersOf(slabOf(treads, id).d).filter(({ x }) => x === 60 + treads.findIndex(({ coat }) => coat === id) * 80);
			return Math.max(...ys.map(({ y }) => y)) - Math.min(...ys.map(({ y }) => y));
		};
		for (const id of ['prime', 'base', 'blend', 'clear']) {
			const xs = cornersOf(slabOf(treads, id).d).map(({ x }) => x);
			expect([Math.min(...xs), Math.max(...xs)]).toEqual([60 + treads.findIndex(({ coat }) => coat === id) * 80, end]);
		}
		expect(thickness('base') / thickness('prime')).toBeCloseTo(10 / treads.find(({ coat }) => coat === 'prime')!.height, 1);
		expect(Math.max(...cornersOf(slabOf(treads, 'prime').d).map(({ y }) => y))).toBe(90);
	});

	it('lets raised work show through what is laid over it, and stay off where it is not', () => {
		const clear = slabOf(treads, 'clear');
		const tops = cornersOf(clear.top).map(({ y }) => y);
		expect(Math.max(...tops) - Math.min(...tops)).toBeGreaterThan(5);
		expect(slabOf(treads, 'stencil').d.match(/M/g)!.length).toBeGreaterThan(3);
		const flat = cornersOf(slabOf(treadsOn('front'), 'clear').top).map(({ y }) => y);
		expect(new Set(flat).size).toBe(1);
	});

	it('begins anew on the ground where all was sanded off', () => {
		const at = project.finish.coats.findIndex(({ id }) => id === 'clear');
		const strip: Coat = { kind: 'sand', id: 'strip', wait: null, on: 'all', grit: 80, bare: true };
		const sanded = treadsOn('drawer-1', withSteps(...project.finish.coats.toSpliced(at, 0, strip)));
		expect(Math.max(...cornersOf(slabOf(sanded, 'base').d).map(({ x }) => x))).toBe(60 + at * 80);
		expect(Math.max(...cornersOf(slabOf(sanded, 'clear').d).map(({ y }) => y))).toBe(90);
	});

	it('breaks off what is too high to be drawn in scale, and leaves the coats beside it as they are', () => {
		const raised = (height: number) => treads.map((tread) => (tread.coat === 'stencil' ? { ...tread, height } : tread));
		expect(slabOf(raised(30), 'stencil').broken).toBe('');
		const [high, higher] = [raised(120), raised(500)];
		const { broken, d } = slabOf(high, 'stencil');
		/** Two strokes across each of what stands up, about half way up it. */
		expect(broken.match(/M/g)).toHaveLength(2 * d.match(/M/g)!.length);
		const ys = cornersOf(d).map(({ y }) => y);
		for (const { y } of cornersOf(broken)) {
			expect(y).toBeGreaterThan(Math.min(...ys));
			expect(y).toBeLessThan(Math.max(...ys));
		}
		expect(slabOf(higher, 'base').d).toBe(slabOf(high, 'base').d);
		expect(slabOf(high, 'base').broken).toBe('');
	});

	it('keeps within its height however much is laid', () => {
		const many = Array.from({ length: 20 }, (_, i) => ({ ...treads.find(({ coat }) => coat === 'base')!, coat: `base-${i}`, at: i }));
		for (const { d } of draw(many).slabs) for (const { y } of cornersOf(d)) expect(y).toBeGreaterThanOrEqual(0);
	});
});

describe('the room that steps are given', () => {
	const step = (label: string, belongs: string) => ({ label, detail: '', isMark: belongs === 'Preparation', belongs });
	/** Three steps of preparation, then so many of each. */
	const order = (...rows: [belongs: string, count: number][]) => [
		...['Hardware off', 'Cleaning', 'Sanding'].map((label) => step(label, 'Preparation')),
		...rows.flatMap(([belongs, count]) => Array.from({ length: count }, (_, i) => step(`Base coat ${i}`, belongs)))
	];
	const none = () => false;

	it.each<[string, ReturnType<typeof order>, number, 'level' | 'turned', string]>([
		['ten have their names level', order(['Base', 7]), 1080, 'level', ''],
		['eighteen fold the preparation', order(['Base', 15]), 1080, 'level', 'Preparation, 3'],
		['twenty-five turn their names', order(['Base', 22]), 1080, 'turned', ''],
		['twenty-five at 1024', order(['Base', 22]), 830, 'turned', 'Preparation, 3'],
		[
			'forty fold the longest row too, and no more',
			order(['Base', 20], ['Elsewhere', 9], ['Seal', 8]),
			1080,
			'turned',
			'Preparation, 3 Base, 20'
		],
		[
			'eighty fold until they can be read',
			order(['Base', 30], ['Elsewhere', 30], ['Seal', 17]),
			1080,
			'turned',
			'Preparation, 3 Base, 30 Elsewhere, 30'
		],
		['what is folded leaves room for level names', order(['Base', 60], ['Seal', 8]), 1080, 'level', 'Preparation, 3 Base, 60']
	])('%s', (_, steps, width, names, folded) => {
		const fit = fitTreads(steps, { from: 58, width, staysOpen: none });
		expect(fit).toMatchObject({ names, isFolded: folded !== '' });
		expect(
			fit.columns
				.filter((column) => column.steps.length > 1)
				.map(({ label }) => label)
				.join(' ')
		).toBe(folded);
		expect(fit.columns.flatMap((column) => column.steps)).toEqual(steps.map((__, i) => i));
		fit.columns.forEach((column, i) => expect(column.x).toBeCloseTo(i === 0 ? 58 : fit.columns[i - 1]!.x + fit.columns[i - 1]!.width, 6));
		expect(Math.min(...fit.columns.map((column) => column.width))).toBeGreaterThanOrEqual(names === 'level' ? 54 : 19);
		/** A turned name leans over the end of the board: there is room for it. */
		expect(fit.end).toBeLessThanOrEqual(names === 'level' ? width + 1e-6 : width - 70);
	});

	it('leave open what is worked on, and fold another row instead', () => {
		const steps = order(['Base', 20], ['Elsewhere', 9], ['Seal', 8]);
		const fit = fitTreads(steps, { from: 58, width: 1080, staysOpen: (first, last) => first <= 10 && last >= 10 });
		expect(fit.columns.flatMap(({ steps: { length }, label }) => (length > 1 ? [label] : []))).toEqual(['Preparation, 3', 'Elsewhere, 9']);
	});
});

describe('the section', () => {
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

	it('hands on the tread that was chosen', async () => {
		const chosen = vi.fn();
		const piece = show(chosen);
		await userEvent.click(screen.getByRole('button', { name: /Reed bed/ }));
		expect(chosen).toHaveBeenCalledWith('stencil');
		expect(piece.view.coat).toBe('stencil');
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
		expect(piece.view.steps).toBeNull();
	});

	it('folds what belongs together where there are many steps, and opens it by key', async () => {
		const seals = Array.from({ length: 40 }, (_, i): Coat => ({ ...clear, id: `seal-${i}`, times: 1 }));
		show(undefined, withSteps(...project.finish.coats.filter(({ id }) => id !== 'clear'), ...seals));
		const fold = screen.getByRole('button', { name: /^Seal, 4\d steps: .*Clear coat 40.* Opens them$/ });
		expect(fold).toHaveAttribute('aria-expanded', 'false');
		fold.focus();
		await userEvent.keyboard('{Enter}');
		expect(screen.getAllByRole('button', { name: /^\d+\. Clear coat/ })).toHaveLength(40);
		await userEvent.click(screen.getByRole('button', { name: /^All \d+ steps, one by one/ }));
		expect(screen.queryByRole('button', { name: /^\d+\. Clear coat 40/ })).toBeNull();
	});

	it('marks a tread that has something to look at', () => {
		const piece = show();
		expect(screen.queryByRole('button', { name: /to look at/ })).toBeNull();
		piece.edit((draft) => void (draft.finish.coats = draft.finish.coats.filter(({ id }) => id !== 'clear')));
		return expect(screen.findByRole('button', { name: /Base coat.*1 to look at/ })).resolves.toBeVisible();
	});
});
