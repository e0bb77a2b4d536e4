import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { areaOfRings, flattenOutline, offsetRing, shapeRectangle, uniteRings } from '../../geometry';
import { anyOutline } from '../../geometry/testing';
import { measurePiece, type MeasuredPiece } from '../../piece';
import { newProject } from '../../project';
import {
	ARRANGEMENTS,
	fitDiamonds,
	kindOfArrangement,
	type Accent,
	type Arrangement,
	type Frame,
	type Harlequin,
	type Line,
	type Motif,
	type Run,
	type Scatter,
	crossesGap,
	gatherWholes,
	listCasts
} from '../index';
import { scatterOn } from './scatter';
import { startSettingOf, boardsOf, contextWith } from './testing';

const leaf: Motif = { id: 'leaf', name: 'Leaf', width: 30, height: 40, paths: [{ d: 'M15 0L30 20L15 40L0 20Z', rule: 'nonzero' }] };
const lay = (arrangement: Arrangement, piece: MeasuredPiece) =>
	kindOfArrangement(arrangement).createPlanner()(arrangement, contextWith([leaf], piece));
function board(width: string, height: string, outline: object = { shape: 'rectangle' }): MeasuredPiece {
	const begun = newProject({ name: '', units: 'mm', count: null, shape: 'free-board' }).piece;
	return measurePiece(
		{
			...begun,
			faces: begun.faces.slice(0, 1).map((face) => ({ ...face, id: 'front', width, height, outline: outline as never })),
			seams: []
		},
		'mm'
	);
}
const CIRCLE = { shape: 'circle' };

describe('a frame of lines', () => {
	const frame = (more: Partial<Frame> = {}): Frame => ({ ...ARRANGEMENTS.frame.start(startSettingOf(null, ['front'])), ...more });
	const lines = [
		{ width: 6, gap: 4 },
		{ width: 2, gap: 0 }
	];
	it.each<[string, MeasuredPiece, number, number]>([
		['a rectangle', board('400', '300'), 360 * 260 - 348 * 248, 340 * 240 - 336 * 236],
		['a circle', board('400', '', CIRCLE), Math.PI * (180 ** 2 - 174 ** 2), Math.PI * (170 ** 2 - 168 ** 2)]
	])('keeps its distance all round %s', (_name, piece, first, second) => {
		const plan = lay(frame({ inset: 20, lines }), piece);
		expect(plan.items.map(({ role }) => role)).toEqual(['line-1', 'line-2']);
		expect(plan.items.map(({ openArea }) => openArea)).toEqual([expect.closeTo(first, -1), expect.closeTo(second, -1)]);
		expect(plan.taping![0]!.edges).toEqual([20, 26, 30, 32]);
	});
	it('says how far in it may reach where it finds no room', () => {
		expect(lay(frame({ inset: 160, lines }), board('400', '300')).issues).toMatchObject([{ code: 'frame.no-room', values: { most: 150 } }]);
	});
});

describe('a line along edges', () => {
	const line = (more: Partial<Line>): Line => ({ ...ARRANGEMENTS.line.start(startSettingOf(null, ['front'])), ...more });
	it.each<[side: Line['sides'][number], box: number[]]>([
		['top', [25, 10, 350, 4]],
		['right', [386, 25, 4, 250]],
		['bottom', [25, 286, 350, 4]],
		['left', [10, 25, 4, 250]]
	])('lies at its %s edge, so far in, clear at its ends', (side, box) => {
		const { items } = lay(line({ sides: [side], inset: 10, width: 4, ends: 25 }), board('400', '300'));
		expect(items.map(({ left, top, width, height }) => [left, top, width, height])).toEqual([box]);
	});
	it('on a round part follows the quarter of the rim on that side', () => {
		const { items } = lay(line({ sides: ['top'], inset: 10, width: 4 }), board('400', '', CIRCLE));
		expect(items[0]!.openArea).toBeCloseTo((Math.PI * (190 ** 2 - 186 ** 2)) / 4, -1);
		expect(items[0]!.bottom).toBeGreaterThan(200);
	});
});

