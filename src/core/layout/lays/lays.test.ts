import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { isInRings } from '../../geometry';
import { measurePiece, type MeasuredPiece } from '../../piece';
import { newProject } from '../../project';
import { layItem } from '../arrangements/layItem';
import type { LaidItem } from '../arrangements/types';
import { measureMotif } from '../measureMotif';
import type { Motif } from '../motif';
import { CLEARANCE, colourRounds, findConflicts, findLays, planLays, type LaysWish } from './index';
import { createRandom } from './random';
import type { PlacedLay } from './placeLays';

function board(width: number, height: number): MeasuredPiece {
	const { piece } = newProject({ name: '', units: 'mm', count: null, shape: 'free-board' });
	const faces = piece.faces.map((face) => ({
		...face,
		id: 'front',
		outline: { shape: 'rectangle' as const },
		width: String(width),
		height: String(height)
	}));
	return measurePiece({ ...piece, faces, seams: [] }, 'mm');
}

const square = (size: number, sheet?: Motif['sheet']): Motif => ({
	id: 'm',
	name: 'M',
	width: size,
	height: size,
	paths: [{ d: `M0 0H${size}V${size}H0Z`, rule: 'nonzero' }],
	...(sheet ? { sheet } : {})
});
const sheet = (border: number, across: number) => ({ border, across, down: 1, thickness: 0.5 });

/** A row of so many, mm from middle to middle. */
function rowOf(
	count: number,
	pitch: number,
	motif: Motif,
	piece: MeasuredPiece,
	more: Partial<Parameters<typeof layItem>[0]> = {}
): LaidItem[] {
	const [face] = piece.faces;
	return Array.from({ length: count }, (_, i) =>
		layItem(
			{ arrangement: 'a', place: String(i), index: i, scale: 1, centre: { x: 200 + i * pitch, y: 200 }, ...more },
			{ motif, shape: measureMotif(motif) },
			face!.whole,
			face!
		)
	);
}

const plan = (items: readonly LaidItem[], motif: Motif, piece: MeasuredPiece, wish: Partial<LaysWish> = {}) =>
	laysFor(items, { mode: 'fewest', cut: false, ...wish }, piece, motif);
/** As `planLaysOf` puts them together. */
function laysFor(items: readonly LaidItem[], wish: LaysWish, { faces }: MeasuredPiece, motif: Motif, hand: 'left' | 'right' = 'right') {
	const context = { hand, lies: 'upright' as const, faces, motifs: new Map([['m', { motif, shape: measureMotif(motif) }]]) };
	return planLays(findLays(items, wish, context), wish, context);
}
const way = (of: ReturnType<typeof plan>, mode: string) => of.choices.find((choice) => choice.mode === mode);

describe('the worked examples of methods 4', () => {
	const piece = board(2000, 400);
	it.each([
		[11, 4, 'marks', { lays: 3, rounds: 2, waits: 1 }],
		[11, 4, 'chain', { lays: 4, rounds: 4, waits: 3 }],
		[11, 4, 'middle', { lays: 4, waits: 2 }],
		[7, 2, 'chain', { lays: 6, waits: 5 }]
	])('a row of %i, %i on the sheet, by %s', (count, across, mode, says) => {
		const motif = square(50, sheet(30, across));
		expect(way(plan(rowOf(count, 70, motif, piece), motif, piece), mode)).toMatchObject(says);
	});
	it.each([
		[85, 3],
		[80, 2]
	])('12 single ones, pitch 70, opening 50, border %i: %i rounds; touching is no conflict', (border, rounds) => {
		const motif = square(50, sheet(border, 1));
		const planned = plan(rowOf(12, 70, motif, piece), motif, piece);
		expect(planned.choices).toEqual([{ mode: 'marks', lays: 12, rounds, least: rounds, waits: rounds - 1 }]);
	});
	it('one motif is one lay, and what fits one sheet needs no chain', () => {
		const motif = square(50, sheet(30, 4));
		const planned = plan(rowOf(1, 70, motif, piece), motif, piece);
		expect(planned.choices).toEqual([{ mode: 'marks', lays: 1, rounds: 1, least: 1, waits: 0 }]);
		expect(planned.lays[0]).toMatchObject({ masked: 3, round: 1, number: 1 });
	});
});

