import fc from 'fast-check';
import { expect, it } from 'vitest';
import { areasOfColours, PATTERNS, sharesAtDepth, type Region, type Zone } from '../index';

const zone = (more: Partial<Zone>): Zone => ({
	id: 'z',
	name: 'Glow',
	parts: 'drawers',
	pattern: 'edge-shade',
	colours: ['a', 'b', 'c'],
	border: 30,
	softness: 0.8,
	corners: 'square',
	...more
});

const box = (width: number, height: number): Region => ({ width, height, outline: null, deepest: Math.min(width, height) / 2 });

it('gives the frame of a crisp square border to the edge colour, to the square millimetre', () => {
	const [edge, centre] = areasOfColours(zone({ colours: ['a', 'b'], softness: 0 }), box(800, 160));
	expect(edge).toBeCloseTo(800 * 160 - 740 * 100, 6);
	expect(centre).toBeCloseTo(740 * 100, 6);
});

it('keeps the middle colour and the centre where the border is wide', () => {
	expect(PATTERNS['edge-shade'].joins(zone({ border: 60 }), box(800, 160)).map((join) => join.at)).toEqual([60, 70]);
});

it('is exact at its stops, continuous between, and its areas add up to the part', () => {
	const spec = fc.record({
		border: fc.integer({ min: 1, max: 200 }),
		softness: fc.double({ min: 0.05, max: 1, noNaN: true }),
		corners: fc.constantFrom('square' as const, 'round' as const),
		colours: fc.constantFrom<string[]>(['a', 'b'], ['a', 'b', 'c'])
	});
	fc.assert(
		fc.property(spec, fc.integer({ min: 60, max: 900 }), fc.integer({ min: 60, max: 400 }), (more, width, height) => {
			const z = zone(more);
			const pattern = PATTERNS[z.pattern];
			const joins = pattern.joins(z, box(width, height));
			const deepest = box(width, height).deepest;
			for (const join of joins) {
				if (join.half <= 0) continue;
				const [before, at, after] = [join.at - join.half, join.at, join.at + join.half].map((depth) => sharesAtDepth(joins, depth));
				const colour = joins.indexOf(join);
				expect(before![colour]).toBeCloseTo(1, 9);
				expect(at![colour]).toBeCloseTo(0.5, 9);
				expect(after![colour + 1]).toBeCloseTo(1, 9);
			}
			const narrowest = Math.min(...joins.map((join) => join.half).filter((half) => half > 0));
			for (let i = 0; i < 40; i++) {
				const depth = (deepest * i) / 40;
				const [here, next] = [sharesAtDepth(joins, depth), sharesAtDepth(joins, depth + narrowest / 1000)];
				if (joins.every((join) => join.half > 0))
					here.forEach((share, colour) => expect(Math.abs(next[colour]! - share)).toBeLessThan(0.01));
			}
			expect(areasOfColours(z, box(width, height)).reduce((a, b) => a + b, 0)).toBeCloseTo(width * height, 4);
		})
	);
});
