import { describe, expect, it } from 'vitest';
import { shapeFree, trackThrough } from '../../../geometry';
import { measurePiece, newFace, suggestChain, type Piece } from '../../../piece';
import {
	addPoint,
	dropPoint,
	FIRST_LINE,
	lineOfStroke,
	movePoint,
	planRun,
	trackOfDrawn,
	type DrawnLine,
	type LaidItem,
	type Motif,
	type Run
} from '../../index';
import { contextWith } from '../testing';
import { roomBeside } from './drawnLine';

const board: Piece = {
	name: 'A panel',
	shape: 'board',
	condition: 'new',
	seams: [],
	faces: [newFace({ id: 'top', name: 'Top', kind: 'top', typical: [800, 400] })]
};
/** One drawer of 800 by 400 with a knob in its middle. */
const chest: Piece = {
	...board,
	faces: [
		newFace({
			id: 'front',
			name: 'Front',
			kind: 'front',
			typical: [804, 408],
			more: {
				stile: 0,
				sideGap: 2,
				chain: suggestChain(1).map((entry) => ({
					...entry,
					reading: { drawer: 400, rail: 0, gap: 4, plinth: 0 }[entry.role as 'drawer']
				})),
				hardware: {
					kind: 'knob',
					across: { rule: 'middle' },
					down: { rule: 'middle' },
					holes: { old: 'keep' },
					room: 'clear',
					hole: 5,
					diameter: 30
				}
			}
		})
	]
};
const motif: Motif = { id: 'bar', name: 'Bar', width: 80, height: 40, paths: [{ d: 'M0 0h80v40h-80z', rule: 'nonzero' }] };
const drawn = (...points: [number, number][]): DrawnLine => ({ from: 'drawn', points: points.map(([x, y]) => ({ x, y })) });
const run = (line: Run['line'], more: Partial<Run> = {}): Run => ({
	kind: 'run',
	id: 'r',
	name: 'Row',
	motif: 'bar',
	parts: ['top'],
	ends: 'whole',
	middle: 'either',
	margin: 20,
	scale: { least: 1, most: 1, wish: 1 },
	gap: { least: 0, most: 60, wish: null },
	hardware: 'avoid',
	clearance: 3,
	sizing: 'common',
	line,
	picks: {},
	moved: [],
	leftOut: [],
	...more
});
/** Of one bar, what lies under another, point by point. */
function shareUnder(one: LaidItem, other: LaidItem): number {
	const STEPS = 200;
	const at = ({ centre, scale, turn }: LaidItem, x: number, y: number) => {
		const [cos, sin] = [Math.cos((turn * Math.PI) / 180), Math.sin((turn * Math.PI) / 180)];
		return { x: centre.x + scale * (x * cos - y * sin), y: centre.y + scale * (x * sin + y * cos) };
	};
	const isIn = ({ centre, scale, turn }: LaidItem, { x, y }: { x: number; y: number }) => {
		const [cos, sin] = [Math.cos((turn * Math.PI) / 180), Math.sin((turn * Math.PI) / 180)];
		const [dx, dy] = [x - centre.x, y - centre.y];
		return Math.abs(dx * cos + dy * sin) < 40 * scale && Math.abs(dy * cos - dx * sin) < 20 * scale;
	};
	let under = 0;
	for (let i = 0; i < STEPS; i++)
		for (let k = 0; k < STEPS; k++) if (isIn(other, at(one, ((i + 0.5) / STEPS - 0.5) * 80, ((k + 0.5) / STEPS - 0.5) * 40))) under++;
	return under / STEPS ** 2;
}
const plan = (line: Run['line'], more: Partial<Run> = {}) => planRun(run(line, more), contextWith([motif], measurePiece(board, 'mm')));

