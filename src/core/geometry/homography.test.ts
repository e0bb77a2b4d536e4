import fc from 'fast-check';
import { expect, it } from 'vitest';
import { findCornerFault, projectPoint, solveHomography, warpRows, type Corners } from './index';

const face: Corners = [
	{ x: 0, y: 0 },
	{ x: 860, y: 0 },
	{ x: 860, y: 940 },
	{ x: 0, y: 940 }
];
const shift = fc.integer({ min: -250, max: 250 });
const corners = fc.array(fc.tuple(shift, shift), { minLength: 4, maxLength: 4 }).map((by) => {
	const at = [
		[700, 500],
		[3300, 500],
		[3300, 2500],
		[700, 2500]
	] as const;
	return at.map(([x, y], i) => ({ x: x + by[i]![0], y: y + by[i]![1] })) as unknown as Corners;
});

it('takes corners to corners, straight lines to straight lines, and back again', () => {
	fc.assert(
		fc.property(corners, fc.double({ min: 0, max: 1, noNaN: true }), fc.double({ min: 0, max: 1, noNaN: true }), (clicked, u, v) => {
			const forth = solveHomography(clicked, face);
			const back = solveHomography(face, clicked);
			clicked.forEach((corner, i) => {
				const there = projectPoint(forth, corner)!;
				expect(Math.hypot(there.x - face[i]!.x, there.y - face[i]!.y)).toBeLessThan(1e-6);
			});
			const point = { x: u * 860, y: v * 940 };
			const again = projectPoint(forth, projectPoint(back, point)!)!;
			expect(Math.hypot(again.x - point.x, again.y - point.y)).toBeLessThan(1e-6);
		})
	);
});

/** A face with a fine ramp on it is photographed aslant by the known projection, straightened from its four corners, and every mark sought again. */
it('straightens a synthetic picture to a tenth of a pixel', () => {
	const [width, height] = [600, 500];
	const clicked: Corners = [
		{ x: 61.5, y: 40.25 },
		{ x: 540.75, y: 82 },
		{ x: 571, y: 455.5 },
		{ x: 30, y: 420 }
	];
	const straight = { width: 430, height: 470 };
	const target: Corners = [
		{ x: 0, y: 0 },
		{ x: straight.width, y: 0 },
		{ x: straight.width, y: straight.height },
		{ x: 0, y: straight.height }
	];
	const marks = [
		[60, 80],
		[215, 235],
		[388, 70],
		[330, 412],
		[91, 377]
	] as const;
	const toFace = solveHomography(clicked, target);
	const pixels = new Uint8ClampedArray(width * height * 4).fill(255);
	for (let y = 0; y < height; y++)
		for (let x = 0; x < width; x++) {
			const on = projectPoint(toFace, { x: x + 0.5, y: y + 0.5 })!;
			const light = marks.reduce((sum, [mx, my]) => sum + 235 * Math.exp(-((on.x - mx) ** 2 + (on.y - my) ** 2) / 60), 0);
			pixels.fill(10 + light, (y * width + x) * 4, (y * width + x) * 4 + 3);
		}
	const out = new Uint8ClampedArray(straight.width * straight.height * 4);
	warpRows({ width, height, pixels }, solveHomography(target, clicked), out, { width: straight.width, from: 0, to: straight.height });
	for (const [mx, my] of marks) {
		let [sum, sx, sy] = [0, 0, 0];
		for (let y = my - 18; y <= my + 18; y++)
			for (let x = mx - 18; x <= mx + 18; x++) {
				const weight = Math.max(0, out[(y * straight.width + x) * 4]! - 14);
				sum += weight;
				sx += weight * (x + 0.5);
				sy += weight * (y + 0.5);
			}
		expect(Math.hypot(sx / sum - mx, sy / sum - my)).toBeLessThan(0.1);
	}
});

it('refuses corners that lie outside, on a line, or crosswise, and says which', () => {
	const good = [
		{ x: 10, y: 10 },
		{ x: 90, y: 12 },
		{ x: 88, y: 80 },
		{ x: 12, y: 82 }
	] as const;
	expect(findCornerFault(good, 100, 100)).toBeNull();
	expect(findCornerFault([good[0], { x: 101, y: 12 }, good[2], good[3]], 100, 100)).toEqual({ fault: 'outside', corner: 1 });
	expect(findCornerFault([good[0], good[2], good[1], good[3]], 100, 100)?.fault).toBe('crossed');
	expect(findCornerFault([good[0], { x: 50, y: 46 }, good[2], good[3]], 100, 100)).toEqual({ fault: 'collinear', corner: 1 });
	expect(findCornerFault([good[0], good[0], good[2], good[3]], 100, 100)?.fault).toBe('collinear');
});
