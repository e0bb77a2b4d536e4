import { expect, it } from 'vitest';
import { lastStep } from './wordSettingOut';

/** Slow: with dividers from place to place, each crossing of two circles. */
function walk(told: number, count: number, radius: number): number {
	let [x, y] = [0, -radius];
	for (let i = 1; i < count; i++) {
		/** Of the two places on the circle at that distance the one that goes on clockwise. */
		const along = radius - (told * told) / (2 * radius);
		const off = Math.sqrt(radius * radius - along * along);
		[x, y] = [(x / radius) * along - (y / radius) * off, (y / radius) * along + (x / radius) * off];
	}
	return Math.hypot(x, y + radius);
}

it.each([
	[26, 132, 31.8],
	[26, 331.8, 79.7],
	[5, 100, 117.6],
	[60, 240, 25.1]
])('%i places, radius %f, dividers at %f: the last step is what is left of the ring', (count, radius, told) => {
	expect(lastStep(told, count, radius)).toBeCloseTo(walk(told, count, radius), 6);
});
