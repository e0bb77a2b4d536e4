import { EndType, inflatePaths, JoinType } from 'clipper2-ts';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { depthInOutline, flattenOutline, lengthOfRings, type Outline } from '../../geometry';
import { anyOutline } from '../../geometry/testing';
import {
	ARRANGEMENTS,
	kindOfArrangement,
	type Arrangement,
	type ArrangementPlan,
	type Border,
	type BorderFit,
	type Grid,
	type LaidItem,
	type Motif
} from '../index';
import { startSettingOf, boardsOf, contextWith } from './testing';

const block: Motif = { id: 'block', name: 'Block', width: 40, height: 60, paths: [{ d: 'M0 0h40v60h-40z', rule: 'nonzero' }] };
const [WIDTH, HEIGHT] = [600, 400];
type Piece = ReturnType<typeof boardsOf>;
const PARTS = ['board-1', 'board-2'];

const twoBoards = fc.tuple(anyOutline(WIDTH, HEIGHT), anyOutline(WIDTH, HEIGHT)).map((shapes) =>
	Object.assign(
		boardsOf(
			WIDTH,
			HEIGHT,
			shapes.map(({ outline }) => outline)
		),
		{ shapes }
	)
);
const planOf = (arrangement: Arrangement, piece: Piece, unit: 'mm' | 'in' = 'mm'): ArrangementPlan =>
	kindOfArrangement(arrangement).createPlanner()(arrangement, { ...contextWith([block], piece), unit });
const begun = (kind: Arrangement['kind'], more: object = {}) =>
	({ ...ARRANGEMENTS[kind].start(startSettingOf(block, PARTS, { scale: 0.5, shortest: 300 })), ...more }) as Arrangement;

/** How long the line is that lies so far inside an outline, its corners sharp: of coarser chords than the fit's, in µm. */
function longestInside(outline: Outline, by: number): number {
	const ring = flattenOutline(outline, 0.002);
	const path = Array.from({ length: ring.length / 2 }, (_, i) => ({
		x: Math.round(1000 * ring[2 * i]!),
		y: Math.round(1000 * ring[2 * i + 1]!)
	}));
	const rings = inflatePaths([path], -1000 * by, JoinType.Miter, EndType.Polygon, 4);
	return Math.max(0, ...rings.map((points) => lengthOfRings([points.flatMap(({ x, y }) => [x / 1000, y / 1000])])));
}

/** How much a clockwise outline turns at each of its inward corners, radians; the bends of flattened curves are none. */
function inwardTurns(outline: Outline): number[] {
	const ring = flattenOutline(outline, 0.002);
	const ways = Array.from({ length: ring.length / 2 }, (_, i) => [
		ring[(2 * i + 2) % ring.length]! - ring[2 * i]!,
		ring[(2 * i + 3) % ring.length]! - ring[2 * i + 1]!
	]).filter(([x, y]) => Math.hypot(x!, y!) > 1e-6);
	return ways
		.map(([x, y], i) => {
			const [px, py] = ways.at(i - 1)!;
			return Math.atan2(py! * x! - px! * y!, px! * x! + py! * y!);
		})
		.filter((turn) => turn > 0.05);
}

/** What a title says of one part of its group, in motifs; null where it says no number of them. */
const SAID: Partial<
	Record<Arrangement['kind'], (title: string, reason: string, part: string, items: readonly LaidItem[]) => [said: number, laid: number]>
> = {
	run: (title, reason, part, items) => [
		Number.parseInt(title) - Number(new RegExp(`(\\d+) left out on ${part}`).exec(reason)?.[1] ?? 0),
		items.filter((item) => item.part === part).length
	],
	trim: (title, _, part, items) => [Number(title.split(' ')[0]), items.filter((item) => item.part === part).length],
	scatter: (title, _reason, _part, items) => [Number(/(\d+) motifs/.exec(title)![1]), items.length],
	grid: (title, reason, part, items) => {
		const own = items.filter((item) => item.part === part).length;
		const told = [title, ...reason.split(/[;,] /)].find((one) => one.includes(` on ${part}`)) ?? title;
		const full = /(\d+) by (\d+)/.exec(told);
		return [
			full ? Number(full[1]) * Number(full[2]) : Number(/(\d+) motifs/.exec(told)![1]),
			title === `${items.length} motifs` ? items.length : own
		];
	}
};

