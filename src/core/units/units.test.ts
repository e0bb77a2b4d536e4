import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
	formatBeside,
	formatDuration,
	formatFigure,
	formatLatest,
	formatLength,
	formatPour,
	formatWait,
	formatRun,
	formatWork,
	nameTape,
	figureBetween,
	formatFilm,
	fromVolume,
	toVolume,
	roundToBegin,
	formatVolume,
	parseLength,
	readLength,
	type LengthUnit,
	parseDuration
} from './index';

const mmOf = (text: string, unit: LengthUnit = 'mm') => {
	const parsed = parseLength(text, unit);
	return parsed.ok ? Math.round(parsed.mm * 1e6) / 1e6 : parsed.code;
};

describe('parseLength', () => {
	it.each([
		[`1' 2 1/2"`, 'mm', 368.3],
		[`5-3/8"`, 'mm', 136.525],
		['5 3/8', 'mm', 136.525],
		['0,9 m', 'in', 900],
		['137', 'mm', 137],
		['137', 'in', 3479.8],
		['137.5 mm', 'in', 137.5],
		['13.7cm', 'in', 137],
		['3/4', 'mm', 19.05],
		['5½', 'mm', 139.7],
		['6 ft', 'mm', 1828.8],
		['1′2″', 'mm', 355.6],
		[`1' 2`, 'mm', 355.6],
		['1,25 in', 'mm', 31.75],
		['.5 in', 'mm', 12.7]
	] as const)('reads %s (%s)', (text, unit, mm) => expect(mmOf(text, unit)).toBe(mm));

	it.each([
		['', 'length.empty'],
		['   ', 'length.empty'],
		['1,234', 'length.ambiguous'],
		['1,234.5', 'length.ambiguous'],
		['-4', 'length.negative'],
		['5 3/0', 'length.zero-denominator'],
		['wide', 'length.unreadable'],
		['5 3', 'length.unreadable'],
		['1e9', 'length.unreadable'],
		['500 m', 'length.absurd']
	])('refuses %j as %s', (text, code) => expect(mmOf(text)).toBe(code));

	it('takes a bare number in a file as millimetres whatever the unit', () => {
		expect(readLength(137, 'in')).toEqual({ ok: true, mm: 137, resolution: 1 });
		expect(readLength(Number.NaN, 'mm')).toEqual({ ok: false, code: 'length.absurd' });
	});

	it('reads back what it wrote, to half a step', () => {
		fc.assert(
			fc.property(fc.double({ min: 0, max: 20_000, noNaN: true }), fc.constantFrom<LengthUnit>('mm', 'in'), (mm, unit) => {
				const { text, rounded } = formatLength(mm, unit);
				const back = parseLength(text, unit);
				if (!back.ok) throw new Error(text);
				const step = unit === 'mm' ? 1 : 25.4 / 16;
				expect(Math.abs(back.mm - mm)).toBeLessThanOrEqual(step / 2 + 1e-6);
				expect(rounded).toBe(Math.abs(back.mm - mm) > 0.005);
			})
		);
	});
});

describe('formatLength', () => {
	it('says when it rounds', () => {
		expect(formatLength(137, 'in')).toEqual({ text: '5 3/8 in', rounded: true });
		expect(formatLength(136.525, 'in')).toEqual({ text: '5 3/8 in', rounded: false });
		expect(formatFigure(11.667, 'mm')).toEqual({ text: '12', rounded: true });
		expect(formatFigure(11.667, 'mm', 0.1)).toEqual({ text: '11.7', rounded: true });
	});
	it('rounds ties up', () => {
		expect(formatLength(2.5, 'mm').text).toBe('3 mm');
		expect(formatLength(25.4 / 32, 'in').text).toBe('1/16 in');
	});
});

