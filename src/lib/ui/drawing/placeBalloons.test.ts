import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { placeBalloons } from './placeBalloons';

const targets = (...heights: number[]) => heights.map((y, i) => ({ id: `t${i}`, x: 0, y }));
const heightsOf = (...heights: number[]) => placeBalloons(targets(...heights), 0, 400, 30).map(({ at }) => at);

describe('balloons', () => {
	it('stand at the height of their targets where there is room', () => {
		expect(heightsOf(50, 120, 300)).toEqual([50, 120, 300]);
	});
	it('share the mean where they crowd, and push their neighbours no further than they must', () => {
		expect(heightsOf(100, 100)).toEqual([85, 115]);
		expect(heightsOf(100, 104, 108, 300)).toEqual([74, 104, 134, 300]);
	});
	it('are kept in their column', () => {
		expect(heightsOf(-40, 5)).toEqual([0, 30]);
		expect(heightsOf(395, 398)).toEqual([370, 400]);
		expect(placeBalloons(targets(10, 10, 10), 0, 40, 30).map(({ at }) => at)).toEqual([0, 30, 60]);
	});
	it('never stand nearer than they may, nor in another order than their targets', () => {
		fc.assert(
			fc.property(fc.array(fc.integer({ min: -50, max: 450 }), { maxLength: 13 }), (heights) => {
				const placed = placeBalloons(targets(...heights), 0, 400, 30);
				placed.slice(1).forEach((one, i) => {
					expect(one.at - placed[i]!.at).toBeGreaterThanOrEqual(30 - 1e-9);
					expect(one.y).toBeGreaterThanOrEqual(placed[i]!.y);
				});
				for (const { at } of placed) expect(at).toBeGreaterThanOrEqual(-1e-9);
				for (const { at } of placed) expect(at).toBeLessThanOrEqual(400 + 1e-9);
			})
		);
	});
});
