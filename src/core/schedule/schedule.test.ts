import { CATALOGUE } from '../materials';
import { dryMaterial } from './dryMaterial';
import fc from 'fast-check';
import { expect, it } from 'vitest';
import { scaleDryingTime, scaleOpenTime } from './index';

it('slows drying in cold, damp and thick coats, by the worked examples', () => {
	expect(scaleDryingTime(120, { temperature: 14, humidity: 70, waterBased: true, thickness: 1 })).toBeCloseTo(303, 0);
	expect(scaleDryingTime(240, { temperature: 10, humidity: 95, waterBased: true, thickness: 1.5 })).toBeCloseTo(4409.1, 1);
	expect(scaleDryingTime(120, { temperature: 20, humidity: 50, waterBased: true, thickness: 1 })).toBe(120);
	/** A quarter of a coat is not ready before its label. */
	expect(scaleDryingTime(120, { temperature: 20, humidity: 50, waterBased: true, thickness: 0.25 })).toBe(120);
	expect(scaleDryingTime(120, { temperature: 20, humidity: 90, waterBased: false, thickness: 1, movingAir: 0.7 })).toBeCloseTo(84, 9);
	expect(scaleOpenTime(8, { temperature: 30, humidity: 50, waterBased: true })).toBe(4);
	/** As a workshop has found it. */
	const own = { colder: 3, damp: 0.4, thick: 1, water: 1.2, other: 0.5 };
	expect(scaleDryingTime(100, { temperature: 10, humidity: 50, waterBased: true, thickness: 2 }, own)).toBeCloseTo(
		100 * 3 * 1.2 * 0.8 * 2,
		9
	);
	expect(scaleDryingTime(100, { temperature: 10, humidity: 90, waterBased: false, thickness: 0.5 }, own)).toBeCloseTo(100 * 3 * 0.5, 9);
});

it('never dries faster for being colder, damper or thicker', () => {
	const place = fc.record({
		temperature: fc.integer({ min: 5, max: 34 }),
		humidity: fc.integer({ min: 10, max: 99 }),
		thickness: fc.double({ min: 0.5, max: 3, noNaN: true })
	});
	fc.assert(
		fc.property(place, (c) => {
			const time = (more: Partial<typeof c>) => scaleDryingTime(60, { ...c, waterBased: true, ...more });
			expect(time({ temperature: c.temperature + 1 })).toBeLessThan(time({}));
			expect(time({ humidity: c.humidity + 1 })).toBeGreaterThanOrEqual(time({}));
			const thicker = time({ thickness: c.thickness * 1.1 });
			if (c.thickness >= 1) expect(thicker).toBeGreaterThan(time({}));
			expect(thicker).toBeGreaterThanOrEqual(time({ thickness: 1 }));
			expect(time({})).toBeGreaterThanOrEqual(time({ thickness: 1 }));
			expect(time({ humidity: 90 })).toBe(time({ humidity: 100 }));
		})
	);
});

it('a tack begins later where it is cold, and ends no later than its label says', () => {
	const wax = CATALOGUE.find(({ id }) => id === 'clear-wax')!;
	const sized = { ...wax, carrier: 'oil' as const, tack: { from: 30, to: 1440 } };
	const tackAt = (temperature: number) => {
		const { tacky, tackLost } = dryMaterial(sized, {}, { temperature, humidity: 50 });
		return [tacky, tackLost];
	};
	expect([tackAt(10), tackAt(20), tackAt(30)]).toEqual([
		[60, 1440],
		[30, 1440],
		[15, 720]
	]);
	expect(dryMaterial({ ...sized, tack: undefined } as never, {}, { temperature: 20, humidity: 50 }).tackLost).toBe(Infinity);
});