describe('a row along a drawn line', () => {
	it('is on a straight line what a level row is, and turned as the line is turned', () => {
		const level = plan({ from: 'middle' });
		const same = plan(drawn([0, 0.5], [1, 0.5]));
		expect(same.items.map(({ centre, turn }) => [centre.x, centre.y, turn])).toEqual(
			level.items.map(({ centre, turn }) => [expect.closeTo(centre.x, 6), expect.closeTo(centre.y, 6), turn])
		);
		const slanted = plan(drawn([0.1, 0.2], [0.9, 0.8]));
		expect(slanted.items.length).toBeGreaterThan(4);
		for (const { centre, turn } of slanted.items) {
			expect(turn).toBeCloseTo((Math.atan2(240, 640) * 180) / Math.PI, 6);
			expect((centre.y - 80) / (centre.x - 80)).toBeCloseTo(240 / 640, 6);
		}
	});

	it('lets the motif be no taller than the room beside the line, to the nearer side', () => {
		/** 30 below the top edge in its middle: a band of 60 at most. */
		const near = plan(drawn([0, 0.5], [0.5, 0.075], [1, 0.5]), { scale: { least: 0.5, most: 4, wish: 4 } });
		expect(near.items[0]!.scale * motif.height).toBeLessThan(61);
		const tall = plan(drawn([0, 0.5], [0.5, 0.075], [1, 0.5]), { scale: { least: 2, most: 4, wish: 4 } });
		expect(tall.issues).toMatchObject([{ code: 'run.no-room', values: { most: expect.closeTo(1.5, 1) as number } }]);
	});

	it('looks no further than the next edge, however many lie behind it', () => {
		/** A U on its side: two arms of 100, 100 apart. */
		const arms = shapeFree(
			400,
			300,
			[
				[0, 0],
				[400, 0],
				[400, 100],
				[100, 100],
				[100, 200],
				[400, 200],
				[400, 300],
				[0, 300]
			].map(([x, y]) => ({ x: x!, y: y!, swell: 0 }))
		);
		if (!arms.ok) throw new Error('no outline');
		const track = trackThrough([
			{ x: 150, y: 260 },
			{ x: 380, y: 260 }
		])!;
		expect(roomBeside(track, { outline: arms.outline }, 0)).toBeCloseTo(80, 6);
	});

	it('of one that leaves its part is as tall as there is room where there is most; what is cut is told', () => {
		/** A round of 400 across: along a chord at a quarter of its height, of 346, there is 2 x 100 above in the middle, and nothing at both ends. */
		const tray: Piece = {
			...board,
			faces: [newFace({ id: 'top', name: 'Top', kind: 'top', typical: [400, 400], more: { outline: { shape: 'circle' } } })]
		};
		const wish = { scale: { least: 0.5, most: 8, wish: 8 }, margin: 40 };
		const over = planRun(run(drawn([0, 0.25], [1, 0.25]), wish), contextWith([motif], measurePiece(tray, 'mm')));
		expect(over.issues).toEqual([]);
		expect(over.items[0]!.scale * motif.height).toBeGreaterThan(120);
		expect(over.items[0]!.scale * motif.height).toBeLessThan(200.1);
		expect(over.hints).toContainEqual(expect.objectContaining({ code: 'run.over-edge' }));
	});

	it('says where it bends so tightly that neighbours lie over one another, and only there', () => {
		const told = new Set<number>();
		for (const peak of [0.05, 0.2, 0.3, 0.4, 0.5, 0.7]) {
			const { items, hints } = plan(drawn([0.2, 0.9], [0.5, peak], [0.8, 0.9]), { gap: { least: 0, most: 5, wish: 0 } });
			const count = items.slice(1).filter((item, i) => shareUnder(item, items[i]!) > 1e-3).length;
			const hint = hints.find(({ code }) => code === 'run.tight-bend');
			expect(hint?.values?.['count'] ?? 0, `peak at ${peak}`).toBe(count);
			told.add(count);
		}
		expect(told.size).toBeGreaterThan(2);
		const meant = plan(drawn([0.2, 0.9], [0.5, 0.3], [0.8, 0.9]), { gap: { least: -20, most: -15, wish: -18 } });
		expect(meant.hints.map(({ code }) => code)).not.toContain('run.tight-bend');
		const flat = plan(FIRST_LINE, { gap: { least: 12, most: 40, wish: 20 } });
		expect(flat.hints.map(({ code }) => code)).not.toContain('run.tight-bend');
	});

	it('says that a line of no length takes no motif', () => {
		expect(plan(drawn([0.5, 0.5], [0.5, 0.5])).issues).toMatchObject([{ code: 'run.no-fit' }]);
	});

	it('keeps clear of a knob each time it comes by', () => {
		const measured = measurePiece(chest, 'mm');
		expect(measured.faces[0]!.parts.find(({ id }) => id === 'drawer-1')!.hardware).toHaveLength(1);
		for (const start of [0.06, 0.08, 0.1, 0.12, 0.14, 0.16]) {
			const wave = drawn([start, 0.42], [0.5, 0.46], [0.75, 0.5], [0.5, 0.56], [0.1, 0.6]);
			const sizes = { least: 0.4, most: 0.6, wish: 0.5 };
			const { items } = planRun(run(wave, { parts: ['drawer-1'], scale: sizes }), contextWith([motif], measured));
			expect(items.length).toBeGreaterThan(4);
			expect(items.filter(({ touches }) => touches.length > 0)).toEqual([]);
		}
	});
});