describe('harlequin', () => {
	it('of 300 by 400, diamonds of 100 and 1.6 to 1 wished: points meet all edges, never beaten by trying all counts', () => {
		const fits = fitDiamonds({ width: 300, height: 400 }, { width: 100, ratio: 1.6 });
		let best = Infinity;
		for (let i = 1; i < 60; i++)
			for (let j = 1; j < 60; j++) {
				const [w, h] = [600 / i, 800 / j];
				best = Math.min(best, 2 * Math.abs(Math.log(w / 100)) + 2 * Math.abs(Math.log(h / w / 1.6)));
			}
		expect(fits[0]).toMatchObject({ across: 6, down: 5, width: 100, height: 160, cost: expect.closeTo(best, 9) });
	});
	const harlequin: Harlequin = { ...ARRANGEMENTS.harlequin.start(startSettingOf(null, ['front'])), width: 100, ratio: 1.6 };
	it('two colours in turn cover the part once, whole in the middle, halves and quarters at its edges', () => {
		const { items } = lay(harlequin, board('300', '400'));
		expect(items.reduce((sum, { openArea }) => sum + openArea, 0)).toBeCloseTo(300 * 400, 0);
		const areas = new Set(items.map(({ openArea }) => Math.round(openArea)));
		expect(areas).toEqual(new Set([2000, 4000, 8000]));
		const one = items.filter(({ role }) => role === 'diamond-1').reduce((sum, { openArea }) => sum + openArea, 0);
		expect(one / 120_000).toBeCloseTo(0.5, 1);
	});
	it('takes another of its ways, and refuses a texture', () => {
		const way = lay(harlequin, board('300', '400')).groups[0]!.choices[1]!;
		const taken = ARRANGEMENTS.harlequin.take(harlequin, 'common', way.pick as never);
		expect(lay(taken, board('300', '400')).groups[0]!.taken).toBe(1);
		expect(lay({ ...harlequin, width: 3 }, board('900', '900')).issues).toMatchObject([{ code: 'harlequin.too-many' }]);
	});
});

describe('a scatter', () => {
	const scatter = (more: Partial<Scatter> = {}): Scatter => ({
		...ARRANGEMENTS.scatter.start(startSettingOf(leaf, ['front'], { scale: 2 })),
		count: 11,
		...more
	});
	it('mirrors about the centre line, keeps clear of all, and is the same again', () => {
		const piece = board('600', '400');
		const { items, groups } = lay(scatter(), piece);
		expect(items).toHaveLength(11);
		expect(lay(scatter(), piece).items.map(({ centre }) => centre)).toEqual(items.map(({ centre }) => centre));
		for (const { centre, mirrored, turn, scale } of items) {
			const twin = items.find((other) => Math.abs(other.centre.x - (600 - centre.x)) < 1e-9 && Math.abs(other.centre.y - centre.y) < 1e-9)!;
			expect(twin).toBeDefined();
			if (Math.abs(centre.x - 300) > 1e-9) expect([twin.mirrored, twin.turn + turn, twin.scale]).toEqual([!mirrored, 0, scale]);
		}
		items.forEach((a, i) =>
			items.slice(i + 1).forEach((b) => {
				const apart = Math.hypot(a.centre.x - b.centre.x, a.centre.y - b.centre.y);
				expect(apart).toBeGreaterThanOrEqual(25 * (a.scale + b.scale) + 8 - 1e-9);
			})
		);
		expect(new Set(groups[0]!.choices.map(({ pick }) => pick))).toEqual(new Set(['1', '2', '3', '4']));
	});
	it('says how many found room, and keeps within a round outline', () => {
		const piece = board('300', '', CIRCLE);
		const plan = lay(scatter({ count: 80 }), piece);
		expect(plan.hints).toMatchObject([{ code: 'scatter.fewer', values: { count: plan.items.length, wish: 80 } }]);
		for (const { x, y, scale } of scatterOn(piece.faces[0]!.whole, [], leaf, scatter({ count: 80 })))
			expect(Math.hypot(x - 150, y - 150) + 25 * scale + 8).toBeLessThanOrEqual(150 + 1e-6);
	});
});

const chest = (() => {
	const begun = newProject({ name: '', units: 'mm', count: 2, shape: 'chest' }).piece;
	const readings: Record<string, number> = { rail: 20, gap: 4, drawer: 200, plinth: 68 };
	const hardware = {
		kind: 'knob',
		across: { rule: 'quarter' },
		down: { rule: 'middle' },
		holes: { old: 'keep' },
		room: 'clear',
		hole: 5,
		diameter: 30
	};
	const faces = begun.faces.map((face, i) =>
		i === 0
			? {
					...face,
					width: '600',
					height: '500',
					chain: face.chain.map((link) => ({ ...link, reading: readings[link.role]! })),
					hardware
				}
			: face
	);
	return measurePiece({ ...begun, faces } as never, 'mm');
})();