describe('what a way says is what is laid', () => {
	it.each(['run', 'trim', 'scatter', 'grid'] as const)('%s: each way taken, on each of two boards, in mm and inches', (kind) => {
		fc.assert(
			fc.property(
				twoBoards,
				fc.constantFrom('mm' as const, 'in' as const),
				fc.double({ min: 0.3, max: 2, noNaN: true }),
				(piece, unit, scale) => {
					const arrangement = begun(kind, kind === 'grid' ? { scale, gap: { across: 12, down: 17 } } : {});
					const { groups } = planOf(arrangement, piece, unit);
					for (const { id, choices } of groups)
						for (const { pick, title, reason } of choices) {
							const taken = kindOfArrangement(arrangement).take(arrangement, id, pick as never);
							const plan = planOf(taken, piece, unit);
							const group = plan.groups.find((one) => one.id === id)!;
							const now = group.choices[group.taken]!;
							if (pick !== 'own') expect([now.title, now.reason]).toEqual([title, reason]);
							for (const part of group.parts) {
								const [said, laid] = SAID[kind]!(now.title, now.reason, part, plan.items);
								expect(laid, `${now.title}; ${now.reason} on ${part}`).toBe(said);
							}
						}
				}
			),
			{ numRuns: 8, endOnFailure: true }
		);
	});

	it('a field ends on the edges where it says so, and nowhere else', () => {
		fc.assert(
			fc.property(twoBoards, fc.double({ min: 0.05, max: 3, noNaN: true }), (piece, scale) => {
				const arrangement = begun('grid', { scale, gap: { across: 40 * scale * 0.3, down: 60 * scale * 0.2 } }) as Grid;
				for (const { pick, reason } of planOf(arrangement, piece).groups[0]?.choices ?? []) {
					if (pick === 'own') continue;
					const { items } = planOf(ARRANGEMENTS.grid.take(arrangement, 'common', pick as never), piece);
					for (const part of PARTS) {
						const own = items.filter((item) => item.part === part);
						const reach = (of: (item: LaidItem) => number) => Math.min(...own.map(of).map(Math.abs));
						const ends =
							own.length > 0 &&
							Math.max(
								reach((i) => i.left),
								reach((i) => i.top),
								reach((i) => i.right),
								reach((i) => i.bottom)
							) < 0.01;
						const said = /on the edges of (.*)$/.exec(reason)?.[1] ?? '';
						expect(said === 'all' || said.split(', ').includes(part), reason).toBe(ends);
					}
				}
			}),
			{ numRuns: 10, endOnFailure: true }
		);
	});

	it('a border closes on each of several boards of one size, whatever their outlines: what its sides take is as long as its line', () => {
		fc.assert(
			fc.property(twoBoards, fc.constantFrom('mitred' as const, 'mirrored' as const), (piece, corners) => {
				const border = begun('border', { corners, corner: null }) as Border;
				const plan = planOf(border, piece);
				for (const group of plan.groups) {
					if (group.taken < 0) {
						expect(plan.issues.map(({ code }) => code)).toContain('border.no-room');
						continue;
					}
					const { fit } = group.choices[group.taken] as unknown as { fit: BorderFit };
					for (const part of group.parts) {
						const { outline } = piece.faces.find(({ id }) => id === part)!;
						const line = border.inset + (block.height * fit.scale) / 2;
						const taken = fit.counts.reduce((sum, count, side) => sum + count * (fit.scale * block.width + fit.gaps[side]!), 0);
						expect(Math.abs(taken - longestInside(outline, line)), part).toBeLessThan(0.5);
						/** And they stand on it. */
						const on = plan.items.filter((item) => item.part === part);
						expect(on.length).toBeGreaterThan(0);
						/** Further in at the tip of a corner that comes inwards. */
						const tip = line / Math.cos(Math.max(0, ...inwardTurns(outline)) / 2);
						for (const { centre } of on) {
							const depth = depthInOutline(outline, centre);
							expect(depth).toBeGreaterThan(line - 0.05);
							expect(depth).toBeLessThan(tip + 0.05);
						}
					}
				}
			}),
			{ numRuns: 10, endOnFailure: true }
		);
	});
});
