import { readdirSync, readFileSync } from 'node:fs';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { areaOfRings, boundsOfRings } from '../geometry';
import { readMotifSvg } from '../formats';
import { areaOfChords, measureMotif, ringsForScale, tipsAt } from './measureMotif';
import type { Motif } from './motif';

const disc = (r: number): Motif => ({
	id: 'disc',
	name: 'Disc',
	width: 2 * r,
	height: 2 * r,
	paths: [{ d: `M0 ${r}A${r} ${r} 0 0 1 ${2 * r} ${r}A${r} ${r} 0 0 1 0 ${r}Z`, rule: 'nonzero' }]
});

describe('a motif laid at a scale', () => {
	it('strays from its curves by no more than 0.1 mm at any scale, and is as large as they are', () => {
		fc.assert(
			fc.property(fc.double({ min: 1, max: 60, noNaN: true }), fc.double({ min: 0.05, max: 20, noNaN: true }), (r, scale) => {
				const motif = disc(r);
				const [ring] = ringsForScale(motif, scale);
				for (let i = 0; i < ring!.length; i += 2) {
					const j = (i + 2) % ring!.length;
					const [x, y] = [(ring![i]! + ring![j]!) / 2 - r, (ring![i + 1]! + ring![j + 1]!) / 2 - r];
					expect(scale * (r - Math.hypot(x, y))).toBeLessThan(0.1);
				}
				expect(measureMotif(motif).openArea / (Math.PI * r * r)).toBeGreaterThan(0.998);
				expect(measureMotif(motif).openArea / (Math.PI * r * r)).toBeLessThanOrEqual(1 + 5e-4);
				expect(areaOfChords(motif, scale)).toBeCloseTo(scale * scale * areaOfRings(ringsForScale(motif, scale)), 6);
			}),
			{ numRuns: 60 }
		);
	});

	it('has its points for a few steps of scale only', () => {
		const motif = disc(20);
		expect([1, 0.05, 0.7].map((scale) => ringsForScale(motif, scale) === measureMotif(motif).rings)).toEqual([true, true, true]);
		expect(ringsForScale(motif, 5)).toBe(ringsForScale(motif, 8));
		expect(ringsForScale(motif, 8.01)).not.toBe(ringsForScale(motif, 8));
		expect(ringsForScale(motif, 20)[0]!.length).toBeLessThan(8 * ringsForScale(motif, 1)[0]!.length);
	});

	it.each(readdirSync('demo/motifs'))('%s of the store keeps within its frame', (file) => {
		const one = readMotifSvg(readFileSync(`demo/motifs/${file}`, 'utf8'), 'm');
		if (!one.ok) throw new Error(JSON.stringify(one.issues));
		const { left, top, right, bottom } = boundsOfRings(ringsForScale(one.motif, 16));
		expect(Math.min(left, top, one.motif.width - right, one.motif.height - bottom)).toBeGreaterThan(-0.01);
	});
});

it('the share at the tips of a shaded print is that of a fine raster, within 5 %', () => {
	const size = fc.double({ min: 0.3, max: 12, noNaN: true });
	const place = fc.double({ min: 0, max: 85, noNaN: true });
	fc.assert(
		fc.property(fc.array(fc.tuple(place, place, size, size), { minLength: 1, maxLength: 5 }), (boxes) => {
			const motif: Motif = {
				id: 'm',
				name: 'M',
				width: 100,
				height: 100,
				paths: boxes.map(([x, y, w, h]) => ({ d: `M${x} ${y}h${w}v${h}h${-w}z`, rule: 'nonzero' as const }))
			};
			/** Each box by itself, so that thin ones are seen: union by the points that lie in several. */
			let [inside, tips] = [0, 0];
			for (const [k, [x, y, w, h]] of boxes.entries())
				for (let i = 0; i < 60; i++)
					for (let j = 0; j < 60; j++) {
						const [u, v] = [x + ((i + 0.5) / 60) * w, y + ((j + 0.5) / 60) * h];
						if (boxes.slice(0, k).some(([a, b, c, d]) => u > a && u < a + c && v > b && v < b + d)) continue;
						inside += w * h;
						tips += w * h * tipsAt(Math.hypot(u - 50, v - 50) / Math.hypot(50, 50));
					}
			const share = measureMotif(motif).tips;
			expect(Math.abs(share - tips / inside)).toBeLessThan(0.05 * Math.max(0.1, tips / inside));
		}),
		{ numRuns: 40, endOnFailure: true }
	);
});
