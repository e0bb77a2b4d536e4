import { describe, expect, it } from 'vitest';
import { alongTrack, simplifyLine, trackThrough } from './index';

/** Chance points that a hand might set. */
const chance = (seed: number) => {
	let state = seed;
	const next = () => (state = (state * 48271) % 2147483647) / 2147483647;
	return Array.from({ length: 3 + (seed % 6) }, () => ({ x: 600 * next(), y: 300 * next() }));
};

describe('a smooth line through points', () => {
	it('is straight through two, and through more that lie on one straight line', () => {
		expect(
			trackThrough([
				{ x: 0, y: 0 },
				{ x: 30, y: 40 }
			])!.length
		).toBeCloseTo(50, 9);
		expect(trackThrough([0, 100, 130, 400].map((x) => ({ x, y: 20 })))!.length).toBeCloseTo(400, 9);
	});

	it('goes through each of its points, and nowhere turns by more than a little at once', () => {
		for (let seed = 1; seed <= 60; seed++) {
			const points = chance(seed);
			const track = trackThrough(points)!;
			const ring = track.points;
			for (const { x, y } of points) expect(ring.some((at, i) => i % 2 === 0 && Math.hypot(at - x, ring[i + 1]! - y) < 1e-6)).toBe(true);
			const chord = points.slice(1).reduce((sum, { x, y }, i) => sum + Math.hypot(x - points[i]!.x, y - points[i]!.y), 0);
			expect(track.length).toBeGreaterThan(chord);
			expect(track.length).toBeLessThan(1.5 * chord);
		}
	});

	it('through points of a circle is that circle, between those beside it', () => {
		const on = (k: number) => ({ x: 200 * Math.cos((k * Math.PI) / 12), y: 200 * Math.sin((k * Math.PI) / 12) });
		const track = trackThrough(Array.from({ length: 13 }, (_, k) => on(k)))!;
		const middle = alongTrack(track, track.length / 2);
		expect(Math.hypot(middle.x, middle.y)).toBeCloseTo(200, 2);
		expect(Math.abs(middle.heading)).toBeCloseTo(Math.PI, 1);
		expect(track.length).toBeGreaterThan(200 * Math.PI * 0.998);
		expect(track.length).toBeLessThan(200 * Math.PI * 1.002);
	});

	it('counts points that lie on one another once; of one point there is none', () => {
		const twice = [
			{ x: 5, y: 5 },
			{ x: 5, y: 5 },
			{ x: 25, y: 5 }
		];
		expect(trackThrough(twice)!.length).toBe(20);
		expect(trackThrough(twice.slice(0, 2))).toBeNull();
	});
});

it('keeps of a line its ends and what strays', () => {
	const wavy = Array.from({ length: 101 }, (_, i) => [i, 10 * Math.sin(i / 16)]).flat();
	const few = simplifyLine(wavy, 0.5);
	expect(few.slice(0, 2)).toEqual([0, 0]);
	expect(few.slice(-2)).toEqual(wavy.slice(-2));
	expect(few.length / 2).toBeLessThan(20);
	expect(few.length / 2).toBeGreaterThan(5);
	expect(simplifyLine([0, 0, 5, 0.4, 10, 0], 0.5)).toEqual([0, 0, 10, 0]);
	expect(simplifyLine([0, 0, 5, 0.6, 10, 0], 0.5)).toEqual([0, 0, 5, 0.6, 10, 0]);
});
