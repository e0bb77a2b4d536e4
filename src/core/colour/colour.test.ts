import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
	convertHexToPaint,
	convertPaintToHex,
	convertPaintToLinear,
	differColours,
	findMixes,
	judgeJoin,
	judgeNeighbours,
	layOver,
	mixPaints,
	pourMix
} from './index';

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

describe('layOver', () => {
	it.each([
		[0.3, '#e2ceb9'],
		[0.7, '#bb8e67']
	])('a brown glaze at %f over a light ground', (opacity, result) => expect(layOver('#5a3a22', opacity, '#f4f1e8')).toBe(result));

	it('shows the ground at none, the paint at all, and less of the ground the more it hides', () => {
		fc.assert(
			fc.property(hex, hex, fc.double({ min: 0.05, max: 0.9, noNaN: true }), (paint, ground, opacity) => {
				expect(differColours(layOver(paint, 0, ground), ground)).toBeLessThan(1.2);
				expect(differColours(layOver(paint, 0.9999, ground), paint)).toBeLessThan(1.5);
				const step = (o: number) =>
					Number.parseInt(layOver(paint, o, '#ffffff').slice(3, 5), 16) - Number.parseInt(layOver(paint, o, '#000000').slice(3, 5), 16);
				expect(step(opacity)).toBeGreaterThanOrEqual(step(opacity + 0.08) - 1);
			}),
			{ numRuns: 60 }
		);
	});
});

it('judges neighbours by their difference', () => {
	expect(differColours('#808080', '#808080')).toBe(0);
	expect(judgeNeighbours('#808080', '#828282').verdict).toBe('one');
	expect(judgeNeighbours('#1a1a1a', '#f5f5f5').verdict).toBe('bridge');
});

describe('judgeJoin', () => {
	const stock = [
		{ id: 'grey', hex: '#8c8c8a' },
		{ id: 'moss', hex: '#7f8a3a' },
		{ id: 'ink', hex: '#1b1d2a' },
		{ id: 'straw', hex: '#d8bf62' }
	];

	it('names the mud that red and green make, and what blue and yellow keep', () => {
		expect(judgeJoin('#b3262a', '#1f7a3c', stock).mud).not.toBeNull();
		expect(judgeJoin('#2b4f9e', '#3f7fae', stock)).toMatchObject({ mud: null, bridges: [] });
		expect(judgeJoin('#777777', '#1f7a3c', stock).mud).toBeNull();
	});

	it('proposes from the stock what lowers the worst step most: no other single or pair does better', () => {
		fc.assert(
			fc.property(hex, hex, (a, b) => {
				const { bridges, difference, middle } = judgeJoin(a, b, stock);
				expect(middle).toBe(judgeJoin(b, a, stock).middle);
				const worstOf = (...chain: string[]) => Math.max(...chain.slice(1).map((next, i) => differColours(chain[i]!, next)));
				for (const { colours, worst } of bridges) {
					expect(worst).toBeLessThan(difference);
					expect(worst).toBeCloseTo(worstOf(a, ...colours.map((id) => stock.find((one) => one.id === id)!.hex), b), 9);
				}
				const [single] = bridges;
				if (single?.colours.length === 1) for (const one of stock) expect(worstOf(a, one.hex, b)).toBeGreaterThanOrEqual(single.worst);
				const best = bridges.at(-1);
				if (best?.colours.length === 2)
					for (const one of stock)
						for (const other of stock)
							if (one !== other) expect(worstOf(a, one.hex, other.hex, b)).toBeGreaterThanOrEqual(best.worst - 1e-9);
			}),
			{ numRuns: 60 }
		);
	});
});

describe('findMixes', () => {
	const stock = [
		{ id: 'blue', hex: '#2b4f9e' },
		{ id: 'yellow', hex: '#f2c92b' },
		{ id: 'white', hex: '#f5f5f5' },
		{ id: 'red', hex: '#a8322c' },
		{ id: 'black', hex: '#1a1a1a' }
	];
	const hexOf = (id: string) => stock.find((one) => one.id === id)!.hex;

	it('finds again what was mixed of two or three colours, in the ratio it was mixed in', () => {
		const parts = fc.integer({ min: 1, max: 4 });
		fc.assert(
			fc.property(
				fc.shuffledSubarray(stock, { minLength: 2, maxLength: 3 }),
				fc.tuple(parts, parts, fc.integer({ min: 1, max: 1 })),
				(of, counts) => {
					const wish = mix(...of.map(({ hex }, i): [string, number] => [hex, counts[i]!]));
					const found = findMixes(wish, stock);
					expect(found.at(-1)!.difference).toBeLessThan(0.05);
					for (const one of found) {
						expect(one.hex).toBe(mix(...one.parts.map(({ colour, parts }): [string, number] => [hexOf(colour), parts])));
						expect(one.difference).toBeCloseTo(differColours(one.hex, wish), 9);
						expect(one.parts.reduce((sum, { parts }) => sum + parts, 0)).toBeLessThanOrEqual(9);
					}
				}
			),
			{ numRuns: 25 }
		);
	});

	it('gives each colour more only where it comes nearer', () => {
		const found = findMixes('#6f8f5a', stock);
		found.slice(1).forEach((one, i) => expect(one.difference).toBeLessThan(found[i]!.difference));
		expect(findMixes('#a8322c', stock)).toMatchObject([{ parts: [{ colour: 'red', parts: 1 }], difference: expect.closeTo(0, 6) }]);
		expect(findMixes('#a8322c', [])).toEqual([]);
	});
});

describe('pourMix', () => {
	const colour = (hex: string, opacity: number) => ({ id: hex.slice(1), name: hex, hex, opacity });

	it('pours what adds up, and becomes what the paints become', () => {
		const poured = pourMix(
			[
				{ colour: colour('#1a1a1a', 0.9), parts: 1 },
				{ colour: colour('#f5f5f5', 0.7), parts: 3 }
			],
			80
		)!;
		expect(poured).toEqual({ hex: '#636363', opacity: expect.closeTo(0.75, 9), ml: [20, 60] });
	});

	it('is nothing without a part', () => {
		expect(pourMix([], 80)).toBeNull();
		expect(pourMix([{ colour: colour('#1a1a1a', 0.9), parts: 0 }], 80)).toBeNull();
	});
});
