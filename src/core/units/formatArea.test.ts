import { describe, expect, it } from 'vitest';
import { formatArea, formatFine, formatVolume, fromDegrees, tapeStep, toDegrees, toTape } from './index';

describe('what is written in the units of the workshop', () => {
	it.each<[number, 'mm' | 'in', string]>([
		[0.2194, 'mm', '0.219 m²'],
		[0.2194, 'in', '2.36 sq ft'],
		[0.006, 'in', '9.3 sq in'],
		[0.009290304, 'in', '0.10 sq ft'],
		[0, 'in', '0.00 sq ft']
	])('%f m² in %s: %s', (m2, unit, text) => expect(formatArea(m2, unit)).toBe(text));
	it.each<[number, 'mm' | 'in', string]>([
		[2.414, 'mm', '2.41 mm'],
		[2.4, 'mm', '2.4 mm'],
		[2.38125, 'in', '3/32 in'],
		[0.4, 'in', '1/64 in'],
		[25.4, 'in', '1 in'],
		[-0.8, 'in', '−1/32 in']
	])('small: %f mm in %s: %s', (mm, unit, text) => expect(formatFine(mm, unit).text).toBe(text));
	it.each<[number, 'ml' | 'fl-oz' | undefined, string]>([
		[7.25, undefined, '7.3 ml'],
		[43.4, 'ml', '43 ml'],
		[29.5735, 'fl-oz', '1 fl oz'],
		[473.18, 'fl-oz', '16 fl oz']
	])('%f ml in %s: %s', (ml, unit, text) => expect(formatVolume(ml, unit).text).toBe(text));
	it('degrees, there and back', () => {
		expect([toDegrees(20, 'C'), toDegrees(20, 'F'), toDegrees(-40, 'F'), toDegrees(0, 'F')]).toEqual([20, 68, -40, 32]);
		expect(fromDegrees(212, 'F')).toBeCloseTo(100, 9);
		expect(fromDegrees(toDegrees(17.3, 'F'), 'F')).toBeCloseTo(17.3, 9);
	});
	it('the nearest that a tape shows', () => {
		expect([toTape(12.4, 'mm'), toTape(12.5, 'mm')]).toEqual([12, 13]);
		expect(toTape(12.4, 'in')).toBeCloseTo(12.7, 9);
		expect(tapeStep('in')).toBeCloseTo(1.5875, 9);
	});
});
