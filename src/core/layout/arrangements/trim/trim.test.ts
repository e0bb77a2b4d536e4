import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { measurePiece, type MeasuredPiece } from '../../../piece';
import { newProject } from '../../../project';
import { ARRANGEMENTS } from '../index';
import { startSettingOf, contextWith } from '../testing';
import type { Motif } from '../../motif';
import { CLEAR_OF_GAP, fitTrim, type TrimFit, type TrimWish } from './fitTrim';
import type { Trim } from './schema';

const clay = { mould: 152, shrinkage: 0.07, gaps: [] };

describe('the worked examples of methods 8', () => {
	it.each<[number, Partial<TrimFit>]>([
		[1180, { by: 'middle', count: 9, left: 46.12, right: 46.12 }],
		[1272.24, { by: 'joints', count: 9, joint: 0, left: 0, right: 0 }],
		[1136, { by: 'joints', count: 8, joint: 5.12 / 7, left: 0, right: 0 }]
	])('a run of %f', (length, says) => {
		const close = Object.fromEntries(
			Object.entries(says).map(([key, value]) => [key, typeof value === 'number' ? expect.closeTo(value, 6) : value])
		);
		expect(fitTrim({ ...clay, length })[0]).toMatchObject({ ...close, cast: expect.closeTo(141.36, 9) });
	});
	it('joints keep 10 mm from gaps, with the trim nearest to half; where none does it is said', () => {
		/** Half of the surplus puts a joint at 141.36 - 46.12 = 95.24. */
		const [best] = fitTrim({ ...clay, length: 1180, gaps: [{ from: 94, to: 97 }] });
		expect(best).toMatchObject({ by: 'middle', clear: expect.closeTo(CLEAR_OF_GAP, 6), terms: { near: 0 } });
		expect(best!.left).toBeCloseTo(141.36 - 94 + 10, 6);
		const crowded = fitTrim({ ...clay, length: 1180, gaps: Array.from({ length: 60 }, (_, i) => ({ from: i * 20, to: i * 20 + 2 })) });
		expect(crowded.every(({ terms }) => terms.near === 10)).toBe(true);
	});
	it('a mould longer than its run is one cast, cut; of a mould that shrinks away nothing is laid', () => {
		expect(fitTrim({ ...clay, length: 100 })[0]).toMatchObject({ count: 1, by: 'middle', left: expect.closeTo(20.68, 6) });
		expect(fitTrim({ ...clay, shrinkage: 1, length: 100 })).toEqual([]);
		expect(fitTrim({ ...clay, length: 0 })).toEqual([]);
	});
});

it('whole casts that just fill the run are taken as they are, however the figures round', () => {
	for (let n = 1; n <= 60; n++)
		for (const mould of [152, 33.3, 70.1]) {
			const [best] = fitTrim({ mould, shrinkage: 0.07, gaps: [], length: n * (mould * (1 - 0.07)) });
			expect(best).toMatchObject({ by: 'joints', count: n, left: 0, right: 0 });
		}
});

it('casts, joints and trims add up to the run; no left trim nearer to half would keep the joints clear', () => {
	const gapsOf = (at: readonly number[]) => at.map((from) => ({ from, to: from + 3 }));
	fc.assert(
		fc.property(
			fc.double({ min: 20, max: 3000, noNaN: true }),
			fc.double({ min: 15, max: 400, noNaN: true }),
			fc.double({ min: 0, max: 0.3, noNaN: true }),
			fc.array(fc.integer({ min: 1, max: 3000 }), { maxLength: 5 }),
			(length, mould, shrinkage, at) => {
				const wish: TrimWish = { length, mould, shrinkage, gaps: gapsOf(at.filter((x) => x < length)) };
				for (const { count, cast, joint, left, right, by, clear } of fitTrim(wish)) {
					expect(count * cast + (count - 1) * joint - left - right).toBeCloseTo(length, 6);
					expect(joint).toBeLessThanOrEqual(1.5 + 1e-6);
					if (by !== 'middle') continue;
					const surplus = left + right;
					for (let k = 0; k <= 200; k++) {
						const other = (surplus * k) / 200;
						if (Math.abs(other - surplus / 2) >= Math.abs(left - surplus / 2) - 1e-6 && clear >= CLEAR_OF_GAP - 1e-6) continue;
						const joints = Array.from({ length: count - 1 }, (_, i) => (i + 1) * cast - other);
						const isClear = joints.every((x) => wish.gaps.every(({ from, to }) => Math.max(from - x, x - to) >= CLEAR_OF_GAP + 1e-6));
						expect(isClear).toBe(false);
					}
				}
			}
		),
		{ numRuns: 200 }
	);
});

const rope: Motif = {
	id: 'rope',
	name: 'Rope',
	width: 152,
	height: 20,
	paths: [{ d: 'M0 0H152V20H0Z', rule: 'nonzero' }],
	mould: { height: 8, shrinkage: 0.07 }
};
function board(width: string, height: string, outline: object = { shape: 'rectangle' }): MeasuredPiece {
	const { piece } = newProject({ name: '', units: 'mm', count: null, shape: 'free-board' });
	const faces = piece.faces.map((face) => ({ ...face, id: 'front', outline: outline as never, width, height }));
	return measurePiece({ ...piece, faces, seams: [] }, 'mm');
}
const start: Trim = ARRANGEMENTS.trim.start(startSettingOf(rope, ['front']));
const lay = (more: Partial<Trim>, piece = board('1180', '300')) =>
	ARRANGEMENTS.trim.createPlanner()({ ...start, ...more }, contextWith([rope], piece));

