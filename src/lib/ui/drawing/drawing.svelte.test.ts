import { readProject } from '$core/formats';
import { planProject, type ItemRow } from '$core/plan';
import { PieceState } from '$lib/ui/piece-state';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import demo from '../../../../tests/fixtures/reed-chest.json';
import { arrowStep, arrowWay } from './arrowStep';
import { createPull } from './createPull';
import { snapRow } from './snapRow';
import { createStamps } from './stamps';
import { Viewport } from './Viewport.svelte';

const read = readProject(demo);
if (!read.ok) throw new Error('demo');
const { project } = read;

describe('a row that is pulled', () => {
	const plan = planProject(project);
	const rows = plan.items;
	const row = rows[0]!;
	const part = plan.faces.flatMap(({ parts }) => parts).find(({ id }) => id === row.part)!;
	const like = (more: Partial<ItemRow>): ItemRow => ({ ...row, rings: row.rings, ...more });
	const middle = part.width / 2;
	/** Near no line of its part. */
	const y = row.height / 2 + 12;
	const snap = (to: { x: number; y: number }, others: readonly ItemRow[], reach = 5) => snapRow({ row, to, part, rows: others, reach });

	it.each([
		['to the centre line of its part', { x: middle + 4, y }, [], { x: middle, y }, ['upright']],
		['not from further than its reach', { x: middle + 6, y }, [], { x: middle + 6, y }, []],
		['to an edge by its own side', { x: row.width / 2 + 3, y }, [], { x: row.width / 2, y }, ['upright']]
	] as const)('is drawn %s', (_, to, others, at, lines) => {
		const snapped = snap(to, others);
		expect([snapped.x, snapped.y]).toEqual([expect.closeTo(at.x, 6), expect.closeTo(at.y, 6)]);
		expect(snapped.lines.map(({ along }) => along)).toEqual(lines);
	});

	it('is drawn to its neighbours on its part, never to itself or to what lies elsewhere', () => {
		const neighbour = like({ key: 'other', left: 300, top: 10, width: 40, height: 20 });
		const to = { x: 300 + row.width / 2 + 3, y };
		expect(snap(to, [neighbour]).x).toBeCloseTo(300 + row.width / 2, 6);
		expect(snap(to, [like({ left: 300 }), like({ ...neighbour, part: 'elsewhere' })]).x).toBe(to.x);
		/** Of another arrangement one of the same key is a neighbour. */
		expect(snap(to, [like({ left: 300, width: 40, arrangement: 'another' })]).x).toBeCloseTo(300 + row.width / 2, 6);
	});
});

describe('a pull', () => {
	const named = (name: string) => ({ ...project, piece: { ...project.piece, name } });
	const open = () => {
		const piece = new PieceState({ id: 'x', version: 1, document: project });
		const pull = createPull<string>(piece, (held, event) => (event.clientX < 3 ? null : named(`${held} ${event.clientX}`)));
		const at = (clientX: number) => ({ clientX, pointerId: 1, currentTarget: document.createElement('div') }) as unknown as PointerEvent;
		return { piece, pull, at };
	};

	it('is tried while it goes on, and one step when it is let go', () => {
		const { piece, pull, at } = open();
		pull.move(at(9));
		expect(piece.drag.trial).toBeNull();
		pull.take(at(0), 'held');
		pull.move(at(2));
		expect(piece.drag.trial).toBeNull();
		for (const x of [5, 9]) pull.move(at(x));
		expect([piece.project.piece.name, piece.drag.trial?.piece.name]).toEqual([project.piece.name, 'held 9']);
		pull.drop();
		expect(piece.project.piece.name).toBe('held 9');
		piece.undo();
		expect(piece.project.piece.name).toBe(project.piece.name);
		pull.move(at(30));
		expect(piece.drag.trial).toBeNull();
	});

	it('leaves all as it was with Escape, and with no other key', () => {
		const { piece, pull, at } = open();
		pull.take(at(0), 'held');
		pull.move(at(9));
		pull.press(new KeyboardEvent('keydown', { key: 'Enter' }));
		expect(piece.drag.trial).not.toBeNull();
		pull.press(new KeyboardEvent('keydown', { key: 'Escape' }));
		expect(piece.drag.trial).toBeNull();
		pull.drop();
		expect(piece.project).toBe(project);
	});

	it('ends with a second finger, which means to come nearer; its own, and one after it, change nothing', () => {
		const { piece, pull, at } = open();
		const press = (pointerId: number) => window.dispatchEvent(Object.assign(new Event('pointerdown'), { pointerId }));
		pull.take(at(0), 'held');
		pull.move(at(9));
		press(1);
		expect(piece.drag.trial).not.toBeNull();
		press(2);
		expect(piece.drag.trial).toBeNull();
		pull.move(at(30));
		pull.drop();
		expect(piece.project).toBe(project);
		pull.take(at(0), 'held');
		pull.move(at(9));
		pull.drop();
		press(2);
		expect(piece.project.piece.name).toBe('held 9');
	});
});