describe('the points of a drawn line', () => {
	const size = { width: 800, height: 400 };
	it('are set on the tape, and stay on their part', () => {
		expect(movePoint(FIRST_LINE, 1, { x: 200, y: 100 }, size).points[1]).toEqual({ x: 0.25, y: 0.25 });
		expect(movePoint(FIRST_LINE, 1, { x: -5, y: 500 }, size).points[1]).toEqual({ x: 0, y: 1 });
	});

	it('come and go: half way to the next, two at least, forty at most', () => {
		const two = drawn([0.2, 0.1], [1, 0.5]);
		expect(addPoint(two, 0)).toEqual(drawn([0.2, 0.1], [0.6, 0.3], [1, 0.5]));
		expect(addPoint(two, 1)).toEqual(addPoint(two, 0));
		expect(dropPoint(two, 0)).toBe(two);
		expect(dropPoint(addPoint(two, 0), 1)).toEqual(two);
		const full = Array.from({ length: 60 }).reduce<DrawnLine>((line) => addPoint(line, 0), two);
		expect(full.points).toHaveLength(40);
	});

	it('are few of a stroke of the hand, within a fiftieth of the short side; what was hardly a stroke is none', () => {
		const stroke = Array.from({ length: 300 }, (_, i) => ({ x: 100 + 2 * i, y: 200 + 90 * Math.sin(i / 40) }));
		const line = lineOfStroke(stroke, size)!;
		expect(line.points.length).toBeLessThan(16);
		expect(line.points[0]).toEqual({ x: 0.125, y: 0.5 });
		const ring = trackOfDrawn(line, size)!.points;
		for (const { x, y } of stroke)
			expect(Math.min(...ring.map((at, i) => (i % 2 === 0 ? Math.hypot(at - x, ring[i + 1]! - y) : Infinity)))).toBeLessThan(8);
		expect(lineOfStroke(stroke.slice(0, 5), size)).toBeNull();
		/** Waves of 12 are of the line; a quarter of that is a tremor of the hand. */
		const waves = Array.from({ length: 200 }, (_, i) => ({ x: 100 + 3 * i, y: 200 + (i % 40 < 20 ? 6 : -6) }));
		expect(lineOfStroke(waves, size)!.points.length).toBeGreaterThan(10);
		const tremor = waves.map(({ x, y }) => ({ x, y: 200 + (y - 200) / 4 }));
		expect(lineOfStroke(tremor, size)!.points.length).toBe(2);
		const shaky = Array.from({ length: 3000 }, (_, i) => ({ x: (i * 7919) % 800, y: (i * 104729) % 400 }));
		expect(lineOfStroke(shaky, size)!.points.length).toBeLessThanOrEqual(40);
	});
});
