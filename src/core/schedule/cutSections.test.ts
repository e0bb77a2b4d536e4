import fc from 'fast-check';
import { expect, it } from 'vitest';
import { cutSections, type Sections, type WetPart } from './cutSections';

/** At one rate, m2 a minute, everywhere. */
const cut = (parts: readonly Omit<WetPart, 'minutes'>[], rate: number, open: number, most = open): Sections =>
	cutSections(
		parts.map((part) => ({ ...part, minutes: part.area / rate })),
		open,
		most
	);

const drawer = (part: string, y: number, height: number, flats: WetPart['flats'] = null): Omit<WetPart, 'minutes'> => ({
	part,
	face: 'front',
	x: 0,
	y,
	width: 800,
	height,
	area: (800 * height) / 1e6,
	flats
});

it('takes as many whole drawers as can be done wet: 0.04 m2 a minute for 10 minutes hold 0.4', () => {
	const { list, tooLarge } = cut([drawer('c', 400, 200), drawer('a', 0, 200), drawer('b', 200, 200)], 0.04, 10);
	expect(list.map(({ parts }) => parts)).toEqual([['a', 'b'], ['c']]);
	expect(list[0]!.minutes).toBeCloseTo(8, 9);
	expect(tooLarge).toEqual([]);
});

it('cuts a side that is too large where no join is, and says so where every cut would cross one', () => {
	const side = drawer('side', 0, 900, { along: 'down', at: [150, 450, 750] });
	const parted = cut([side], 0.04, 10);
	expect(parted.list.map(({ stretch }) => stretch)).toEqual([
		{ along: 'down', from: 0, to: 450 },
		{ along: 'down', from: 450, to: 900 }
	]);
	expect(parted.tooLarge).toEqual([]);
	const whole = cut([drawer('side', 0, 900)], 0.04, 10);
	expect(whole.list.map(({ stretch }) => stretch)).toEqual([
		{ along: 'down', from: 0, to: 450 },
		{ along: 'down', from: 450, to: 900 }
	]);
	/** Wider than high: cut across, in three even stretches. */
	const broad = { ...drawer('broad', 0, 300), width: 3000, area: 0.9 };
	expect(cut([broad], 0.04, 10).list.map(({ stretch }) => stretch)).toEqual([
		{ along: 'across', from: 0, to: 1000 },
		{ along: 'across', from: 1000, to: 2000 },
		{ along: 'across', from: 2000, to: 3000 }
	]);
	/** It may be cut at 300 and 600 only: what is left at the end is a section by itself, and each holds what lies in it. */
	const thirds = cut([drawer('side', 0, 900, { along: 'down', at: [300, 600] })], 0.04, 10).list;
	expect(thirds.map(({ stretch, area }) => [stretch!.to, Number(area.toFixed(6))])).toEqual([
		[300, 0.24],
		[600, 0.24],
		[900, 0.24]
	]);
	expect(whole.tooLarge).toEqual([{ part: 'side', minutes: expect.closeTo(18, 9), short: expect.closeTo(8, 9) }]);
	/** Even the stretch between two joins is more than a section holds. */
	expect(cut([side], 0.02, 10).tooLarge).toEqual([{ part: 'side', minutes: expect.closeTo(36, 9), short: expect.closeTo(2, 9) }]);
});

it('a mist keeps whole what would be cut through a join, and what goes beyond it is short by the rest', () => {
	const cuts = (part: Omit<WetPart, 'minutes'>, open: number) => {
		const { list, tooLarge } = cut([part], 0.04, open, 3 * open);
		return [list.length, list[0]!.stretch === null, tooLarge.map(({ short }) => Number(short.toFixed(6)))];
	};
	/** It takes 18 minutes. */
	const side = drawer('side', 0, 900);
	expect(cuts(side, 6)).toEqual([1, true, []]);
	expect(cuts(side, 5.9)).toEqual([4, false, [0.3]]);
	/** Cut between its joins, each piece within the open time, it needs no mist; 4.5 and 13.5 do not fit into 6, but 18 do. */
	expect(cuts(drawer('side', 0, 900, { along: 'down', at: [300, 600] }), 6)).toEqual([3, false, []]);
	expect(cuts(drawer('side', 0, 900, { along: 'down', at: [225] }), 6)).toEqual([1, true, []]);
	expect(cuts(drawer('side', 0, 900, { along: 'down', at: [225] }), 4.5)).toEqual([2, false, []]);
	expect(cuts(drawer('side', 0, 900, { along: 'down', at: [225] }), 4)).toEqual([2, false, [1.5]]);
});

it('leaves no area out, does nothing twice, and never holds more than the paint allows but where it says so', () => {
	const part = fc.record({ height: fc.integer({ min: 20, max: 900 }), cuts: fc.array(fc.integer({ min: 1, max: 99 }), { maxLength: 6 }) });
	fc.assert(
		fc.property(fc.array(part, { minLength: 1, maxLength: 8 }), fc.double({ min: 1, max: 30, noNaN: true }), (given, open) => {
			let y = 0;
			const parts = given.map(({ height, cuts }, i) => {
				const at = [...new Set(cuts)].sort((a, b) => a - b).map((percent) => (percent * height) / 100);
				const made = drawer(`p${i}`, y, height, at.length > 0 ? { along: 'down', at } : null);
				y += height;
				return made;
			});
			const { list, tooLarge } = cut(parts, 0.04, open);
			const holds = 0.04 * open;
			const whole = parts.reduce((sum, { area }) => sum + area, 0);
			expect(list.reduce((sum, { area }) => sum + area, 0)).toBeCloseTo(whole, 9);
			for (const { parts: of, area } of list)
				if (!of.some((id) => tooLarge.some(({ part }) => part === id))) expect(area).toBeLessThanOrEqual(holds + 1e-6);
			expect(new Set(list.filter(({ stretch }) => stretch === null).flatMap(({ parts }) => parts)).size).toBe(
				list.filter(({ stretch }) => stretch === null).flatMap(({ parts }) => parts).length
			);
		}),
		{ numRuns: 60 }
	);
});

it('is one section where the paint need not stay wet', () => {
	expect(cut([drawer('a', 0, 900), drawer('b', 900, 900)], 0.08, Infinity).list).toHaveLength(1);
	expect(() => cutSections([], 0)).toThrow('above 0');
});
