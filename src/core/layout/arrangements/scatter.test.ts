import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { depthInOutline } from '../../geometry';
import { anyOutline } from '../../geometry/testing';
import type { Part } from '../../piece';
import { ARRANGEMENTS, changeScatter, kindOfArrangement, type Motif, type Scatter } from '../index';
import { startSettingOf, boardsOf, contextWith } from './testing';

const leaf: Motif = { id: 'leaf', name: 'Leaf', width: 30, height: 40, paths: [{ d: 'M15 0L30 20L15 40L0 20Z', rule: 'nonzero' }] };
const [WIDTH, HEIGHT] = [600, 400];
/** Half of what the leaf spans. */
const REACH = 25;
const knob = (x: number, y: number, diameter: number): Part['hardware'][number] => ({
	kind: 'knob',
	centre: { x, y },
	holes: [],
	footprint: { x: x - diameter / 2, y: y - diameter / 2, width: diameter, height: diameter },
	room: 'clear',
	round: true
});
const pull: Part['hardware'][number] = {
	...knob(0, 0, 1),
	centre: { x: 450, y: 120 },
	footprint: { x: 380, y: 112, width: 140, height: 16 },
	round: false
};
const scatterOf = (more: Partial<Scatter> = {}): Scatter => ({
	...ARRANGEMENTS.scatter.start(startSettingOf(leaf, ['board-1'], { scale: 1 })),
	count: 24,
	scale: { least: 0.4, most: 0.9 },
	clear: 6,
	...more
});
const lay = (scatter: Scatter, piece: ReturnType<typeof boardsOf>) =>
	kindOfArrangement(scatter).createPlanner()(scatter, contextWith([leaf], piece));

it('each keeps clear of the edge, of knobs, pulls, openings and one another, its twin as it does itself, on any outline', () => {
	fc.assert(
		fc.property(anyOutline(WIDTH, HEIGHT), fc.boolean(), fc.integer({ min: 1, max: 40 }), ({ outline }, mirrored, seed) => {
			const piece = boardsOf(WIDTH, HEIGHT, [outline], [knob(430, 250, 40), pull]);
			const face = piece.faces[0]!;
			const open: Part = { ...face.whole, id: 'niche', role: 'open', x: 60, y: 150, width: 90, height: 60 };
			const { items } = lay(scatterOf({ mirrored, seed, picks: { common: String(seed) } }), { faces: [{ ...face, parts: [open] }] });
			const off = (box: { x: number; y: number; width: number; height: number }, x: number, y: number) =>
				Math.hypot(Math.max(0, box.x - x, x - box.x - box.width), Math.max(0, box.y - y, y - box.y - box.height));
			for (const [i, { centre, scale }] of items.entries()) {
				const clear = REACH * scale + 6 - 1e-6;
				expect(depthInOutline(outline, centre)).toBeGreaterThanOrEqual(clear);
				expect(Math.hypot(centre.x - 430, centre.y - 250) - 20).toBeGreaterThanOrEqual(clear);
				expect(off(pull.footprint, centre.x, centre.y)).toBeGreaterThanOrEqual(clear);
				expect(off(open, centre.x, centre.y)).toBeGreaterThanOrEqual(clear);
				for (const other of items.slice(i + 1))
					expect(Math.hypot(other.centre.x - centre.x, other.centre.y - centre.y)).toBeGreaterThanOrEqual(clear + REACH * other.scale);
			}
			if (mirrored) expect(items.every(({ cutBy }) => cutBy.length === 0)).toBe(true);
		}),
		{ numRuns: 40 }
	);
});

it.each([true, false])('mirrored %s: it fills both halves of its part', (mirrored) => {
	const [left, right] = [0, 1].map(
		(half) =>
			lay(scatterOf({ mirrored }), boardsOf(WIDTH, HEIGHT, [square])).items.filter(({ centre }) => centre.x > WIDTH / 2 === (half === 1))
				.length
	);
	expect([left! > 7, right! > 7]).toEqual([true, true]);
});

const corners = [
	[0, 0],
	[WIDTH, 0],
	[WIDTH, HEIGHT],
	[0, HEIGHT]
] as const;
const square = corners.map(([x, y], i) => {
	const [toX, toY] = corners[(i + 1) % 4]!;
	return { kind: 'line' as const, from: { x, y }, to: { x: toX, y: toY } };
});

describe('what was left out', () => {
	const leftOut = [{ part: 'board-1', place: '3' }];
	it.each<[what: string, change: Partial<Scatter>, isLetGo: boolean]>([
		['another seed', { seed: 9 }, true],
		['another number', { count: 11 }, true],
		['another throw', { picks: { common: '3' } }, true],
		['more room', { clear: 9 }, true],
		['other sizes', { scale: { least: 0.4, most: 0.8 } }, true],
		['other turns', { turn: 0 }, true],
		['both halves alike', { mirrored: false }, true],
		['another motif', { motif: 'bud' }, true],
		['a name', { name: 'Leaves' }, false],
		['more parts', { parts: ['board-1', 'board-2'] }, false],
		['one more left out', { leftOut: [...leftOut, { part: 'board-1', place: '4' }] }, false]
	])('with %s', (_, change, isLetGo) => {
		const scatter = scatterOf({ leftOut });
		expect(changeScatter(scatter, change).leftOut).toEqual(isLetGo ? [] : (change.leftOut ?? leftOut));
	});

	it('goes when a throw is taken from its ways', () => {
		const scatter = scatterOf({ leftOut });
		expect(ARRANGEMENTS.scatter.take(scatter, 'common', '3' as never)).toMatchObject({ leftOut: [], picks: { common: '3' } });
	});
});