it('writes volumes and durations for the bench', () => {
	expect(formatVolume(4)).toEqual({ text: '4.0 ml', spoons: '1 teaspoon' });
	expect([9.96, 10.4].map((ml) => formatVolume(ml).text)).toEqual(['10.0 ml', '10 ml']);
	expect(formatVolume(117.6)).toEqual({ text: '118 ml', spoons: '8 tablespoons' });
	expect(formatPour(117.6)).toEqual({ text: '120 ml', spoons: '8 tablespoons' });
	/** What is poured: to the ml up to fifty, then up to the next five; ounces as they are. What is in a jar: as it is. */
	expect([49.4, 50, 50.1, 55, 398].map((ml) => formatPour(ml).text)).toEqual(['49 ml', '50 ml', '55 ml', '55 ml', '400 ml']);
	expect([0, 0.1, 0.25].map((ml) => formatVolume(ml).text)).toEqual(['0.0 ml', 'a dab', '0.3 ml']);
	expect([0.1, 398].map((ml) => formatPour(ml, 'fl-oz').text)).toEqual(['a dab', '13.5 fl oz']);
	expect([945, 946.4, 960, 1900].map((ml) => formatVolume(ml, 'fl-oz').text)).toEqual(['1 qt', '1 qt', '1 qt 0.5 fl oz', '2 qt']);
	expect([60, 946.4].map((ml) => formatPour(ml, 'fl-oz').text)).toEqual(['2.5 fl oz', '1 qt 0.5 fl oz']);
	expect([85, 25.4, 508].map((film) => [formatFilm(film, 'mm'), formatFilm(film, 'in')])).toEqual([
		['85 µm', '3.3 thousandths of an inch'],
		['25 µm', '1.0 thousandth of an inch'],
		['508 µm', '20 thousandths of an inch']
	]);
	expect(
		[toVolume(90, 'ml'), toVolume(29.5735, 'fl-oz'), fromVolume(4, 'fl-oz'), fromVolume(4, 'ml')].map((one) => one.toFixed(2))
	).toEqual(['90.00', '1.00', '118.29', '4.00']);
	expect([2, 145, 240, 300].map((ml) => formatVolume(ml).spoons)).toEqual(['1/2 teaspoon', '10 tablespoons', '1 cup', '1 1/4 cups']);
	expect([0, 45, 120, 302.4, 1440, 2412, 3300, 4409.1, 43_200].map(formatDuration)).toEqual([
		'0 min',
		'45 min',
		'2 h',
		'5 h 3 min',
		'24 h',
		'1 day 16 h 12 min',
		'2 days 7 h',
		'3 days 1 h 30 min',
		'30 days'
	]);
	/** Waits up, latest times down, work to what anybody knows of it. */
	expect([4.2, 14, 15, 61, 179].map(formatWait)).toEqual(['5 min', '14 min', '15 min', '1 h 5 min', '3 h']);
	expect([4.8, 14.9, 19.9, 60].map(formatLatest)).toEqual(['4 min', '14 min', '15 min', '1 h']);
	expect([0, 0.4, 7, 52, 58, 66, 68, 200].map(formatWork)).toEqual([
		'0 min',
		'5 min',
		'5 min',
		'50 min',
		'1 h',
		'1 h',
		'1 h 15 min',
		'3 h 15 min'
	]);
});

describe('parseDuration', () => {
	it('reads back what is written, which is never shorter than it is', () => {
		fc.assert(
			fc.property(fc.double({ min: 0, max: 100_000, noNaN: true }), (minutes) => {
				const back = parseDuration(formatDuration(minutes))!;
				expect(back).toBeGreaterThanOrEqual(minutes - 1e-6);
				expect(back - minutes).toBeLessThan(1);
			})
		);
	});
	it.each([
		['90', 90],
		['2 h 30', 150],
		['1,5 h', 90],
		['2 days 7 h', 3300],
		['1 day', 1440],
		['0.5 d', 720],
		['45min', 45],
		['', null],
		['soon', null],
		['-5', null],
		['3 weeks', null],
		['5 min 2 h', null]
	])('%s', (text, minutes) => expect(parseDuration(text)).toBe(minutes));
});

