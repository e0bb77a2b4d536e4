import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { costOfFit, ENDS_BY_ID, fitRunToLength, type EndsId, type RunWish } from '../../index';

const wish = (more: Partial<RunWish>): RunWish => ({
	length: 910,
	margin: 0,
	motif: 120,
	scale: { least: 0.9, most: 1.1, wish: 1 },
	gap: { least: 0, most: 20, wish: 10 },
	middle: 'either',
	obstacles: [],
	obstacleRule: 'avoid',
	...more
});

describe('worked examples', () => {
	it('half ends', () => {
		const [first] = fitRunToLength(wish({}), 'half');
		expect(first).toMatchObject({ count: 7, scale: 1, cost: 0 });
		expect(first!.gap).toBeCloseTo(10, 9);
		expect(first!.spots.map((spot) => Math.round(spot.centre))).toEqual([0, 130, 260, 390, 520, 650, 780, 910]);
		expect(first!.spots[0]).toMatchObject({ from: 0, to: 60, cut: 'left' });
	});
	it('whole ends', () => {
		const [first] = fitRunToLength(wish({}), 'whole');
		expect(first).toMatchObject({ count: 7, scale: 1 });
		expect(first!.gap).toBeCloseTo(11.667, 3);
	});
	it('closed ring', () => {
		const fits = fitRunToLength(
			wish({ length: 720 * Math.PI, motif: 95, scale: { least: 0.95, most: 1.05, wish: 1 }, gap: { least: 0, most: 15, wish: 0 } }),
			'ring'
		);
		expect(fits[0]).toMatchObject({ count: 24, by: 'gap-wish' });
		expect(fits[0]!.scale).toBeCloseTo(0.99208, 5);
		expect(fits[0]!.gap).toBeCloseTo(0, 9);
		expect(fits[0]!.cost).toBeCloseTo(0.0159, 4);
		expect(fits[1]).toMatchObject({ count: 23, scale: 1 });
		expect(fits[1]!.gap).toBeCloseTo(3.3455, 4);
		expect(fits[1]!.cost).toBeCloseTo(0.0352, 4);
	});
	it('one motif alone has no gap', () => {
		expect(fitRunToLength(wish({ length: 126 }), 'whole')[0]).toMatchObject({ count: 1, scale: 1.05, by: 'alone', terms: { gap: 0 } });
	});
});

it('puts motifs on knobs when they are to be centred, and clear of them when they are to be avoided', () => {
	const knobs = [
		{ from: 210, to: 245 },
		{ from: 665, to: 700 }
	];
	const avoid = fitRunToLength(wish({ obstacles: knobs, motif: 60, gap: { least: 0, most: 90, wish: 45 } }), 'whole')[0]!;
	expect(avoid.hits).toBe(0);
	for (const spot of avoid.spots) for (const knob of knobs) expect(spot.to <= knob.from + 1e-6 || spot.from >= knob.to - 1e-6).toBe(true);
	const centre = fitRunToLength(wish({ obstacles: knobs, obstacleRule: 'centre', gap: { least: 0, most: 60, wish: 30 } }), 'free')[0]!;
	expect(centre).toMatchObject({ hits: 0, by: 'centres' });
	for (const knob of knobs) expect(centre.spots.some((spot) => Math.abs(spot.centre - (knob.from + knob.to) / 2) < 0.01)).toBe(true);
});

it('lets a motif pass a knob that stands beside its row while it is small enough', () => {
	const knob = { from: 440, to: 470, fromScale: 0.95 };
	const [first] = fitRunToLength(wish({ obstacles: [knob], middle: 'motif', gap: { least: 0, most: 40, wish: 20 } }), 'whole');
	expect(first).toMatchObject({ hits: 0, by: 'clears', scale: 0.95 });
});

it.each([
	{ length: 0 },
	{ margin: 500 },
	{ motif: 0 },
	{ scale: { least: 1.1, most: 0.9, wish: 1 } },
	{ gap: { least: -200, most: 0, wish: 0 } },
	{ length: 50 }
])('fits nothing to %j', (more) => expect(fitRunToLength(wish(more), 'whole')).toEqual([]));