describe('accents behind hardware', () => {
	const accent = (more: Partial<Accent> = {}): Accent => ({ ...ARRANGEMENTS.accent.start(startSettingOf(leaf, 'drawers')), ...more });
	it('lie behind each knob, those at the right mirrored and turned the other way', () => {
		const { items } = lay(accent({ turn: 20, offset: { x: 4, y: -3 }, scale: 2 }), chest);
		const knobs = chest.faces[0]!.parts.flatMap(({ hardware, id }) => hardware.map(({ centre }) => ({ id, centre })));
		expect(knobs).toHaveLength(4);
		expect(items).toHaveLength(4);
		items.forEach((item, i) => {
			const right = knobs[i]!.centre.x > 290;
			expect([item.mirrored, item.turn]).toEqual([right, right ? -20 : 20]);
			expect([item.centre.x - knobs[i]!.centre.x, item.centre.y - knobs[i]!.centre.y]).toEqual([
				expect.closeTo(right ? -4 : 4, 9),
				expect.closeTo(-3, 9)
			]);
		});
	});
	it('has sizes ranked, and warns of those that hide, run over or double', () => {
		const warned = (scale: number) =>
			lay(accent({ scale }), chest).groups[0]!.choices.find(({ reason }) => reason === 'the size you wished')?.warning;
		expect(warned(2)).toBe(null);
		expect(warned(0.2)).toContain('hidden under its knob');
		expect(warned(9)).toContain('too near an edge');
		expect(lay(accent(), board('300', '300')).hints).toMatchObject([]);
	});
});

describe('a row on another line', () => {
	const run = (more: Partial<Run>): Run => ({
		...ARRANGEMENTS.run.start(startSettingOf(leaf, ['front'])),
		ends: 'whole',
		margin: 10,
		gap: { least: 0, most: 20, wish: 5 },
		hardware: 'over',
		...more
	});
	it('upright down a side: motifs upright, their centres on it, from margin to margin', () => {
		const { items } = lay(run({ line: { from: 'right', distance: 40 } }), board('400', '300'));
		for (const { centre, turn } of items) expect([centre.x, turn]).toEqual([360, 0]);
		expect(Math.min(...items.map(({ top }) => top))).toBeCloseTo(10, 6);
		expect(Math.min(...items.map(({ bottom }) => bottom))).toBeCloseTo(10, 6);
	});
	it('along the rim of a round part: turned with it, all as far in', () => {
		const { items } = lay(run({ line: { from: 'edge', side: 'top', distance: 40 } }), board('400', '', CIRCLE));
		expect(items.length).toBeGreaterThan(3);
		for (const { centre, turn } of items) {
			expect(Math.hypot(centre.x - 200, centre.y - 200)).toBeCloseTo(160, 2);
			expect(Math.atan2(centre.x - 200, 200 - centre.y) * (180 / Math.PI)).toBeCloseTo(turn, 0);
		}
	});
	it('through two fronts side by side: one grid, what falls in the gap is told once', () => {
		const begun = newProject({ name: '', units: 'mm', count: null, shape: 'cabinet' }).piece;
		const piece = measurePiece(
			{ ...begun, faces: begun.faces.map((face, i) => (i === 0 ? { ...face, width: '640', height: '500' } : face)) },
			'mm'
		);
		const doors = piece.faces[0]!.parts.filter(({ role }) => role === 'door');
		const plan = lay(run({ parts: doors.map(({ id }) => id), over: 'through', middle: 'motif' }), piece);
		expect(doors).toHaveLength(2);
		const xs = plan.items.map(({ part, centre }) => centre.x + doors.find(({ id }) => id === part)!.x).sort((a, b) => a - b);
		const steps = xs
			.slice(1)
			.map((x, i) => x - xs[i]!)
			.filter((step) => step > 1e-6);
		for (const step of steps) expect(step).toBeCloseTo(steps[0]!, 6);
		/** The middle one lies on both doors; together with what the gap takes they are one motif. */
		const shared = plan.items.filter(({ place }) => place === '0');
		expect(shared).toHaveLength(2);
		expect(shared.reduce((sum, { openArea, lost }) => sum + openArea + lost, 0)).toBeCloseTo(600 * shared[0]!.scale ** 2, 1);
		/** Of a diamond about the gap, what lies nearer to its middle than half of it. */
		const gap = doors[1]!.x - doors[0]!.x - doors[0]!.width;
		const share = 1 - (1 - gap / 2 / (15 * shared[0]!.scale)) ** 2;
		const told = (more: Partial<Run>) =>
			lay(run({ parts: doors.map(({ id }) => id), over: 'through', ...more }), piece).hints.find(({ code }) => code === 'run.in-gap')
				?.values;
		expect(told({ middle: 'motif' })).toEqual({ count: 1, share: Math.round(100 * share) });
		/** Halves at the ends lose their other half to no gap. */
		expect(told({ middle: 'motif', ends: 'half' })?.['count'] ?? 0).toBeLessThanOrEqual(1);
		/** One motif on two doors: one cast, which the list of cuts has. */
		const mould = { ...leaf, mould: { height: 4, shrinkage: 0 } };
		const { casts, motifs } = listCasts(plan.items, [mould], { through: 'a' });
		expect([casts.length, motifs[0]!.count]).toEqual([plan.items.length - 1, plan.items.length - 1]);
		expect(casts.filter(crossesGap).map((pieces) => pieces.map(({ place }) => place))).toEqual([['0', '0']]);
	});
	it('a shaving of a motif is neither a cast nor a cut', () => {
		const item = { key: 'a 1', arrangement: 'a', lost: 500, cutBy: ['opening' as const] };
		expect(gatherWholes([{ ...item, openArea: 0.4 }])).toEqual([]);
		expect(gatherWholes([{ ...item, openArea: 0.4, lost: 0 }])).toHaveLength(1);
		expect(gatherWholes([{ ...item, openArea: 0.6 }])).toHaveLength(1);
		expect([0.4, 0.6].map((lost) => crossesGap([{ ...item, lost }]))).toEqual([false, true]);
	});
	it('a pinned count, scale or gap stands, and the rest is solved again', () => {
		const free = { count: null, scale: null, gap: null };
		const fitsOf = (pinned: Partial<NonNullable<Run['pinned']>>) =>
			(
				lay(run({ pinned: { ...free, ...pinned }, scale: { least: 0.6, most: 1.4, wish: 1 } }), board('400', '300')).groups[0]!
					.choices as unknown as { fits: { fit: { count: number; scale: number; gap: number; ends: string } }[] }[]
			).map(({ fits }) => fits[0]!.fit);
		expect(
			fitsOf({ count: 9 })
				.filter(({ ends }) => ends !== 'half')
				.every(({ count }) => count === 9)
		).toBe(true);
		expect(fitsOf({ scale: 0.9 }).every(({ scale }) => Math.abs(scale - 0.9) < 1e-9)).toBe(true);
		expect(fitsOf({ gap: 7 }).every(({ gap }) => Math.abs(gap - 7) < 1e-6)).toBe(true);
		for (const fit of [{ count: 9 }, { scale: 0.9 }, { gap: 7 }]) expect(fitsOf(fit).length).toBeGreaterThan(0);
	});
});