describe('lays in place', () => {
	const piece = board(2000, 400);
	it('have their corners, their mark and their masked places where the sheet lies, turned too', () => {
		const motif = square(50, sheet(30, 2));
		const [first, second] = plan(rowOf(3, 70, motif, piece), motif, piece, { mode: 'marks' }).lays;
		expect(first).toMatchObject({ items: ['front 0', 'front 1'], masked: 0, turn: 0, mark: { left: 175, top: 175 } });
		expect(first!.sheet).toEqual([145, 145, 325, 145, 325, 255, 145, 255]);
		expect(second).toMatchObject({ items: ['front 2'], masked: 1, mark: { left: 315, top: 175 } });
		const [turned] = plan(rowOf(1, 0, motif, piece, { turn: 90 }), motif, piece).lays;
		expect(turned).toMatchObject({ turn: 90, mark: { left: 225, top: 175 } });
		expect(turned!.sheet.map(Math.round)).toEqual([255, 145, 255, 305, 145, 305, 145, 145]);
	});
	it('a sheet covers its motifs, and its mark is a corner of the design, whatever the turn, the number and the mode', () => {
		const oblong = (sheets: Motif['sheet']): Motif => ({
			...square(50, sheets),
			height: 20,
			paths: [{ d: 'M0 0H50V20H0Z', rule: 'nonzero' }]
		});
		fc.assert(
			fc.property(
				fc.integer({ min: 1, max: 7 }),
				fc.integer({ min: 1, max: 4 }),
				fc.integer({ min: 0, max: 23 }),
				fc.constantFrom('marks' as const, 'chain' as const, 'middle' as const),
				fc.boolean(),
				(count, across, steps, mode, isBack) => {
					const turn = steps * 15;
					const radians = (turn * Math.PI) / 180;
					const [cos, sin] = [Math.cos(radians), Math.sin(radians)];
					const motif = oblong(sheet(12, across));
					const big = board(2000, 2000);
					const [face] = big.faces;
					/** Along their own turn, or against it: a row that is laid from the right. */
					const pitch = isBack ? -60 : 60;
					const items = Array.from({ length: count }, (_, i) => {
						const centre = { x: 1000 + i * pitch * cos, y: 1000 + i * pitch * sin };
						return layItem(
							{ arrangement: 'a', place: String(i), index: i, scale: 1, centre, turn },
							{ motif, shape: measureMotif(motif) },
							face!.whole,
							face!
						);
					});
					for (const lay of plan(items, motif, big, { mode }).lays) {
						const own = items.filter(({ key }) => lay.items.includes(key));
						expect(own.length).toBeGreaterThan(0);
						/** Of each motif its corners, along the sheet and across it from the mark. */
						const local = (x: number, y: number) => {
							const [dx, dy] = [x - lay.mark.left, y - lay.mark.top];
							const [c, s] = [Math.cos((lay.turn * Math.PI) / 180), Math.sin((lay.turn * Math.PI) / 180)];
							return [dx * c + dy * s, dy * c - dx * s] as const;
						};
						const frames = own.map(({ centre }) => local(centre.x, centre.y));
						for (const [u, v] of frames) {
							expect(u - 25).toBeGreaterThanOrEqual(-1e-6);
							expect(v - 10).toBeCloseTo(0, 6);
						}
						/** Its first repeat begins at the mark, wherever the masked ones lie. */
						const us = frames.map(([u]) => (u - 25) / 60);
						for (const u of us) expect(Math.abs(u - Math.round(u))).toBeLessThan(1e-6);
						for (const { rings } of own)
							for (const ring of rings)
								for (let i = 0; i < ring.length; i += 2) expect(isInRings(ring[i]!, ring[i + 1]!, [lay.sheet])).toBe(true);
						expect(lay.turn).toBeGreaterThanOrEqual(0);
						expect(lay.turn).toBeLessThan(360);
					}
				}
			),
			{ numRuns: 120, endOnFailure: true }
		);
	});
	it('a sheet that is cut into its motifs keeps a narrow border and lays each alone', () => {
		const motif = square(50, sheet(85, 4));
		const planned = plan(rowOf(12, 70, motif, piece), motif, piece, { cut: true, mode: 'marks' });
		expect(planned.lays).toHaveLength(12);
		expect(way(planned, 'marks')).toMatchObject({ rounds: 2 });
	});
	it('a sheet of several lines lays a band of them at once; what a short band lacks stays masked', () => {
		const tall = board(1000, 1000);
		const motif = square(50, { border: 30, across: 2, down: 3, thickness: 0.5 });
		const [face] = tall.faces;
		const lines = (count: number) =>
			Array.from({ length: 3 * count }, (_, index): LaidItem => {
				const [line, i] = [Math.floor(index / 3), index % 3];
				const centre = { x: 200 + i * 70, y: 200 + line * 80 };
				const spec = { arrangement: 'a', place: `${line},${i}`, index, scale: 1, centre };
				return layItem(spec, { motif, shape: measureMotif(motif) }, face!.whole, face!);
			});
		const four = plan(lines(4), motif, tall, { mode: 'marks' }).lays;
		expect(four).toHaveLength(4);
		expect(four.map(({ items, masked }) => [items.length, masked]).sort()).toEqual([
			[1, 5],
			[2, 4],
			[3, 3],
			[6, 0]
		]);
		const whole = four.find(({ masked }) => masked === 0)!;
		expect(whole.items).toEqual(['front 0,0', 'front 1,0', 'front 2,0', 'front 0,1', 'front 1,1', 'front 2,1']);
		/** Two at 70 and 50 more, three at 80 and 50 more, and a border of 30 round them. */
		expect(whole.sheet).toEqual([145, 145, 325, 145, 325, 415, 145, 415]);
		/** One line alone: the others of its sheet lie masked below it, each as high as it is. */
		expect(plan(lines(1), motif, tall, { mode: 'marks' }).lays[0]!.sheet).toEqual([145, 145, 325, 145, 325, 355, 145, 355]);
		expect(plan(lines(6), motif, tall, { mode: 'chain' }).lays).toHaveLength(4);
		expect(plan(lines(6), motif, tall, { mode: 'marks', cut: true }).lays).toHaveLength(18);
	});
	it('go from the top down, and for the right hand from left to right; for the left one the other way', () => {
		const motif = square(50, sheet(5, 1));
		const items = rowOf(3, 100, motif, piece);
		const order = (hand: 'left' | 'right') =>
			laysFor(items, { mode: 'marks', cut: false }, piece, motif, hand).lays.map(({ items: [key] }) => key);
		expect(order('right')).toEqual(['front 0', 'front 1', 'front 2']);
		expect(order('left')).toEqual(['front 2', 'front 1', 'front 0']);
	});
	it('a chain grown from the middle lays each over one that is there already', () => {
		const motif = square(50, sheet(10, 4));
		const { lays, mode } = plan(rowOf(11, 70, motif, piece), motif, piece, { mode: 'middle' });
		expect(mode).toBe('middle');
		expect(lays.flatMap(({ items }) => items).sort()).toEqual(
			rowOf(11, 70, motif, piece)
				.map(({ key }) => key)
				.sort()
		);
		expect(lays.map(({ round }) => round)).toEqual([1, 2, 2, 3]);
	});
});

