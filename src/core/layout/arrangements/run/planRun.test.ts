import { describe, expect, it } from 'vitest';
import { measurePiece, newFace, suggestChain, type Piece } from '../../../piece';
import { planRun, type Motif, type Run } from '../../index';
import { contextWith } from '../testing';

const heights = [120, 150, 180];
const piece: Piece = {
	name: 'Three drawers',
	shape: 'chest',
	condition: 'new',
	seams: [],
	faces: [
		newFace({
			id: 'front',
			name: 'Front',
			kind: 'front',
			typical: [900, 700],
			more: {
				width: 950,
				height: 25 + 4 * 4 + 450 + 60,
				stile: 18,
				sideGap: 2,
				chain: suggestChain(3).map((entry) => ({
					...entry,
					reading: entry.role === 'drawer' ? heights[Number(entry.id.at(-1)) - 1]! : { rail: 25, gap: 4, plinth: 60 }[entry.role as 'rail']
				})),
				hardware: {
					kind: 'knob',
					across: { rule: 'quarter' },
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
const measured = measurePiece(piece, 'mm');
const motif: Motif = { id: 'bar', name: 'Bar', width: 80, height: 60, paths: [{ d: 'M0 0h80v60h-80z', rule: 'nonzero' }] };
const run = (more: Partial<Run> = {}): Run => ({
	kind: 'run',
	id: 'r',
	name: 'Row',
	motif: 'bar',
	parts: 'drawers',
	ends: 'whole',
	middle: 'either',
	margin: 10,
	scale: { least: 0.8, most: 1.2, wish: 1 },
	gap: { least: 0, most: 60, wish: null },
	hardware: 'avoid',
	clearance: 2,
	sizing: 'common',
	line: { from: 'middle' },
	picks: {},
	moved: [],
	leftOut: [],
	...more
});
const contextOf = (of: Motif) => contextWith([of], measured);
const plan = (more: Partial<Run> = {}) => planRun(run(more), contextOf(motif));

describe('planRun', () => {
	it('keeps clear of knobs beside its line from the scale on at which its motifs reach them', () => {
		const front = measured.faces[0]!.parts.find(({ id }) => id === 'drawer-3')!;
		/** The knob reaches from 75 to 105 down the front, its clearance from 73: 33 from the line. */
		const reaches = (scale: number) => {
			const { items } = plan({
				parts: ['drawer-3'],
				line: { from: 'top', distance: 40 },
				scale: { least: scale, most: scale, wish: scale }
			});
			expect(items.length).toBeGreaterThan(4);
			return items.some(({ left, width }) =>
				front.hardware.some(({ footprint }) => left < footprint.x + footprint.width + 2 && left + width > footprint.x - 2)
			);
		};
		expect([1.05, 1.099, 1.101, 1.15].map(reaches)).toEqual([true, true, false, false]);
	});

	it('keeps one scale on graduated fronts, clear of the knobs, and offers at least three ways', () => {
		const { groups, items, issues } = plan();
		expect(measured.issues).toEqual([]);
		expect(issues).toEqual([]);
		expect(groups).toHaveLength(1);
		expect(groups[0]!.choices.length).toBeGreaterThanOrEqual(3);
		expect(new Set(items.map(({ scale }) => scale)).size).toBe(1);
		expect(items.every(({ touches }) => touches.length === 0)).toBe(true);
		expect(items.find(({ part }) => part === 'drawer-2')!.centre.y).toBe(75);
		const costs = groups[0]!.choices.map(({ cost }) => cost);
		expect(costs).toEqual([...costs].sort((a, b) => a - b));
	});

	it('grows the motif with each front when each has its own scale', () => {
		const { groups, items } = plan({ sizing: 'each', hardware: 'over', scale: { least: 0.8, most: 1, wish: 0.9 } });
		expect(groups.map(({ id }) => id)).toEqual(['drawer-1', 'drawer-2', 'drawer-3']);
		const scaleOf = (part: string) => items.find((item) => item.part === part)!.scale;
		expect(scaleOf('drawer-3') / scaleOf('drawer-1')).toBeCloseTo(1.5, 0);
	});

	it('takes the picked fit, places by hand, leaves out, and says what is gone', () => {
		const second = plan().groups[0]!.choices[1]!;
		const moved = [
			{ part: 'drawer-1', place: 'left 0', x: 300, y: 40 },
			{ part: 'drawer-1', place: '99', x: 1, y: 1 }
		];
		const picked = plan({
			picks: { common: second.pick as Run['picks'][string] },
			moved,
			leftOut: [{ part: 'drawer-1', place: 'left 1' }]
		});
		expect(picked.groups[0]!.taken).toBe(1);
		expect(picked.items[0]).toMatchObject({ byHand: true, left: 300 - picked.items[0]!.width / 2, centre: { x: 300, y: 40 } });
		expect(picked.items.some(({ part, index }) => part === 'drawer-1' && index === 1)).toBe(false);
		expect(picked.issues).toMatchObject([{ code: 'run.moved-gone', path: 'layout.arrangements[0].moved[1]' }]);
	});

	it('gives the worked example of half ends on a real front: seven motifs and eight places, cut at both ends', () => {
		const wide: Motif = { ...motif, width: 120, height: 60 };
		const half = planRun(
			run({
				parts: ['drawer-1'],
				ends: 'half',
				margin: 0,
				scale: { least: 0.9, most: 1.1, wish: 1 },
				gap: { least: 0, most: 20, wish: null },
				hardware: 'over'
			}),
			contextOf(wide)
		);
		expect(half.groups[0]!.choices[0]).toMatchObject({ pick: { ends: 'half', count: 7 }, cost: 0 });
		expect(half.items.map(({ centre }) => Math.round(centre.x))).toEqual([0, 130, 260, 390, 520, 650, 780, 910]);
		expect(half.items.map(({ half: end }) => end)).toEqual(['left', 'none', 'none', 'none', 'none', 'none', 'none', 'right']);
		expect(half.items[1]).toMatchObject({ left: 70, right: 910 - 190, top: 30, bottom: 30 });
		/** Four whole places stand at each side of the middle, and half a motif at each end. */
		expect(half.items.map(({ place }) => place)).toEqual(['-4', '-3', '-2', '-1', '1', '2', '3', '4']);
		/** The bar fills 80 of its 120 mm from the left: the right half of it holds 20, the left half 60. */
		expect(half.items.map(({ openArea }) => Math.round(openArea))).toEqual([20 * 60, 4800, 4800, 4800, 4800, 4800, 4800, 60 * 60]);
	});

	it('says why nothing fits', () => {
		expect(plan({ scale: { least: 3, most: 4, wish: 3 } }).issues[0]).toMatchObject({
			code: 'run.too-tall',
			path: 'layout.arrangements[0].scale'
		});
		expect(plan({ margin: 460 }).issues[0]).toMatchObject({ code: 'run.no-fit' });
		expect(plan({ scale: { least: 2, most: 1, wish: 1 } }).issues[0]).toMatchObject({ code: 'run.scale-range' });
	});

	it('reports a motif that stands on a knob', () => {
		const { items } = plan({ hardware: 'over', line: { from: 'top', distance: 60 }, gap: { least: 0, most: 5, wish: null } });
		expect(items.some(({ touches }) => touches.length > 0)).toBe(true);
		const byHand = plan({ moved: [{ part: 'drawer-1', place: 'left 0', x: 227.5, y: 60 }] });
		expect(byHand.hints).toContainEqual({ code: 'run.on-knob', path: 'layout.arrangements[0]', values: { count: 1 } });
	});
});
