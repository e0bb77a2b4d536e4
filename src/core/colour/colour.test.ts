import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
	averageColour,
	convertHexToLab,
	convertHexToPaint,
	convertLabToHex,
	convertPaintToHex,
	convertPaintToLinear,
	differColours,
	differLabs,
	findMixes,
	followMixes,
	guessWet,
	judgeJoin,
	judgeNeighbours,
	isNoPaint,
	layOver,
	totalFromPart,
	middleOfReadings,
	mixPaints,
	pigmentOfHex,
	pigmentsOf,
	pourMix,
	simulateColourReading,
	type Colour
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

	it('adds weights up: twice the parts are the same mix, strength counts like parts, and a step at a time comes to all at once', () => {
		const part = fc.record({ hex, parts: fc.integer({ min: 1, max: 9 }), strength: fc.integer({ min: 1, max: 4 }) });
		fc.assert(
			fc.property(part, part, part, (a, b, c) => {
				const as = ({ hex, parts, strength }: typeof a, times = 1) => ({ paint: convertHexToPaint(hex), parts: parts * times, strength });
				const all = mixPaints([as(a), as(b), as(c)]);
				const near = (other: ReturnType<typeof mixPaints>) => all.forEach((k, band) => expect(other[band]).toBeCloseTo(k, 9));
				near(mixPaints([as(a, 2), as(b, 2), as(c, 2)]));
				near(mixPaints([a, b, c].map((one) => ({ paint: convertHexToPaint(one.hex), parts: one.parts * one.strength }))));
				const weight = a.parts * a.strength + b.parts * b.strength;
				near(mixPaints([{ paint: mixPaints([as(a), as(b)]), parts: weight }, as(c)]));
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

const asStock = (list: readonly { id: string; hex: string }[]) => list.map(({ id, hex }) => ({ ...pigmentOfHex(hex), id }));
const judge = (a: string, b: string, stock: readonly { id: string; hex: string }[]) =>
	judgeJoin(pigmentOfHex(a), pigmentOfHex(b), asStock(stock));

describe('judgeJoin', () => {
	const stock = [
		{ id: 'grey', hex: '#8c8c8a' },
		{ id: 'moss', hex: '#7f8a3a' },
		{ id: 'ink', hex: '#1b1d2a' },
		{ id: 'straw', hex: '#d8bf62' }
	];

	it('names the mud that red and green make, and what blue and yellow keep', () => {
		expect(judge('#b3262a', '#1f7a3c', stock).mud).not.toBeNull();
		expect(judge('#2b4f9e', '#3f7fae', stock)).toMatchObject({ mud: null, bridges: [] });
		expect(judge('#777777', '#1f7a3c', stock).mud).toBeNull();
	});

	it('proposes from the stock what lowers the worst step most: no other single or pair does better', () => {
		fc.assert(
			fc.property(hex, hex, (a, b) => {
				const { bridges, difference, middle } = judge(a, b, stock);
				expect(middle).toBe(judge(b, a, stock).middle);
				const worstOf = (...chain: string[]) => Math.max(...chain.slice(1).map((next, i) => differColours(chain[i]!, next)));
				for (const { colours, worst } of bridges) {
					expect(worst).toBeLessThan(difference);
					/** None of them is muddy on its way to its neighbours. */
					const chain = [a, ...colours.map((id) => stock.find((one) => one.id === id)!.hex), b];
					for (const [i, next] of chain.slice(1).entries()) expect(judge(chain[i]!, next, []).mud).toBeNull();
					expect(worst).toBeCloseTo(worstOf(a, ...colours.map((id) => stock.find((one) => one.id === id)!.hex), b), 9);
				}
				const isClean = (...chain: string[]) => chain.slice(1).every((next, i) => judge(chain[i]!, next, []).mud === null);
				const [single] = bridges;
				if (single?.colours.length === 1)
					for (const one of stock) if (isClean(a, one.hex, b)) expect(worstOf(a, one.hex, b)).toBeGreaterThanOrEqual(single.worst);
				const best = bridges.at(-1);
				if (best?.colours.length === 2)
					for (const one of stock)
						for (const other of stock)
							if (one !== other && isClean(a, one.hex, other.hex, b))
								expect(worstOf(a, one.hex, other.hex, b)).toBeGreaterThanOrEqual(best.worst - 1e-9);
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
					const found = findMixes(wish, asStock(stock));
					expect(found.at(-1)!.difference).toBeLessThan(0.05);
					for (const one of found) {
						expect(one.hex).toBe(mix(...one.parts.map(({ colour, parts }): [string, number] => [hexOf(colour), parts])));
						expect(one.difference).toBeCloseTo(differColours(one.hex, wish), 9);
						for (const { parts: count } of one.parts) expect(count).toBeLessThanOrEqual(8);
					}
				}
			),
			{ numRuns: 25 }
		);
	});

	it('comes as near as every ratio of up to three of a larger stock, measured one by one', () => {
		const channel = fc.integer({ min: 20, max: 250 });
		const colour = fc.tuple(channel, channel, channel).map((rgb) => `#${rgb.map((value) => value.toString(16).padStart(2, '0')).join('')}`);
		fc.assert(
			fc.property(fc.uniqueArray(colour, { minLength: 12, maxLength: 12 }), colour, (hexes, wish) => {
				const many = asStock(hexes.map((hex) => ({ id: hex, hex })));
				let best = Infinity;
				const seen = new Set<string>();
				for (const [i, a] of many.entries())
					for (const [j, b] of many.slice(i + 1).entries())
						for (const c of many.slice(i + j + 2))
							for (const p of [1, 2, 3, 5, 8])
								for (const q of [1, 2, 4, 8])
									for (const r of [0, 1, 3, 6, 8]) {
										const hex = convertPaintToHex(
											mixPaints([
												{ ...a, parts: p },
												{ ...b, parts: q },
												{ ...c, parts: r }
											])
										);
										if (seen.has(hex)) continue;
										seen.add(hex);
										best = Math.min(best, differColours(hex, wish));
									}
				expect(findMixes(wish, many).at(-1)!.difference).toBeLessThan(best + 0.3);
			}),
			{ numRuns: 4, endOnFailure: true }
		);
	}, 60_000);

	it('gives each colour more only where it comes nearer', () => {
		const found = findMixes('#6f8f5a', asStock(stock));
		found.slice(1).forEach((one, i) => expect(one.difference).toBeLessThan(found[i]!.difference));
		expect(findMixes('#a8322c', asStock(stock))).toMatchObject([
			{ parts: [{ colour: 'red', parts: 1 }], difference: expect.closeTo(0, 6) }
		]);
		expect(findMixes('#a8322c', [])).toEqual([]);
	});
});

describe('pourMix', () => {
	const part = (hex: string, opacity: number, parts: number) => ({ colour: { opacity }, pigment: pigmentOfHex(hex), parts });

	it('pours what adds up, and becomes what the paints become', () => {
		const poured = pourMix([part('#1a1a1a', 0.9, 1), part('#f5f5f5', 0.7, 3)], 80)!;
		expect(poured).toEqual({ hex: '#636363', opacity: expect.closeTo(0.75, 9), ml: [20, 60] });
	});

	it('is nothing without a part', () => {
		expect(pourMix([], 80)).toBeNull();
		expect(pourMix([part('#1a1a1a', 0.9, 0)], 80)).toBeNull();
	});
});

describe('pigments of a palette', () => {
	const plain = (id: string, hex: string, more: Partial<Colour> = {}): Colour => ({ id, name: id, hex, opacity: 0.9, ...more });
	const blue = plain('blue', '#2b4f9e');
	const yellow = plain('yellow', '#f2c92b');
	const green = plain('green', '#000000', {
		mix: [
			{ colour: 'blue', parts: 1 },
			{ colour: 'yellow', parts: 1 }
		]
	});
	const leaf = plain('leaf', '#ffffff', {
		mix: [
			{ colour: 'green', parts: 2 },
			{ colour: 'yellow', parts: 2 }
		]
	});

	it('mix the parts of a mix, not the colour between: 2 of a 1:1 mix and 2 more are 1 to 3', () => {
		const pigments = pigmentsOf([leaf, green, blue, yellow]);
		expect(pigments.get('green')!.hex).toBe('#4e694b');
		expect(pigments.get('leaf')!.hex).toBe(mix(['#2b4f9e', 1], ['#f2c92b', 3]));
	});

	it('count a strong colour for more, and follow a part that changes', () => {
		const strong = { ...blue, strength: 3 };
		expect(followMixes([strong, yellow, green])[2]!.hex).toBe(mix(['#2b4f9e', 3], ['#f2c92b', 1]));
		const same = followMixes([blue, yellow, { ...green, hex: '#4e694b' }]);
		expect(followMixes(same)).toBe(same);
	});

	it('are as their hex says where a mix leads back to itself, or to nothing', () => {
		const circle = [
			plain('a', '#102030', { mix: [{ colour: 'b', parts: 1 }] }),
			plain('b', '#405060', {
				mix: [
					{ colour: 'a', parts: 1 },
					{ colour: 'gone', parts: 2 }
				]
			})
		];
		expect([...pigmentsOf(circle).values()].map(({ hex }) => hex)).toEqual(['#102030', '#405060']);
	});
});

describe('Lab', () => {
	/** Sharma, Wu, Dalal (2005), table 1: the pairs published to check an implementation. */
	it.each([
		[50, 2.6772, -79.7751, 50, 0, -82.7485, 2.0425],
		[50, 3.1571, -77.2803, 50, 0, -82.7485, 2.8615],
		[50, 2.8361, -74.02, 50, 0, -82.7485, 3.4412],
		[50, -1.3802, -84.2814, 50, 0, -82.7485, 1],
		[50, -1.1848, -84.8006, 50, 0, -82.7485, 1],
		[50, -0.9009, -85.5211, 50, 0, -82.7485, 1],
		[50, 0, 0, 50, -1, 2, 2.3669],
		[50, 2.49, -0.001, 50, -2.49, 0.0009, 7.1792],
		[50, 2.49, -0.001, 50, -2.49, 0.001, 7.1792],
		[50, 2.49, -0.001, 50, -2.49, 0.0011, 7.2195],
		[50, 2.49, -0.001, 50, -2.49, 0.0012, 7.2195],
		[50, -0.001, 2.49, 50, 0.0009, -2.49, 4.8045],
		[50, -0.001, 2.49, 50, 0.001, -2.49, 4.8045],
		[50, -0.001, 2.49, 50, 0.0011, -2.49, 4.7461],
		[50, 2.5, 0, 50, 0, -2.5, 4.3065],
		[50, 2.5, 0, 73, 25, -18, 27.1492],
		[50, 2.5, 0, 61, -5, 29, 22.8977],
		[50, 2.5, 0, 56, -27, -3, 31.903],
		[50, 2.5, 0, 58, 24, 15, 19.4535],
		[50, 2.5, 0, 50, 3.1736, 0.5854, 1],
		[50, 2.5, 0, 50, 3.2972, 0, 1],
		[50, 2.5, 0, 50, 1.8634, 0.5757, 1],
		[50, 2.5, 0, 50, 3.2592, 0.335, 1],
		[60.2574, -34.0099, 36.2677, 60.4626, -34.1751, 39.4387, 1.2644],
		[63.0109, -31.0961, -5.8663, 62.8187, -29.7946, -4.0864, 1.263],
		[61.2901, 3.7196, -5.3901, 61.4292, 2.248, -4.962, 1.8731],
		[35.0831, -44.1164, 3.7933, 35.0232, -40.0716, 1.5901, 1.8645],
		[22.7233, 20.0904, -46.694, 23.0331, 14.973, -42.5619, 2.0373],
		[36.4612, 47.858, 18.3852, 36.2715, 50.5065, 21.2231, 1.4146],
		[90.8027, -2.0831, 1.441, 91.1528, -1.6435, 0.0447, 1.4441],
		[90.9257, -0.5406, -0.9208, 88.6381, -0.8985, -0.7239, 1.5381],
		[6.7747, -0.2908, -2.4247, 5.8714, -0.0985, -2.2286, 0.6377],
		[2.0776, 0.0795, -1.135, 0.9033, -0.0636, -0.5514, 0.9082]
	])('%f %f %f and %f %f %f differ as published', (l1, a1, b1, l2, a2, b2, difference) => {
		const [one, other] = [
			{ l: l1, a: a1, b: b1 },
			{ l: l2, a: a2, b: b2 }
		];
		expect(differLabs(one, other)).toBeCloseTo(difference, 4);
		expect(differLabs(other, one)).toBeCloseTo(difference, 4);
	});

	it('comes back from a screen colour as it went, and says how far off a colour is that no screen shows', () => {
		fc.assert(
			fc.property(hex, (colour) => {
				const back = convertLabToHex(convertHexToLab(colour));
				expect(back.hex).toBe(colour);
				expect(back.off).toBeLessThan(0.01);
			})
		);
		expect(convertLabToHex({ l: 60, a: -90, b: 10 }).off).toBeGreaterThan(3);
	});

	it('takes the middle of several readings, whatever one of them says', () => {
		const reading = (l: number) => ({ l, a: l / 2, b: -l });
		expect(middleOfReadings([reading(50), reading(51), reading(90)])).toEqual(reading(51));
		expect(() => middleOfReadings([])).toThrow('at least one');
	});
});

it('guesses that wet paint is deeper than dry', () => {
	fc.assert(
		fc.property(hex, (dry) => {
			expect(convertHexToLab(guessWet(dry)).l).toBeLessThanOrEqual(convertHexToLab(dry).l + 0.01);
		})
	);
	expect(convertHexToLab(guessWet('#c9b48b')).l).toBeLessThan(convertHexToLab('#c9b48b').l - 1);
});

describe('colours from outside', () => {
	it('takes the mean of a square of a picture as light adds up, and stays inside it', () => {
		const pixels = Uint8ClampedArray.from([0, 0, 0, 255, 255, 255, 255, 255, 9, 9, 9, 255, 9, 9, 9, 255]);
		const picture = { width: 2, height: 2, pixels };
		expect(averageColour(picture, 1, 0, 0)).toBe('#ffffff');
		expect(averageColour({ width: 2, height: 1, pixels }, 0, 0, 5)).toBe('#bcbcbc');
		expect(() => averageColour(picture, 2, 0, 1)).toThrow('outside');
	});

	it('reads a swatch nearly as it is, the same for the same seed; the middle of five bears a slip', () => {
		const swatch = convertHexToLab('#7f8a3a');
		const readings = Array.from({ length: 5 }, (_, i) => simulateColourReading(swatch, 3, i + 6));
		expect(simulateColourReading(swatch, 3, 6)).toEqual(readings[0]);
		expect(Math.max(...readings.map((reading) => differLabs(reading, swatch)))).toBeGreaterThan(3);
		expect(differLabs(middleOfReadings(readings), swatch)).toBeLessThan(1);
	});
});

describe('a mix from what is left of one part', () => {
	const mix = [{ parts: 3 }, { parts: 1 }];
	it('is as much more as its parts are of the whole', () => {
		expect(totalFromPart(mix, 1, 30)).toBeCloseTo(120, 9);
		expect(totalFromPart(mix, 0, 30)).toBeCloseTo(40, 9);
	});
	it('is none where it is no part of it', () => {
		expect(totalFromPart(mix, 2, 30)).toBeNull();
		expect(totalFromPart([{ parts: 0 }, { parts: 2 }], 0, 30)).toBeNull();
	});
});

it.each([
	['#00ff80', true],
	['#ff0010', true],
	['#102000', true],
	['#010203', false],
	['#100020', true],
	['#f00f0f', false]
])('%s has a channel at 0: %s', (hex, none) => expect(isNoPaint(hex)).toBe(none));