describe('a row close to a knob', () => {
	const beside = (scale: number, clearance: number) => {
		const run: Run = {
			...ARRANGEMENTS.run.start(startSettingOf(leaf, 'drawers')),
			scale: { least: scale, most: scale, wish: scale },
			gap: { least: 5, most: 60, wish: 20 },
			hardware: 'avoid',
			ends: 'free',
			clearance
		};
		const plan = lay(run, chest);
		const near = plan.items.some((item) => {
			const { hardware } = chest.faces[0]!.parts.find(({ id }) => id === item.part)!;
			return hardware.some(({ footprint: f }) => {
				const apart = Math.max(f.x - item.left - item.width, item.left - f.x - f.width);
				return apart > 1e-6 && apart < Math.min(item.width, item.height) / 10;
			});
		});
		return [near, plan.hints.some(({ code }) => code === 'run.near-knob')];
	};
	it('is told, and only then', () => {
		const tried = Array.from({ length: 30 }, (_, i) => beside(1 + 0.05 * i, 0));
		for (const [near, told] of tried) expect(told).toBe(near);
		expect(new Set(tried.map(([near]) => near))).toEqual(new Set([true, false]));
		expect(beside(1, 12)).toEqual([false, false]);
	});
});

describe('ways for one motif and for a field', () => {
	it('a single one is offered the suggested sizes, and takes the one that is chosen', () => {
		const begun = ARRANGEMENTS.single.start(startSettingOf(leaf, ['front'], { scale: 3 }));
		const { groups } = lay(begun, board('400', '300'));
		const [group] = groups;
		expect(group!.choices[0]).toMatchObject({ title: '113 mm by 150 mm', reason: expect.stringContaining('half') });
		expect(group!.choices[group!.taken]!.reason).toBe('as you set it');
		const taken = ARRANGEMENTS.single.take(begun, 'common', group!.choices[0]!.pick as never);
		expect(taken.scale).toBe(3.75);
		expect(lay(taken, board('400', '300')).groups[0]!.taken).toBe(0);
	});
	it('a field is offered gaps at which whole motifs end on all edges, and then they do', () => {
		const begun = { ...ARRANGEMENTS.grid.start(startSettingOf(leaf, ['front'])), scale: 1, gap: { across: 10, down: 12 } };
		const piece = board('400', '300');
		const way = lay(begun, piece).groups[0]!.choices.find(({ pick }) => pick !== 'own')!;
		const taken = ARRANGEMENTS.grid.take(begun, 'common', way.pick as never);
		const { items, groups } = lay(taken, piece);
		for (const side of ['left', 'top', 'right', 'bottom'] as const) expect(Math.min(...items.map((item) => item[side]))).toBeCloseTo(0, 2);
		expect(items).toHaveLength(Number(way.title.split(' ')[0]) * Number(way.title.split(' ')[2]!.replace(',', '')));
		expect(groups[0]!.choices[groups[0]!.taken]!.title).toBe(way.title);
		expect(areaOfRings(items[0]!.rings)).toBeCloseTo(600, 1);
	});
});

