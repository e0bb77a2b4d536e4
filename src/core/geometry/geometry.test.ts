import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
	areaOfRings,
	coverRings,
	depthInBox,
	flattenPath,
	isInRings,
	lengthWithin,
	roundedDepthInBox,
	roundedLevelInBox,
	uniteShapes
} from './index';

const ringsOf = (d: string) => flattenPath(d)!;

describe('flattenPath', () => {
	it('follows a circle of arcs to within the flatness', () => {
		const ring = ringsOf('M 0 50 A 50 50 0 1 1 100 50 A 50 50 0 1 1 0 50 Z')[0]!;
		for (let i = 0; i < ring.length; i += 2) expect(Math.hypot(ring[i]! - 50, ring[i + 1]! - 50)).toBeCloseTo(50, 1);
		expect(areaOfRings(uniteShapes([{ rings: [ring], rule: 'nonzero' }]))).toBeCloseTo(Math.PI * 2500, -1.2);
	});
	it.each(['M0 0 L1e400 0 L1 1Z', 'M0 0 L', 'hello'])('refuses %j', (d) => expect(flattenPath(d)).toBeNull());
	it('goes on from the start of a closed subpath', () => {
		expect(ringsOf('M10 10h4v4z l-2 0 0 -2z')).toEqual([
			[10, 10, 14, 10, 14, 14],
			[10, 10, 8, 10, 8, 8]
		]);
	});
});

describe('uniteShapes', () => {
	const square = 'M0 0h10v10h-10z';
	it('loses no paint where windings oppose, and keeps holes', () => {
		const reversed = 'M5 0v10h10v-10z';
		const shapes = [square, reversed].map((d) => ({ rings: ringsOf(d), rule: 'nonzero' as const }));
		expect(areaOfRings(uniteShapes(shapes))).toBeCloseTo(150, 6);
		expect(areaOfRings(uniteShapes([{ rings: ringsOf(`${square} M2 2h6v6h-6z`), rule: 'evenodd' }]))).toBeCloseTo(64, 6);
		expect(areaOfRings(uniteShapes([{ rings: ringsOf(`${square} M2 2h6v6h-6z`), rule: 'nonzero' }]))).toBeCloseTo(100, 6);
	});
});

it('covers pixels by the area of the rings', () => {
	fc.assert(
		fc.property(
			fc.tuple(fc.integer({ min: 0, max: 40 }), fc.integer({ min: 1, max: 40 }), fc.integer({ min: 1, max: 4 })),
			([x, w, scale]) => {
				const [left, width, top, height] = [x / 4, w / 4, 1, 2.25];
				const ring = [left, top, left + width, top, left + width, top + height, left, top + height];
				const mask = coverRings([ring], 100, 20, scale);
				const sum = mask.data.reduce((a, b) => a + b, 0) / 255;
				expect(sum).toBeCloseTo(width * height * scale * scale, 0);
			}
		)
	);
});

it('cuts a line at rings as points along it, one by one, lie in or out', () => {
	/** Not doubles by chance: nearly all of those are next to 0. */
	const at = fc.integer({ min: -12_000, max: 22_000 }).map((n) => n / 100 + 0.003);
	const rings = [
		[3, 7, 97, 11, 71, 93],
		[40, 20, 70, 25, 60, 50]
	];
	const STEPS = 2000;
	fc.assert(
		fc.property(at, at, at, at, (x0, y0, x1, y1) => {
			const whole = Math.hypot(x1 - x0, y1 - y0);
			const within = Array.from({ length: STEPS }, (_, i) => (i + 0.5) / STEPS).filter((t) =>
				isInRings(x0 + t * (x1 - x0), y0 + t * (y1 - y0), rings)
			);
			const length = lengthWithin({ points: [x0, y0, x1, y1], closed: false }, rings);
			expect(Math.abs(length - (whole * within.length) / STEPS)).toBeLessThanOrEqual((5 * whole) / STEPS + 1e-9);
		})
	);
});

it('draws the rounded level line of a box: every corner of it as deep, its chords no further off than said', () => {
	const side = fc.double({ min: 20, max: 2000, noNaN: true });
	fc.assert(
		fc.property(side, side, fc.double({ min: 0.001, max: 0.499, noNaN: true }), (w, h, share) => {
			const depth = share * Math.min(w, h);
			const ring = roundedLevelInBox(depth, w, h);
			if (ring === null) return;
			const points = Array.from({ length: ring.length / 2 }, (_, i) => [ring[2 * i]!, ring[2 * i + 1]!] as const);
			points.forEach(([x, y], i) => {
				const [u, v] = points[(i + 1) % points.length]!;
				expect(roundedDepthInBox(x, y, w, h)).toBeCloseTo(depth, 6);
				expect(Math.abs(roundedDepthInBox((x + u) / 2, (y + v) / 2, w, h) - depth)).toBeLessThan(0.011);
			});
			/** In all four corners. */
			for (const [at, size] of [
				[0, w],
				[1, h]
			] as const) {
				const values = points.map((point) => point[at]!);
				expect(Math.min(...values) + Math.max(...values)).toBeCloseTo(size, 6);
			}
		})
	);
	expect(roundedLevelInBox(10, 300, 200)!.length).toBeLessThan(200);
});

it('measures depth in a box: exact when square, never deeper when rounded, the same away from corners', () => {
	const side = fc.double({ min: 20, max: 500, noNaN: true });
	const share = fc.double({ min: 1e-6, max: 1, noNaN: true });
	fc.assert(
		fc.property(side, side, share, share, (w, h, u, v) => {
			const [x, y] = [u * w, v * h];
			const square = depthInBox(x, y, w, h);
			const round = roundedDepthInBox(x, y, w, h);
			expect(square).toBeCloseTo(Math.min(x, y, w - x, h - y), 9);
			expect(round).toBeLessThanOrEqual(square + 1e-9);
			expect(round).toBeGreaterThanOrEqual(square * 0.7);
			if (Math.min(x, w - x) > 2 * Math.min(y, h - y)) expect(round).toBeCloseTo(square, 9);
		})
	);
});