const small = fc.record({
	length: fc.integer({ min: 150, max: 600 }),
	margin: fc.integer({ min: 0, max: 20 }),
	motif: fc.integer({ min: 50, max: 110 }),
	least: fc.integer({ min: 80, max: 100 }),
	span: fc.integer({ min: 1, max: 30 }),
	gap: fc.integer({ min: -10, max: 10 }),
	gapSpan: fc.integer({ min: 1, max: 40 }),
	knob: fc.option(fc.tuple(fc.double({ min: 0.05, max: 0.45, noNaN: true }), fc.integer({ min: 10, max: 30 }))),
	rule: fc.constantFrom('avoid' as const, 'over' as const),
	ends: fc.constantFrom<EndsId>('whole', 'half', 'free', 'ring')
});
const wishOf = (c: Parameters<Parameters<typeof fc.property<[typeof small extends fc.Arbitrary<infer T> ? T : never]>>[1]>[0]) =>
	wish({
		length: c.length,
		margin: c.margin,
		motif: c.motif,
		scale: { least: c.least / 100, most: (c.least + c.span) / 100, wish: (c.least + c.span / 2) / 100 },
		gap: { least: c.gap, most: c.gap + c.gapSpan, wish: c.gap + c.gapSpan / 2 },
		obstacles: c.knob
			? [c.knob[0], 1 - c.knob[0]].map((at) => ({ from: c.length * at - c.knob![1] / 2, to: c.length * at + c.knob![1] / 2 }))
			: [],
		obstacleRule: c.rule
	});

it('closes its sums, is symmetric and stays inside its limits', () => {
	fc.assert(
		fc.property(small, (c) => {
			const w = wishOf(c);
			for (const fit of fitRunToLength(w, c.ends)) {
				expect(fit.scale).toBeGreaterThanOrEqual(w.scale.least - 1e-6);
				expect(fit.scale).toBeLessThanOrEqual(w.scale.most + 1e-6);
				if (fit.spots.length > 1) expect(fit.gap).toBeGreaterThanOrEqual(w.gap.least - 1e-6);
				if (fit.spots.length > 1) expect(fit.gap).toBeLessThanOrEqual(w.gap.most + 1e-6);
				const clear = w.length - 2 * w.margin;
				const size = fit.scale * w.motif;
				const used = c.ends === 'half' || c.ends === 'ring' ? fit.count * (size + fit.gap) : fit.count * size + (fit.count - 1) * fit.gap;
				expect(used + fit.leftOver).toBeCloseTo(clear, 6);
				if (c.ends === 'ring') continue;
				fit.spots.forEach((spot, k) => expect(spot.from + fit.spots.at(-1 - k)!.to).toBeCloseTo(w.length, 6));
			}
		}),
		{ numRuns: 150 }
	);
});

it('counts hits from the pitch as they are counted motif by motif', () => {
	fc.assert(
		fc.property(small, (c) => {
			const w = { ...wishOf(c), obstacleRule: 'avoid' as const };
			/** A gap that is the tolerance itself, to the last bit, may count either way. */
			const isTolerance = (gap: number) => Math.abs(gap - 1e-6) < 1e-9;
			for (const fit of fitRunToLength(w, c.ends)) {
				if (w.obstacles.some(({ from, to }) => fit.spots.some((spot) => isTolerance(to - spot.from) || isTolerance(spot.to - from))))
					continue;
				const touching = w.obstacles.flatMap(({ from, to }) => fit.spots.filter((spot) => spot.from < to - 1e-6 && spot.to > from + 1e-6));
				expect(fit.hits).toBe(touching.length);
			}
		}),
		{ numRuns: 150 }
	);
});

it('is never dearer than a fine search over scale and gap', () => {
	fc.assert(
		fc.property(small, (c) => {
			const w = wishOf(c);
			const kind = ENDS_BY_ID[c.ends];
			const found = fitRunToLength(w, c.ends);
			const [least, most] = kind.countRange(w);
			const STEPS = 60;
			for (let count = least; count <= most; count++) {
				const ofCount = found.filter((fit) => fit.count === count);
				/** A count that is left out must cost more than all of the forty that made it needless. */
				const dearest = ofCount.length > 0 ? ofCount[0]!.cost : found.length >= 40 ? found[39]!.cost : Infinity;
				for (let i = 0; i <= STEPS; i++) {
					const scale = w.scale.least + ((w.scale.most - w.scale.least) * i) / STEPS;
					const closes = kind.gapThatCloses(count, scale, w);
					const gaps = closes === null ? Array.from({ length: 13 }, (_, j) => w.gap.least + (c.gapSpan * j) / 12) : [closes];
					for (const gap of gaps) {
						if (!(gap >= w.gap.least && gap <= w.gap.most) || kind.leftOver(count, scale, gap, w) < 0) continue;
						const { cost } = costOfFit({
							wish: w,
							scale,
							gap,
							row: kind.layRow(count, scale, gap, w),
							leftOver: kind.leftOver(count, scale, gap, w)
						});
						expect(dearest).toBeLessThanOrEqual(cost + 1e-9);
					}
				}
			}
		}),
		{ numRuns: 100 }
	);
});
