import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
	areaOfOutline,
	areaOfRings,
	boundsOfOutline,
	deepestPoint,
	depthInOutline,
	distanceToOutline,
	flattenOutline,
	isInsideOutline,
	moveOutline,
	offsetInwards,
	perimeterOfOutline,
	shapeBow,
	shapeEllipse,
	shapeFree,
	shapeRectangle,
	shapeRounded,
	shapeWave,
	writeOutlinePath,
	flattenPath,
	type Outline,
	type Shaped
} from './index';

const need = (shape: Shaped): Outline => {
	if (!shape.ok) throw new Error(JSON.stringify(shape.fault));
	return shape.outline;
};

const size = fc.integer({ min: 80, max: 1200 });
const side = fc.constantFrom('top' as const, 'right' as const, 'bottom' as const, 'left' as const);
const way = fc.constantFrom('out' as const, 'in' as const);
const anyOutline = fc
	.tuple(size, size, side, way, fc.double({ min: 0.02, max: 0.98, noNaN: true }), fc.integer({ min: 0, max: 6 }))
	.map(([w, h, s, k, share, kind]) => {
		const along = s === 'top' || s === 'bottom' ? w : h;
		const across = s === 'top' || s === 'bottom' ? h : w;
		const depth = share * Math.min(along / 2, across * 0.9);
		const shapes = [
			() => shapeRectangle(w, h),
			() => shapeRounded(w, h, (share * Math.min(w, h)) / 2),
			() => shapeEllipse(w, w),
			() => shapeEllipse(w, h),
			() => shapeBow(w, h, s, depth, k),
			() => shapeWave(w, h, s, share * Math.min(along / 6, across * 0.9), 3),
			() =>
				shapeFree(w, h, [
					{ x: 0.1 * w, y: 0.2 * h, swell: share * 0.05 * Math.min(w, h) },
					{ x: 0.9 * w, y: 0.1 * h, swell: 0 },
					{ x: w * 0.8, y: 0.95 * h, swell: -share * 0.1 * Math.min(w, h) },
					{ x: 0.05 * w, y: 0.8 * h, swell: 0 }
				])
		];
		return { w, h: kind === 2 ? w : h, outline: need(shapes[kind]!()) };
	});

describe('figures that are known', () => {
	it('circle, ellipse, half-round arch, rounded rectangle', () => {
		const circle = need(shapeEllipse(720, 720));
		expect(areaOfOutline(circle)).toBeCloseTo(Math.PI * 360 ** 2, 6);
		expect(perimeterOfOutline(circle)).toBeCloseTo(Math.PI * 720, 9);
		/** Semi-axes 2 and 1: the complete elliptic integral gives 9.688448220547675. */
		expect(perimeterOfOutline(need(shapeEllipse(4, 2)))).toBeCloseTo(9.688448220547675, 12);
		const arch = need(shapeBow(400, 900, 'top', 200));
		expect(areaOfOutline(arch)).toBeCloseTo(400 * 700 + (Math.PI * 200 ** 2) / 2, 6);
		expect(perimeterOfOutline(arch)).toBeCloseTo(400 + 2 * 700 + Math.PI * 200, 9);
		const rounded = need(shapeRounded(300, 200, 40));
		expect(areaOfOutline(rounded)).toBeCloseTo(300 * 200 - (4 - Math.PI) * 1600, 6);
		expect(distanceToOutline(rounded, { x: 0, y: 0 })).toBeCloseTo(40 * (Math.SQRT2 - 1), 9);
	});

	it('a wave takes away as much as it adds, and touches its box', () => {
		const wave = need(shapeWave(600, 300, 'bottom', 30, 4));
		expect(areaOfOutline(wave)).toBeCloseTo(600 * 285, 6);
		expect(boundsOfOutline(wave).bottom).toBeCloseTo(300, 9);
	});

	it('refuses what cannot be drawn, and names the figure', () => {
		expect(shapeRounded(300, 200, 101)).toEqual({ ok: false, fault: { figure: 'radius', code: 'too-large', most: 100 } });
		expect(shapeBow(400, 900, 'top', 201)).toMatchObject({ ok: false, fault: { figure: 'depth', most: 200 } });
		const bow = [
			{ x: 0, y: 0, swell: 0 },
			{ x: 100, y: 100, swell: 0 },
			{ x: 100, y: 0, swell: 0 },
			{ x: 0, y: 100, swell: 0 }
		];
		expect(shapeFree(100, 100, bow)).toMatchObject({ ok: false, fault: { code: 'crossed' } });
		expect(shapeFree(50, 50, [bow[0]!, bow[1]!, bow[2]!])).toMatchObject({ ok: false, fault: { code: 'outside' } });
	});

	it('takes the points of a free outline either way round', () => {
		const points = [
			{ x: 0, y: 0, swell: 10 },
			{ x: 100, y: 20, swell: 0 },
			{ x: 60, y: 90, swell: -6 }
		];
		const back = [
			{ x: 60, y: 90, swell: 0 },
			{ x: 100, y: 20, swell: 10 },
			{ x: 0, y: 0, swell: -6 }
		];
		expect(
			areaOfOutline(
				need(
					shapeFree(
						200,
						200,
						points.map((p) => ({ ...p, y: p.y + 20 }))
					)
				)
			)
		).toBeCloseTo(
			areaOfOutline(
				need(
					shapeFree(
						200,
						200,
						back.map((p) => ({ ...p, y: p.y + 20 }))
					)
				)
			),
			6
		);
	});
});