describe('a line along edges', () => {
	const line = (more: Partial<Line>): Line => ({ ...ARRANGEMENTS.line.start(startSettingOf(null, ['board-1'])), width: 6, ...more });
	const layLine = (arrangement: Line, piece: ReturnType<typeof boardsOf>) =>
		kindOfArrangement(arrangement).createPlanner()(arrangement, contextWith([], piece));
	const rectangle = (() => {
		const shaped = shapeRectangle(400, 300);
		return shaped.ok ? shaped.outline : [];
	})();

	it.each<[sides: Line['sides'], inset: number, ends: number]>([
		[['top', 'right', 'bottom', 'left'], 0, 0],
		[['top', 'right', 'bottom', 'left'], 10, 0],
		[['top', 'left'], 0, 0],
		[['right', 'bottom'], 10, 12],
		[['top', 'right', 'bottom', 'left'], 20, 23],
		[['left', 'right'], 5, 0]
	])('%j, %i in, %i clear: corners are painted once', (sides, inset, ends) => {
		const { items } = layLine(line({ sides, inset, ends }), boardsOf(400, 300, [rectangle]));
		const painted = uniteRings(items.map(({ rings }) => [...rings]));
		expect(items.reduce((sum, { openArea }) => sum + openArea, 0)).toBeCloseTo(areaOfRings(painted), 3);
	});

	it('on any outline its figures are from the outline, and its tapes as long as what of it lies towards that side', () => {
		fc.assert(
			fc.property(
				anyOutline(600, 400).filter(({ kind }) => kind !== 'rectangle'),
				fc.constantFrom('top' as const, 'right' as const, 'bottom' as const, 'left' as const),
				fc.integer({ min: 0, max: 20 }),
				({ outline }, side, inset) => {
					const plan = layLine(line({ sides: [side], inset }), boardsOf(600, 400, [outline]));
					const [taping] = plan.taping!;
					expect([taping!.along, taping!.side, taping!.from, taping!.edges]).toEqual(['edge', side, 'outline', [inset, inset + 6]]);
					/** Along points of the line that a tape follows, by where they lie from the middle of the box. */
					const towardsSide = (x: number, y: number) => (Math.abs(y) > Math.abs(x) ? (y < 0 ? 'top' : 'bottom') : x < 0 ? 'left' : 'right');
					const runAt = (by: number) =>
						offsetRing(flattenOutline(outline, 0.005), -by).reduce((sum, ring) => {
							for (let i = 0; i < ring.length; i += 2) {
								const j = (i + 2) % ring.length;
								const length = Math.hypot(ring[j]! - ring[i]!, ring[j + 1]! - ring[i + 1]!) / 20;
								for (let k = 0; k < 20; k++) {
									const t = (k + 0.5) / 20;
									const [x, y] = [ring[i]! + t * (ring[j]! - ring[i]!), ring[i + 1]! + t * (ring[j + 1]! - ring[i + 1]!)];
									if (towardsSide(x / 600 - 0.5, y / 400 - 0.5) === side) sum += length;
								}
							}
							return sum;
						}, 0);
					for (const { from, to, length } of taping!.strips) {
						const run = runAt(from === 0 ? to : from);
						expect(Math.abs(length - run)).toBeLessThan(0.01 * run + 25);
					}
				}
			),
			{ numRuns: 40, endOnFailure: true }
		);
	});
});