it.each([
	['ArrowLeft', [-1, 0]],
	['ArrowRight', [1, 0]],
	['ArrowUp', [0, -1]],
	['ArrowDown', [0, 1]],
	['a', null]
])('%s points %j', (key, way) => expect(arrowWay(key)).toEqual(way));

it('a step of an arrow is one of the tape, ten of mm or half an inch with Shift', () => {
	expect([arrowStep('mm', false), arrowStep('mm', true), arrowStep('in', true)]).toEqual([1, 10, 12.7]);
});

describe('the window', () => {
	it('shows the whole face beside its dimension lines, in the middle of what is left', () => {
		const stop = $effect.root(() => {
			const window = new Viewport(
				() => ({ width: 800, height: 400 }),
				() => [60, 20, 40, 30]
			);
			[window.width, window.height] = [900, 700];
			/** 800 px for 800 mm across; 650 px down would hold more. */
			expect([window.fit, window.scale, window.x, window.y, window.isFitted]).toEqual([1, 1, 60, 20, true]);
			window.height = 250;
			expect(window.fit).toBe(0.5);
			/** 400 px of 800 are free. */
			expect(window.x).toBe(60 + 200);
			[window.width, window.height] = [10, 10];
			expect(window.fit).toBe(0.02);
		});
		stop();
	});

	it('comes nearer, whole and along by keys, and by no other', () => {
		const svg = document.createElementNS('http://www.w3.org/2000/svg', 'svg');
		Object.defineProperties(svg, { clientWidth: { value: 900 }, clientHeight: { value: 700 } });
		Object.defineProperty(svg, 'width', { value: { baseVal: { value: 900 } } });
		Object.defineProperty(svg, 'height', { value: { baseVal: { value: 700 } } });
		const stop = $effect.root(() => {
			const window = new Viewport(
				() => ({ width: 800, height: 400 }),
				() => [60, 20, 40, 30]
			);
			[window.width, window.height] = [900, 700];
			const leave = window.attach(svg);
			expect([window.press('x'), window.press('Enter'), window.isFitted]).toEqual([false, false, true]);
			expect([window.press('+'), window.scale, window.isFitted]).toEqual([true, expect.closeTo(1.35, 6), false]);
			expect([window.press('='), window.scale]).toEqual([true, expect.closeTo(1.35 ** 2, 6)]);
			expect([window.press('-'), window.scale]).toEqual([true, expect.closeTo(1.35, 6)]);
			const [x, y] = [window.x, window.y];
			for (const [key, dx, dy] of [
				['ArrowRight', -60, 0],
				['ArrowLeft', 0, 0],
				['ArrowDown', 0, -60],
				['ArrowUp', 0, 0]
			] as const)
				expect([window.press(key), window.x - x, window.y - y]).toEqual([true, expect.closeTo(dx, 6), expect.closeTo(dy, 6)]);
			expect([window.press('0'), window.isFitted]).toEqual([true, true]);
			leave();
		});
		stop();
	});
});

describe('stamps', () => {
	const drawn: [width: number, height: number, calls: string[]][] = [];
	beforeEach(() => {
		drawn.length = 0;
		vi.stubGlobal(
			'Path2D',
			class {
				moveTo() {}
				lineTo() {}
				closePath() {}
			}
		);
		vi.stubGlobal(
			'OffscreenCanvas',
			class {
				readonly calls: string[] = [];
				constructor(width: number, height: number) {
					drawn.push([width, height, this.calls]);
				}
				getContext() {
					const note =
						(name: string) =>
						(...given: number[]) =>
							this.calls.push(`${name} ${given.map((one) => +one.toFixed(3)).join()}`);
					return { translate: note('translate'), rotate: note('rotate'), scale: note('scale'), fill: () => {}, stroke: () => {} };
				}
			}
		);
	});
	afterEach(() => vi.unstubAllGlobals());
	const motif = { ...project.layout.motifs[0]!, width: 40, height: 60 };
	const put = { px: 2, turn: 0, mirrored: false };

	it('are as large as the motif is seen, turned about its middle after it was mirrored', () => {
		const stamp = createStamps()(motif, { px: 2, turn: 45, mirrored: true }, '#fff');
		expect(drawn.map(([width, height]) => [width, height])).toEqual([[146, 146]]);
		expect([stamp.x, stamp.y]).toEqual([73, 73]);
		expect(drawn[0]![2]).toEqual(['translate 73,73', 'rotate 0.785', 'scale -2,2', 'translate -20,-30']);
	});

	it('are drawn once for each way in which one is seen', () => {
		const stamps = createStamps();
		const first = stamps(motif, put, '#fff');
		for (const other of [{ px: 3 }, { turn: 10 }, { mirrored: true }]) stamps(motif, { ...put, ...other }, '#fff');
		stamps(motif, put, '#000');
		expect(drawn).toHaveLength(5);
		expect(stamps(motif, put, '#fff')).toBe(first);
		expect(drawn).toHaveLength(5);
		/** Of another drawing of the same name it is another. */
		expect(stamps({ ...motif }, put, '#fff')).not.toBe(first);
	});
});