describe('every outline', () => {
	it('agrees with its own chords: area, perimeter, bounds', () => {
		fc.assert(
			fc.property(anyOutline, ({ w, h, outline }) => {
				const ring = flattenOutline(outline, 0.001);
				const perimeter = perimeterOfOutline(outline);
				expect(Math.abs(areaOfRings([ring]) - areaOfOutline(outline))).toBeLessThan(0.001 * perimeter + 0.1);
				expect(Math.abs(lengthOfRing(ring) - perimeter)).toBeLessThan(0.02 + perimeter * 1e-5);
				const { left, top, right, bottom } = boundsOfOutline(outline);
				expect([left, top, right - w, bottom - h].every((d, i) => (i < 2 ? d >= -1.001 : d <= 1.001))).toBe(true);
			})
		);
	});

	/** Several of one outline: where the last one lay must not matter. */
	const places = fc.array(fc.tuple(fc.double({ min: -0.2, max: 1.2, noNaN: true }), fc.double({ min: -0.2, max: 1.2, noNaN: true })), {
		minLength: 1,
		maxLength: 8
	});

	it('has the distance to the nearest of its chords, and inside it what is inside them', () => {
		fc.assert(
			fc.property(anyOutline, places, ({ w, h, outline }, asked) => {
				const ring = flattenOutline(outline, 0.001);
				for (const [u, v] of asked) {
					const point = { x: u * w, y: v * h };
					const distance = distanceToOutline(outline, point);
					expect(Math.abs(distance - distanceToRing(ring, point.x, point.y))).toBeLessThan(0.002);
					if (distance > 0.01) expect(isInsideOutline(outline, point)).toBe(isInsideRing(ring, point.x, point.y));
				}
			})
		);
	});

	it.each([
		['a square', shapeRectangle(200, 200), 100],
		['a rail', shapeRectangle(600, 40), 20],
		['with rounded corners', shapeRounded(300, 200, 40), 100],
		['an ellipse', shapeEllipse(300, 180), 90],
		['a circle', shapeEllipse(240, 240), 120]
	])('is as deep as it is narrow: %s', (_what, shape, depth) => {
		expect(Math.abs(deepestPoint(need(shape)).depth - depth)).toBeLessThan(0.01);
	});

	it('offset inwards lies as far from it as asked, and no deeper point is lost', () => {
		fc.assert(
			fc.property(anyOutline, fc.double({ min: 0.05, max: 0.95, noNaN: true }), ({ outline }, share) => {
				const { depth } = deepestPoint(outline);
				const by = share * depth;
				const rings = offsetInwards(outline, by);
				expect(rings.length).toBeGreaterThan(0);
				for (const ring of rings)
					for (let i = 0; i < ring.length; i += 2 * Math.ceil(ring.length / 60)) {
						const point = { x: ring[i]!, y: ring[i + 1]! };
						expect(isInsideOutline(outline, point)).toBe(true);
						expect(Math.abs(distanceToOutline(outline, point) - by)).toBeLessThan(0.01);
					}
				expect(offsetInwards(outline, depth + 0.1)).toEqual([]);
			}),
			{ numRuns: 25 }
		);
	});

	it('keeps its figures when it is moved, and is written as it is', () => {
		fc.assert(
			fc.property(anyOutline, ({ w, h, outline }) => {
				const moved = moveOutline(outline, 37, -12);
				expect(areaOfOutline(moved)).toBeCloseTo(areaOfOutline(outline), 5);
				expect(depthInOutline(moved, { x: w / 2 + 37, y: h / 2 - 12 })).toBeCloseTo(depthInOutline(outline, { x: w / 2, y: h / 2 }), 6);
				const rings = flattenPath(writeOutlinePath(outline), 0.001)!;
				expect(Math.abs(areaOfRings(rings) - areaOfOutline(outline)) / areaOfOutline(outline)).toBeLessThan(1e-3);
			})
		);
	});
});

function lengthOfRing(ring: readonly number[]): number {
	let sum = 0;
	for (let i = 0, j = ring.length - 2; i < ring.length; j = i, i += 2) sum += Math.hypot(ring[i]! - ring[j]!, ring[i + 1]! - ring[j + 1]!);
	return sum;
}

function isInsideRing(ring: readonly number[], x: number, y: number): boolean {
	let inside = false;
	for (let i = 0, j = ring.length - 2; i < ring.length; j = i, i += 2) {
		const [x0, y0, x1, y1] = [ring[j]!, ring[j + 1]!, ring[i]!, ring[i + 1]!];
		if (y0 > y !== y1 > y && x < x0 + ((y - y0) / (y1 - y0)) * (x1 - x0)) inside = !inside;
	}
	return inside;
}

function distanceToRing(ring: readonly number[], x: number, y: number): number {
	let least = Infinity;
	for (let i = 0, j = ring.length - 2; i < ring.length; j = i, i += 2) {
		const [dx, dy] = [ring[i]! - ring[j]!, ring[i + 1]! - ring[j + 1]!];
		const t = Math.max(0, Math.min(1, ((x - ring[j]!) * dx + (y - ring[j + 1]!) * dy) / (dx * dx + dy * dy || 1)));
		least = Math.min(least, Math.hypot(x - ring[j]! - t * dx, y - ring[j + 1]! - t * dy));
	}
	return least;
}
