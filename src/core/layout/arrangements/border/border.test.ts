import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { measurePiece, STARTERS, type MeasuredPiece } from '../../../piece';
import { newProject } from '../../../project';
import { trackOutline } from '../../../geometry';
import {
	ARRANGEMENTS,
	ArrangementSchema,
	depthOfBorder,
	fitBorder,
	kindOfArrangement,
	type Border,
	type BorderWish,
	type LaidItem,
	type Motif
} from '../../index';
import { startSettingOf, contextWith } from '../testing';

const bar: Motif = { id: 'bar', name: 'Bar', width: 60, height: 20, paths: [{ d: 'M2 2h40v16h-40z', rule: 'nonzero' }] };
const block: Motif = { id: 'block', name: 'Block', width: 40, height: 40, paths: [{ d: 'M5 5h30v30h-30z', rule: 'nonzero' }] };

/** Gaps by their own sums, side by side with the fast way. */
const gapsFor = (wish: BorderWish, counts: readonly number[], scale: number) =>
	wish.sidesAt(scale).map((side, i) => {
		const n = counts[i]!;
		return wish.corners === 'blocks' ? (side - scale * wish.corner - n * scale * wish.motif) / (n + 1) : side / n - scale * wish.motif;
	});
const costFor = (wish: BorderWish, gaps: readonly number[], scale: number) =>
	2 * Math.abs(Math.log(scale / wish.scale.wish)) +
	gaps.reduce((sum, gap) => sum + Math.abs(gap - wish.gap.wish), 0) / gaps.length / wish.motif +
	(Math.max(...gaps) - Math.min(...gaps)) / wish.motif;

function bruteForce(wish: BorderWish, steps: number): number {
	let best = Infinity;
	for (let i = 0; i <= steps; i++) {
		const scale = wish.scale.least + ((wish.scale.most - wish.scale.least) * i) / steps;
		const most = wish.sidesAt(scale).map((side) => Math.ceil(side / (scale * wish.motif + Math.min(0, wish.gap.least))) + 1);
		for (let n = 1; n <= most[0]!; n++)
			for (let k = 1; k <= (most[1] ?? 1); k++) {
				const gaps = gapsFor(wish, [n, k], scale);
				if (gaps.every((gap) => gap >= wish.gap.least - 1e-9 && gap <= wish.gap.most + 1e-9))
					best = Math.min(best, costFor(wish, gaps, scale));
			}
	}
	return best;
}

it.each<[what: string, corners: Border['corners'], corner: string | null, depth: number]>([
	['its strip', 'blocks', null, 20],
	['a block that is wider', 'blocks', 'wide', 45],
	['a block that is taller', 'blocks', 'tall', 50],
	['its strip, beside blocks that are smaller', 'blocks', 'small', 20],
	['its strip where it has no blocks', 'mitred', 'wide', 20],
	['its strip where nobody knows the block', 'blocks', 'gone', 20]
])('a border is as deep as %s', (_what, corners, corner, depth) => {
	const sizes: Record<string, { width: number; height: number }> = {
		bar: { width: 60, height: 20 },
		wide: { width: 45, height: 30 },
		tall: { width: 30, height: 50 },
		small: { width: 10, height: 15 }
	};
	expect(depthOfBorder({ motif: 'bar', corners, corner }, (id) => sizes[id])).toBe(depth);
	expect(depthOfBorder({ motif: 'gone', corners: 'mitred', corner: null }, (id) => sizes[id])).toBe(0);
});

