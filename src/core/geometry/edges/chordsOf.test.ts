import fc from 'fast-check';
import { expect, it } from 'vitest';
import {
	deepestPoint,
	flattenOutline,
	offsetInwards,
	shapeBow,
	shapeEllipse,
	shapeFree,
	shapeWave,
	trackOutline,
	type Shaped
} from '../index';
import { chordsOf } from './chordsOf';

it('chords stray by no more than is asked, and one fewer would; the least is one, the most is bounded', () => {
	const radius = fc.double({ min: 0.01, max: 1e5, noNaN: true });
	fc.assert(
		fc.property(radius, fc.double({ min: 0.001, max: 2 * Math.PI, noNaN: true }), (r, sweep) => {
			const chords = chordsOf(sweep, r, 0.01);
			const stray = (count: number) => r * (1 - Math.cos(sweep / count / 2));
			expect(stray(chords)).toBeLessThanOrEqual(0.0101);
			if (chords > 1) expect(stray(chords - 1)).toBeGreaterThan(Math.min(0.0099, stray(1) / 2));
		})
	);
	expect(chordsOf(Math.PI, 5, 100)).toBe(1);
	expect(chordsOf(0, 5, 0.01)).toBe(1);
	/** Where 1 - flatness / radius is 1 to a computer. */
	expect(chordsOf(1e-9, 1e13, 0.0005)).toBe(1);
	for (const [sweep, r] of [
		[6, 1e30],
		[1, Infinity],
		[NaN, 5],
		[1, NaN]
	] as const)
		expect(chordsOf(sweep, r, 0.0005)).toBe(40_000);
});

const shapes: readonly [string, (rise: number) => Shaped][] = [
	['an arched top', (rise) => shapeBow(800, 500, 'top', rise)],
	['a hollow side', (rise) => shapeBow(800, 500, 'left', rise, 'in')],
	['a wave', (rise) => shapeWave(800, 500, 'bottom', rise, 3)],
	[
		'a free board',
		(rise) =>
			shapeFree(800, 500, [
				{ x: 0, y: 0, swell: rise },
				{ x: 800, y: 0, swell: 0 },
				{ x: 800, y: 500, swell: -rise },
				{ x: 0, y: 500, swell: 0 }
			])
	],
	['an oval', (rise) => shapeEllipse(800, Math.max(1e-6, rise))]
];
it.each(shapes)('%s however flat its arcs are is worked out in few points', (_what, shape) => {
	for (const rise of [1e-15, 1e-12, 1e-9, 1e-7, 1e-5, 1e-4, 1e-3, 0.01, 0.1, 1, 40]) {
		const shaped = shape(rise);
		if (!shaped.ok) continue;
		const { outline } = shaped;
		expect(flattenOutline(outline, 0.0005).length).toBeLessThan(30_000);
		for (const by of [0, 0.1, 20, 100]) {
			expect(trackOutline(outline, by).length, `rise ${rise}, in by ${by}`).toBeGreaterThanOrEqual(0);
			for (const ring of offsetInwards(outline, by)) expect(ring.length).toBeLessThan(60_000);
		}
		expect(deepestPoint(outline).depth).toBeLessThan(260);
	}
});