/** Sheets and openings turned at will: by points, none of the true outlines. */
function missedByPoints(a: PlacedLay, b: PlacedLay): boolean {
	const inSheet = (x: number, y: number) => {
		const [ax, ay, bx, by, , , dx, dy] = a.sheet as unknown as number[];
		const [w, h] = [Math.hypot(bx! - ax!, by! - ay!), Math.hypot(dx! - ax!, dy! - ay!)];
		const u = ((x - ax!) * (bx! - ax!) + (y - ay!) * (by! - ay!)) / w;
		const v = ((x - ax!) * (dx! - ax!) + (y - ay!) * (dy! - ay!)) / h;
		return u > -CLEARANCE + 0.3 && u < w + CLEARANCE - 0.3 && v > -CLEARANCE + 0.3 && v < h + CLEARANCE - 0.3;
	};
	return b.wet.some((item) => {
		for (let x = item.left; x < item.left + item.width; x += 1.5)
			for (let y = item.top; y < item.top + item.height; y += 1.5) if (inSheet(x, y) && isInRings(x, y, item.rings)) return true;
		return false;
	});
}

it('no conflict is missed: lays at random, turned, of a motif with a hole, beside a search by points', () => {
	const piece = board(600, 600);
	const [face] = piece.faces;
	const ring: Motif = { ...square(60), paths: [{ d: 'M0 0H60V60H0ZM10 10V50H50V10Z', rule: 'nonzero' }] };
	let conflicts = 0;
	for (let seed = 1; seed <= 12; seed++) {
		const random = createRandom(seed);
		const lays = Array.from({ length: 8 }, (_, i): PlacedLay => {
			const centre = { x: 100 + random(400), y: 100 + random(400) };
			const turn = random(360);
			const item = layItem(
				{ arrangement: 'a', place: String(i), index: i, scale: 0.5 + random(10) / 10, centre, turn },
				{ motif: ring, shape: measureMotif(ring) },
				face!.whole,
				face!
			);
			const reach = 30 * item.scale + 8;
			const [cos, sin] = [Math.cos((turn * Math.PI) / 180), Math.sin((turn * Math.PI) / 180)];
			const at = (x: number, y: number) => [centre.x + x * cos - y * sin, centre.y + x * sin + y * cos];
			const corners = [...at(-reach, -reach), ...at(reach, -reach), ...at(reach, reach), ...at(-reach, reach)];
			return {
				part: 'front',
				items: [item],
				wet: [item],
				sheet: corners,
				design: corners,
				mark: { left: 0, top: 0 },
				turn,
				masked: 0,
				chain: null
			};
		});
		const near = findConflicts(lays, () => face!.whole);
		for (let i = 0; i < lays.length; i++)
			for (let j = i + 1; j < lays.length; j++) {
				const says = near[i]!.includes(j);
				expect(near[j]!.includes(i)).toBe(says);
				if (missedByPoints(lays[i]!, lays[j]!) || missedByPoints(lays[j]!, lays[i]!)) {
					expect(says).toBe(true);
					conflicts++;
				}
			}
	}
	expect(conflicts).toBeGreaterThan(30);
});