describe('fitBorder', () => {
	const worked: BorderWish = {
		sidesAt: (scale) => [560 - 40 * scale, 400 - 40 * scale],
		corners: 'blocks',
		corner: 40,
		motif: 60,
		scale: { least: 0.9, most: 1.1, wish: 1 },
		gap: { least: 0, most: 12, wish: 4 }
	};

	it('gives the worked example: 8 by 5 at scale 1, then 7 by 5', () => {
		const [first, second] = fitBorder(worked).filter(({ scale }) => scale === 1);
		expect(first).toMatchObject({
			counts: [8, 5],
			gaps: [expect.closeTo(0, 6), expect.closeTo(10 / 3, 6)],
			cost: expect.closeTo(0.09444, 5)
		});
		expect(second).toMatchObject({
			counts: [7, 5],
			gaps: [expect.closeTo(7.5, 6), expect.closeTo(10 / 3, 6)],
			cost: expect.closeTo(0.10417, 5)
		});
	});

	it('gives the worked ring: 24 at .99208, then 23 at 1', () => {
		const fits = fitBorder({
			...worked,
			sidesAt: () => [720 * Math.PI],
			corners: 'ring',
			motif: 95,
			scale: { least: 0.95, most: 1.05, wish: 1 },
			gap: { least: 0, most: 15, wish: 0 }
		});
		expect(fits[0]).toMatchObject({
			counts: [24],
			scale: expect.closeTo(0.99208, 5),
			gaps: [expect.closeTo(0, 6)],
			cost: expect.closeTo(0.0159, 4),
			by: 'gap-wish'
		});
		expect(fits[1]).toMatchObject({
			counts: [23],
			scale: 1,
			gaps: [expect.closeTo(3.3455, 4)],
			cost: expect.closeTo(0.0352, 4),
			by: 'scale-wish'
		});
	});

	it('is never beaten by trying every count at 600 scales, and says what it costs', () => {
		const wishes = fc.record({
			sides: fc.tuple(fc.integer({ min: 200, max: 900 }), fc.integer({ min: 150, max: 600 })),
			motif: fc.integer({ min: 25, max: 90 }),
			corner: fc.integer({ min: 10, max: 60 }),
			corners: fc.constantFrom('blocks', 'mitred', 'mirrored' as const),
			least: fc.integer({ min: 60, max: 95 }),
			most: fc.integer({ min: 100, max: 140 }),
			gap: fc.tuple(fc.integer({ min: -5, max: 4 }), fc.integer({ min: 5, max: 30 }), fc.double({ min: 0, max: 1, noNaN: true }))
		});
		fc.assert(
			fc.property(wishes, ({ sides, motif, corner, corners, least, most, gap: [from, to, at] }) => {
				const wish: BorderWish = {
					sidesAt: (scale) => sides.map((side) => side - corner * scale),
					corners,
					corner,
					motif,
					scale: { least: least / 100, most: most / 100, wish: 1 },
					gap: { least: from, most: to, wish: from + at * (to - from) }
				};
				const [best] = fitBorder(wish);
				const brute = bruteForce(wish, 600);
				if (!best) {
					expect(brute).toBe(Infinity);
					return;
				}
				expect(best.cost).toBeLessThanOrEqual(brute + 1e-9);
				expect(costFor(wish, sides[0] === sides[1] ? [best.gaps[0]!] : best.gaps, best.scale)).toBeCloseTo(best.cost, 9);
				expect(gapsFor(wish, best.counts, best.scale)).toEqual(best.gaps.map((gap) => expect.closeTo(gap, 9)));
			}),
			{ numRuns: 60 }
		);
	});

	it('of all pairs of counts, each tried by itself, the forty best are found, whatever is left out on the way', () => {
		for (const [sides, motif, gap] of [
			[[900, 400], 20, { least: 0, most: 8, wish: 2 }],
			[[1400, 1400], 30, { least: 1, most: 12, wish: 1 }],
			[[700, 650], 16, { least: 0, most: 5, wish: 5 }]
		] as const) {
			const wish: BorderWish = {
				sidesAt: () => [...sides, ...sides],
				corners: 'mirrored',
				corner: 0,
				motif,
				scale: { least: 0.7, most: 1.4, wish: 1 },
				gap
			};
			const counts = Array.from({ length: 110 }, (_, i) => i + 1);
			const all = counts.flatMap((n) =>
				(sides[0] === (sides[1] as number) ? [null] : counts).flatMap((k) => fitBorder({ ...wish, pinned: [n, k] }))
			);
			const best = all.sort((a, b) => a.cost - b.cost).slice(0, 40);
			expect(fitBorder(wish).map(({ cost }) => cost)).toEqual(best.map(({ cost }) => expect.closeTo(cost, 9)));
		}
	});

	it('keeps to sizes that exist, and to counts that are pinned', () => {
		expect(fitBorder({ ...worked, sizes: [0.95, 1.3] }).map(({ scale, by }) => [scale, by])).toEqual(
			fitBorder({ ...worked, sizes: [0.95, 1.3] }).map(() => [0.95, 'size'])
		);
		expect(fitBorder({ ...worked, sizes: [0.95] }).length).toBeGreaterThan(0);
		expect(new Set(fitBorder({ ...worked, pinned: [7, null] }).map(({ counts }) => counts[0]))).toEqual(new Set([7]));
	});

	it.each<[string, Partial<BorderWish>]>([
		['a scale that is upside down', { scale: { least: 1.1, most: 0.9, wish: 1 } }],
		['a gap that is', { gap: { least: 5, most: 1, wish: 3 } }],
		['no motif', { motif: 0 }],
		['no room at any scale', { sidesAt: () => [] }]
	])('has nothing for %s', (_name, more) => expect(fitBorder({ ...worked, ...more })).toEqual([]));
});

