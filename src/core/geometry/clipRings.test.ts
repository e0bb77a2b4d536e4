import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { areaInBox, areaInCommon, areaOfRings, clipToBox, intersectRings, lengthOfRings, type Ring } from './index';

const square = (x: number, y: number, size: number): Ring => [x, y, x + size, y, x + size, y + size, x, y + size];
const turned = (ring: Ring): Ring =>
	Array.from({ length: ring.length / 2 }, (_, i) => ring.length / 2 - 1 - i).flatMap((i) => [ring[2 * i]!, ring[2 * i + 1]!]);
/** A diamond with a square hole, and a dot beside it; its rings run one way round, or the other. */
const shape = (x: number, y: number, size: number, isTurned: boolean): Ring[] => {
	const rings = [
		[x, y - size, x + size, y, x, y + size, x - size, y],
		turned(square(x - size / 4, y - size / 4, size / 2)),
		square(x + size, y + size, size / 3)
	];
	return isTurned ? rings.map(turned) : rings;
};
const box = { x: 10, y: 20, width: 100, height: 60 };
const boxRing: Ring = [10, 20, 110, 20, 110, 80, 10, 80];

describe('what of a shape lies in a box', () => {
	it('is what it has in common with it: its area, its outline and its holes, whichever way round it runs', () => {
		fc.assert(
			fc.property(
				fc.integer({ min: -20, max: 140 }),
				fc.integer({ min: -20, max: 120 }),
				fc.integer({ min: 4, max: 60 }),
				fc.boolean(),
				(x, y, size, isTurned) => {
					/** No side of it on a side of the box. */
					const rings = shape(x + 0.37, y + 0.41, size, isTurned);
					const [fast, slow] = [clipToBox(rings, box), intersectRings(rings, [boxRing])];
					expect(areaOfRings(fast)).toBeCloseTo(areaOfRings(slow), 1);
					expect(lengthOfRings(fast)).toBeCloseTo(lengthOfRings(slow), 2);
					expect(areaInBox(rings, box)).toBeCloseTo(areaInCommon(rings, [boxRing]), 1);
				}
			),
			{ numRuns: 500 }
		);
	});
	it('leaves alone what lies all inside, and drops what lies all outside', () => {
		const inside = square(20, 30, 10);
		expect(clipToBox([inside, square(200, 30, 10), square(110, 30, 10)], box)).toEqual([inside]);
	});
});