describe('a trim in place', () => {
	it('lies along its edge, its ends cut to the run, all of it as long as the run', () => {
		const { items, notes } = lay({ inset: 5 });
		expect(items).toHaveLength(9);
		for (const { scale } of items) expect(scale).toBeCloseTo(0.93, 9);
		const covered = items.reduce((sum, { openArea }) => sum + openArea, 0);
		expect(covered).toBeCloseTo(1180 * 18.6, 0);
		expect(items[0]).toMatchObject({ bottom: expect.closeTo(5, 9), cutBy: expect.arrayContaining(['left']) });
		expect(notes![0]!.text).toContain('9 casts');
	});
	it.each([
		['top', { top: 5 }],
		['left', { left: 5 }],
		['right', { right: 5 }]
	] as const)('along the %s edge, from that edge', (side, says) => {
		const { items } = lay({ side, inset: 5, ends: side === 'top' ? 0 : 20 });
		for (const item of items)
			expect(item).toMatchObject(Object.fromEntries(Object.entries(says).map(([k, v]) => [k, expect.closeTo(v, 9)])));
		const length = side === 'top' ? 1180 : 260;
		expect(items.reduce((sum, { openArea }) => sum + openArea, 0)).toBeCloseTo(length * 18.6, 0);
	});
	it.each([
		['bottom', 'off the left of the first', 'off the right of the last', 'left', 'right'],
		['top', 'off the left of the first', 'off the right of the last', 'left', 'right'],
		['left', 'off the top of the first', 'off the bottom of the last', 'top', 'bottom'],
		['right', 'off the top of the first', 'off the bottom of the last', 'top', 'bottom']
	] as const)(
		'along the %s: words follow its way, and its cut ends stand where its run begins and ends',
		(side, first, last, near, far) => {
			const { items, notes } = lay({ side, ends: 15, picks: { common: 'middle' } }, board('1180', '700'));
			expect(notes![0]!.text).toContain(first);
			expect(notes![0]!.text).toContain(last);
			expect([items[0]![near], items.at(-1)![far]]).toEqual([expect.closeTo(15, 6), expect.closeTo(15, 6)]);
			const [size, whole] = near === 'left' ? (['width', 1180] as const) : (['height', 700] as const);
			for (const item of items) expect(item[near] + item[size] + item[far]).toBeCloseTo(whole, 6);
			expect(items.reduce((sum, item) => sum + item[size], 0)).toBeCloseTo(whole - 30, 6);
		}
	);
	it('up the side of a chest crosses its drawers: no joint within 10 mm of a gap, and what crosses one is cut by it', () => {
		const chest = newProject({ name: '', units: 'mm', count: 4 });
		const face = { ...chest.piece.faces[0]!, width: '600' };
		const readings = ['30', '3', '150', '3', '160', '3', '170', '3', '180', '3', '60'];
		const chain = face.chain.map((entry, i) => ({ ...entry, reading: readings[i] ?? '3' }));
		const piece = measurePiece(
			{ ...chest.piece, faces: [{ ...face, height: String(readings.reduce((sum, one) => sum + Number(one), 0)), chain }], seams: [] },
			'mm'
		);
		const { items, groups } = lay({ parts: [face.id], side: 'right', inset: 40 }, piece);
		const gaps = piece.faces[0]!.gaps.flatMap(({ boxes }) => boxes).filter(({ width }) => width > 300);
		expect(gaps.length).toBeGreaterThanOrEqual(3);
		const crossed = gaps.flatMap(({ y, height }) => items.filter(({ top, height: own }) => top < y && top + own > y + height));
		expect(crossed.length).toBe(gaps.length);
		for (const item of crossed) expect(item.cutBy).toContain('opening');
		expect(groups[0]!.choices[groups[0]!.taken]!.warning).toBeNull();
		const ends = items.slice(0, -1).map(({ top, height }) => top + height);
		for (const end of ends)
			for (const { y, height } of gaps) expect(Math.max(y - end, end - y - height)).toBeGreaterThanOrEqual(CLEAR_OF_GAP - 1e-6);
	});
	it('takes another of its ways; a run that is no run, or no straight edge, is told', () => {
		expect(lay({ picks: { common: 'right' } }).items.at(-1)!.cutBy.length).toBeGreaterThan(0);
		expect(lay({ picks: { common: 'right' } }).items[0]!.cutBy).toEqual([]);
		expect(lay({ ends: 600 }).issues).toMatchObject([{ code: 'trim.no-run' }]);
		expect(lay({ inset: 290 }).issues).toMatchObject([{ code: 'trim.no-room' }]);
		expect(lay({}, board('400', '', { shape: 'circle' })).hints).toMatchObject([{ code: 'trim.not-straight' }]);
	});
});