const start = (more: Partial<Border> = {}): Border => ({ ...ARRANGEMENTS.border.start(startSettingOf(bar, ['front'])), ...more });
const lay = (border: Border, piece: MeasuredPiece) => kindOfArrangement(border).createPlanner()(border, contextWith([bar, block], piece));
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

describe('a border on a board', () => {
	const flat = { least: 0.9, most: 1.1, wish: 1 };
	it('with corner blocks: four of them, each side between them closed at one scale', () => {
		const plan = lay(
			start({ corners: 'blocks', corner: 'block', inset: 10, scale: flat, gap: { least: 0, most: 12, wish: 4 } }),
			board('580', '420')
		);
		/** 560 by 400 inside the inset: the worked example. */
		expect(plan.groups[0]!.choices.some(({ title }) => title === '8 by 5, each 20 mm high')).toBe(true);
		const taken = plan.groups[0]!.choices[plan.groups[0]!.taken] as unknown as { fit: { scale: number; counts: number[] } };
		const corners = plan.items.filter(({ role }) => role === 'corner');
		expect(corners.map(({ turn }) => Math.round(turn))).toEqual([0, 90, 180, -90]);
		expect(corners[0]).toMatchObject({
			left: expect.closeTo(10, 6),
			top: expect.closeTo(10, 6),
			width: expect.closeTo(40 * taken.fit.scale, 6)
		});
		expect(plan.items.length - 4).toBe(taken.fit.counts.reduce((a, b) => a + b, 0));
		expect(new Set(plan.items.map(({ scale }) => scale)).size).toBe(1);
	});

	it('mitred: whole motifs along the centre line, cut along the bisector where they reach over it', () => {
		const { items } = lay(start({ corners: 'mitred', inset: 10, scale: flat, gap: { least: 0, most: 8, wish: 0 } }), board('580', '420'));
		const top = items.filter(({ place }) => place.startsWith('0,'));
		const depth = 20 * top[0]!.scale;
		expect(top.every(({ centre }) => Math.abs(centre.y - 10 - depth / 2) < 1e-6)).toBe(true);
		/** Nothing of the top lies below the diagonal of its corner. */
		for (const ring of top[0]!.rings)
			for (let i = 0; i < ring.length; i += 2) expect(ring[i]! - ring[i + 1]!).toBeGreaterThanOrEqual(-1e-3);
		for (const item of items) expect(item.openArea + item.lost).toBeCloseTo(40 * 16 * item.scale ** 2, 2);
	});

	it('mirrored: a motif on each corner, half from each side, the second half of a side turned round', () => {
		const { items } = lay(start({ corners: 'mirrored', inset: 10, scale: flat, gap: { least: 0, most: 8, wish: 0 } }), board('580', '420'));
		const top = items.filter(({ place }) => place.startsWith('0,')).sort((a, b) => a.centre.x - b.centre.x);
		const corner = 10 + 10 * top[0]!.scale;
		expect([top[0]!.centre.x, top.at(-1)!.centre.x]).toEqual([expect.closeTo(corner, 6), expect.closeTo(580 - corner, 6)]);
		expect(top[0]!.cutBy).toContain('mitre');
		/** The same to a hair on both sides of the middle. */
		const area = (list: readonly LaidItem[]) => list.map(({ openArea }) => openArea);
		const bare = top.filter(({ centre }) => Math.abs(centre.x - 290) > 1);
		expect(area(bare)).toEqual(
			area(bare)
				.reverse()
				.map((one) => expect.closeTo(one, 3))
		);
		expect(bare.map(({ mirrored }) => mirrored)).toEqual(bare.map(({ centre }) => centre.x > 290));
	});

	it.each<[string, Partial<Border>, MeasuredPiece, string]>([
		[
			'a gap that cannot be',
			{ gap: { least: 0, most: 0.001, wish: 0 }, scale: { least: 1, most: 1.0001, wish: 1 } },
			board('583', '421'),
			'gap gave'
		],
		['a motif far too large', { scale: { least: 5, most: 6, wish: 5 }, gap: { least: 0, most: 20, wish: 0 } }, board('300', '200'), 'gave']
	])('a wish that cannot be met, %s, gets the nearest that closes, and says what gave', (_name, more, piece, said) => {
		const plan = lay(start(more), piece);
		expect(plan.issues).toEqual([]);
		expect(plan.items.length).toBeGreaterThan(3);
		expect(
			plan.hints.some(({ code }) => code === 'border.gave'),
			said
		).toBe(true);
	});

	it('says where there is no room at all', () => {
		expect(lay(start({ inset: 150 }), board('300', '200')).issues).toMatchObject([
			{ code: 'border.no-room', path: 'layout.arrangements[0].inset' }
		]);
	});
});

