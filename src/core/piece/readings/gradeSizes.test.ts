import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { checkKnownLength, checkSquare, gradeSizes, simulateReading, type ChainReading, type Grading } from '../index';

describe('gradeSizes', () => {
	it.each<[string, Grading, number[]]>([
		['equal', { rule: 'equal' }, [200, 200, 200]],
		['from a first of 150', { rule: 'arithmetic', first: 150 }, [150, 200, 250]],
		['by 30 each', { rule: 'difference', step: 30 }, [170, 200, 230]],
		['half as large again', { rule: 'geometric', ratio: 1.5 }, [600 / 4.75, 900 / 4.75, 1350 / 4.75]]
	])('grades 600 mm over three drawers: %s', (_, grading, sizes) => {
		gradeSizes(600, 3, grading)!.forEach((size, i) => expect(size).toBeCloseTo(sizes[i]!, 9));
	});

	it('always adds up, steps evenly, and says when a drawer is left nothing', () => {
		const grading = fc.oneof(
			fc.record({ rule: fc.constant('arithmetic' as const), first: fc.double({ min: 1, max: 900, noNaN: true }) }),
			fc.record({ rule: fc.constant('difference' as const), step: fc.double({ min: -200, max: 200, noNaN: true }) }),
			fc.record({ rule: fc.constant('geometric' as const), ratio: fc.double({ min: 0.5, max: 2, noNaN: true }) })
		);
		fc.assert(
			fc.property(fc.double({ min: 50, max: 2000, noNaN: true }), fc.integer({ min: 1, max: 12 }), grading, (total, count, rule) => {
				const sizes = gradeSizes(total, count, rule);
				if (sizes === null) {
					expect(rule.rule).not.toBe('geometric');
					return;
				}
				expect(sizes).toHaveLength(count);
				expect(sizes.reduce((a, b) => a + b, 0)).toBeCloseTo(total, 6);
				const steps = sizes.slice(1).map((size, i) => (rule.rule === 'geometric' ? size / sizes[i]! : size - sizes[i]!));
				for (const step of steps) expect(step).toBeCloseTo(steps[0]!, 6);
			})
		);
		expect(gradeSizes(100, 4, { rule: 'difference', step: 60 })).toBeNull();
	});
});

const tape = (mm: number, resolution = 1): ChainReading => ({ mm, text: String(mm), unit: 'mm', resolution, role: 'rail' });

describe('checkSquare', () => {
	it('finds the lean of any face with equal opposite sides from its diagonals', () => {
		const side = fc.double({ min: 200, max: 2000, noNaN: true });
		fc.assert(
			fc.property(side, side, fc.double({ min: -0.1, max: 0.1, noNaN: true }), (w, h, angle) => {
				const [lean, tall] = [h * Math.sin(angle), h * Math.cos(angle)];
				const falling = Math.hypot(w - lean, tall);
				const rising = Math.hypot(w + lean, tall);
				const check = checkSquare(tape(w), tape(h), tape(falling), tape(rising));
				expect(check.lean).toBeCloseTo(lean, 6);
				expect(check.degrees).toBeCloseTo((angle * 180) / Math.PI, 6);
				expect(check.verdict).toBe(Math.abs(lean) <= check.allowed ? 'square' : 'out');
			})
		);
	});

	it('says when no such face has these diagonals', () => {
		expect(checkSquare(tape(600), tape(800), tape(1000), tape(1000)).verdict).toBe('square');
		expect(checkSquare(tape(600), tape(800), tape(994), tape(1006)).verdict).toBe('out');
		expect(checkSquare(tape(600), tape(800), tape(1100), tape(1100)).verdict).toBe('contradicts');
		expect(checkSquare(tape(600), tape(800), tape(100), tape(1000)).verdict).toBe('contradicts');
	});
});

it('the simulated device reads near the truth, repeats itself by its seed, and strays about once in fourteen', () => {
	const readings = Array.from({ length: 4000 }, (_, n) => simulateReading(412.3, 5, n));
	expect(readings).toEqual(Array.from({ length: 4000 }, (_, n) => simulateReading(412.3, 5, n)));
	expect(readings.slice(0, 50)).not.toEqual(Array.from({ length: 50 }, (_, n) => simulateReading(412.3, 6, n)));
	const near = readings.filter((mm) => Math.abs(mm - 412.3) < 1);
	expect(Math.max(...near.map((mm) => Math.abs(mm - 412.3)))).toBeLessThan(0.3);
	const strays = readings.filter((mm) => Math.abs(mm - 412.3) >= 1);
	expect(strays.length / readings.length).toBeGreaterThan(0.05);
	expect(strays.length / readings.length).toBeLessThan(0.1);
	for (let n = 0; n < 500; n++) expect(simulateReading(3, 1, n)).toBeGreaterThan(0);
});

it('a fifth length says by how much the picture is off', () => {
	expect(checkKnownLength({ x: 0, y: 0 }, { x: 303, y: 404 }, 505)).toEqual({ found: 505, error: 0, verdict: 'good' });
	expect(checkKnownLength({ x: 10, y: 0 }, { x: 110, y: 0 }, 90)).toMatchObject({ verdict: 'off', error: expect.closeTo(0.1111, 4) });
});