it('sizes between places that are rounded once add up to the whole, in mm and in sixteenths', () => {
	fc.assert(
		fc.property(
			fc.array(fc.double({ min: 1, max: 400, noNaN: true }), { minLength: 2, maxLength: 20 }),
			fc.constantFrom('mm' as const, 'in' as const),
			(sizes, unit) => {
				const step = unit === 'in' ? 25.4 / 16 : 1;
				let from = 0;
				let shown = 0;
				for (const size of sizes) {
					const one = Number(mmOf(figureBetween(from, from + size, unit, { read: 3, step: 1 }), unit));
					expect(Math.abs(one - size)).toBeLessThanOrEqual(step + 1e-6);
					shown += one;
					from += size;
					/** No place is off by more than half a step. */
					expect(Math.abs(shown - from)).toBeLessThanOrEqual(step / 2 + 1e-6);
				}
			}
		)
	);
});

it.each([
	[30, 30, '1 1/4'],
	[25, 25, '1'],
	[20.4, 20, '3/4'],
	[8, 8, '3/8'],
	[3, 3, '1/8'],
	[2, 2, '1/16'],
	[0.4, 0, '1/16'],
	[0, 0, '0'],
	[133.2, 133, '5 1/4']
])('begins %f mm as %i mm, or as %s in', (mm, whole, inches) => {
	expect(roundToBegin(mm, 'mm')).toBe(whole);
	expect(formatFigure(roundToBegin(mm, 'in'), 'in')).toEqual({ text: inches, rounded: false });
});

it('keeps the figure of what was read finer than a tape: no gap of 3/32 becomes 1/8', () => {
	const places = [0, ...['1 1/8', '1 7/32', '6 23/32'].map((at) => Number(mmOf(at, 'in')))];
	const figures = (read: number) => places.slice(1).map((to, i) => figureBetween(places[i]!, to, 'in', { read, step: 1 }));
	expect(figures((readLength('3/32', 'in') as { resolution: number }).resolution)).toEqual(['1 1/8', '3/32', '5 1/2']);
	expect(figures((readLength('3/16', 'in') as { resolution: number }).resolution)).toEqual(['1 1/8', '1/8', '5 1/2']);
	expect(readLength("1' 2 3/64", 'in')).toMatchObject({ resolution: 25.4 / 64 });
	expect(readLength('1 2/3', 'in')).toMatchObject({ resolution: 25.4 / 16 });
});

it.each<[number, number, 'mm' | 'in', string]>([
	[1.6, 2, 'mm', '1.6 mm'],
	[1.97, 2, 'mm', '1.97 mm'],
	[1.6, 2, 'in', '1/16 in'],
	[1.5, 1.7, 'in', '1.5 mm'],
	[1.4, 1.8, 'in', '1/16 in'],
	[1.55, 1.62, 'in', '1.55 mm']
])('%f mm beside %f in %s: %s, so that they differ', (mm, other, unit, text) => {
	expect(formatBeside(mm, other, unit).text).toBe(text);
	expect(formatBeside(other, mm, unit).text).not.toBe(text);
});

it('a run is bought by the tenth of a metre or the whole foot, rounded up; a tape is called in inches as it is sold', () => {
	expect([formatRun(1000, 'mm'), formatRun(1001, 'mm'), formatRun(304.8, 'in'), formatRun(305, 'in')]).toEqual([
		'1.0 m',
		'1.1 m',
		'1 ft',
		'2 ft'
	]);
	expect([nameTape(24, 'mm'), nameTape(24, 'in'), nameTape(36, 'in'), nameTape(18, 'in')]).toEqual(['24 mm', '1 in', '1 1/2 in', '3/4 in']);
	/** One of their own is told as it is. */
	expect(nameTape(30, 'in')).toMatch(/^1 3\/16/);
	/** One that was measured keeps its name; in mm it is called by its width. */
	expect([nameTape(18.3, 'in'), nameTape(47.6, 'in'), nameTape(18.3, 'mm')]).toEqual(['3/4 in', '2 in', '18.3 mm']);
	expect(nameTape(20, 'in')).not.toBe('3/4 in');
});
