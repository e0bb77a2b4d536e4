import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { convertHexToPaint, convertPaintToHex, convertPaintToLinear, differColours, judgeNeighbours, mixPaints } from './index';

const mix = (...parts: [string, number][]) =>
	convertPaintToHex(mixPaints(parts.map(([hex, parts]) => ({ paint: convertHexToPaint(hex), parts }))));
const hex = fc.integer({ min: 0, max: 0xffffff }).map((value) => `#${value.toString(16).padStart(6, '0')}`);

describe('mixPaints', () => {
	it.each([
		[
			[
				['#2b4f9e', 1],
				['#f2c92b', 1]
			],
			'#4e694b'
		],
		[
			[
				['#1a1a1a', 1],
				['#f5f5f5', 1]
			],
			'#424242'
		],
		[
			[
				['#1a1a1a', 1],
				['#f5f5f5', 3]
			],
			'#636363'
		]
	] as [[string, number][], string][])('%j gives %s', (parts, result) => expect(mix(...parts)).toBe(result));

	it('does not mind the order, keeps greys neutral and stays in gamut', () => {
		fc.assert(
			fc.property(hex, hex, fc.integer({ min: 1, max: 9 }), (a, b, parts) => {
				expect(mix([a, parts], [b, 1])).toBe(mix([b, 1], [a, parts]));
				expect(mix([a, 1], [a, parts])).toBe(convertPaintToHex(convertHexToPaint(a)));
				for (const band of convertPaintToLinear(
					mixPaints([
						{ paint: convertHexToPaint(a), parts: 1 },
						{ paint: convertHexToPaint(b), parts }
					])
				)) {
					expect(band).toBeGreaterThanOrEqual(0);
					expect(band).toBeLessThanOrEqual(1);
				}
			})
		);
	});

	it('refuses a mix of nothing', () => expect(() => mixPaints([])).toThrow('at least one part'));
});

it('judges neighbours by their difference', () => {
	expect(differColours('#808080', '#808080')).toBe(0);
	expect(judgeNeighbours('#808080', '#828282').verdict).toBe('one');
	expect(judgeNeighbours('#1a1a1a', '#f5f5f5').verdict).toBe('bridge');
});