/** On whatever it runs, a border comes back to where it began: gaps and motifs of each side add up to its line. */
it.each(STARTERS.map(({ id }) => id))('on %s a border closes to 0.01 mm, each motif turned along the line', (shape) => {
	const begun = newProject({ name: '', units: 'mm', count: null, shape }).piece;
	const faces = begun.faces.map((face, i) =>
		i === 0 && shape !== 'free-board' ? { ...face, width: '700', height: face.outline.shape === 'circle' ? '' : '500' } : face
	);
	const piece = measurePiece({ ...begun, faces }, 'mm');
	const face = piece.faces[0]!;
	for (const corners of ['blocks', 'mitred', 'mirrored'] as const) {
		const border = start({ parts: [face.id], corners, inset: 12 });
		expect(ArrangementSchema.safeParse(border).error).toBeUndefined();
		const plan = lay(border, piece);
		const group = plan.groups[0]!;
		const { fit } = group.choices[group.taken] as unknown as { fit: { scale: number; counts: number[]; gaps: number[] } };
		const depth = corners === 'blocks' ? Math.max(bar.height, bar.height) : bar.height;
		const tracks = trackOutline(face.whole.outline, 12 + (depth * fit.scale) / 2);
		const [motif, block] = [bar.width * fit.scale, corners === 'blocks' && !tracks[0]!.closed ? bar.height * fit.scale : 0];
		tracks.forEach(({ length, closed }, side) => {
			const [count, gap] = [fit.counts[side]!, fit.gaps[side]!];
			const sum = closed || block === 0 ? count * (motif + gap) : block + count * motif + (count + 1) * gap;
			expect(Math.abs(sum - length)).toBeLessThan(0.01);
		});
		const strip = plan.items.filter(({ role }) => role === 'motif');
		expect(strip.length).toBeGreaterThan(4);
	}
});