/** Every way to share so few lays out. */
function fewestByTrying(near: readonly (readonly number[])[]): number {
	const of: number[] = [];
	const fits = (rounds: number): boolean => {
		if (of.length === near.length) return true;
		const lay = of.length;
		for (let round = 0; round < rounds; round++) {
			if (near[lay]!.some((other) => of[other] === round)) continue;
			of.push(round);
			if (fits(rounds)) return true;
			of.pop();
		}
		return false;
	};
	for (let rounds = 0; ; rounds++) {
		of.length = 0;
		if (fits(rounds)) return rounds;
	}
}

const graph = (size: number, pairs: readonly (readonly [number, number])[]) => {
	const near: number[][] = Array.from({ length: size }, () => []);
	for (const [a, b] of pairs)
		if (a !== b && a < size && b < size && !near[a]!.includes(b)) {
			near[a]!.push(b);
			near[b]!.push(a);
		}
	return near;
};

describe('rounds', () => {
	it('are as few as trying every way gives, and no two in conflict share one', () => {
		fc.assert(
			fc.property(fc.array(fc.tuple(fc.nat(9), fc.nat(9)), { maxLength: 40 }), fc.integer({ min: 0, max: 10 }), (pairs, size) => {
				const near = graph(size, pairs);
				const { of, count, least } = colourRounds(near);
				near.forEach((others, i) => others.forEach((j) => expect(of[i]).not.toBe(of[j])));
				expect([count, least]).toEqual([fewestByTrying(near), count]);
			}),
			{ numRuns: 150 }
		);
	});
	it('of a ring of five are three, though no three of them meet', () => {
		const ring = graph(5, [
			[0, 1],
			[1, 2],
			[2, 3],
			[3, 4],
			[4, 0]
		]);
		expect(colourRounds(ring)).toMatchObject({ count: 3, least: 3 });
	});
	it('of 40 at random are proved in 98 of 100; where the effort ends before, the bound is still true', () => {
		let proved = 0;
		for (let seed = 1; seed <= 100; seed++) {
			const random = createRandom(seed);
			const near = graph(
				40,
				Array.from({ length: 250 }, () => [random(40), random(40)] as const)
			);
			const [full, short] = [colourRounds(near), colourRounds(near, { steps: 5, nodes: 20 })];
			if (full.count === full.least) proved++;
			expect(short.least).toBeLessThanOrEqual(full.count);
			expect(short.count).toBeGreaterThanOrEqual(full.least);
		}
		expect(proved).toBeGreaterThanOrEqual(98);
	});
});
