import fc from 'fast-check';
import { expect, it } from 'vitest';
import { placeOfCell, shareOfCell } from './placeOfCell';

const STEPS = 50;

it('a cell is painted as far as no box covers it, by points spread over it; one that is all in a box, or beside it, is told so', () => {
	const figure = fc.double({ min: -40, max: 140, noNaN: true });
	const size = fc.double({ min: 2, max: 60, noNaN: true });
	fc.assert(
		fc.property(figure, figure, size, size, fc.record({ x: figure, y: figure, width: size, height: size }), (x, y, wide, tall, hole) => {
			let free = 0;
			for (let i = 0; i < STEPS; i++)
				for (let j = 0; j < STEPS; j++) {
					const [px, py] = [x + ((i + 0.5) / STEPS - 0.5) * wide, y + ((j + 0.5) / STEPS - 0.5) * tall];
					const isIn = px > hole.x && py > hole.y && px < hole.x + hole.width && py < hole.y + hole.height;
					free += isIn ? 0 : 1 / STEPS ** 2;
				}
			const own = { outline: null, holes: [hole], width: 200, height: 200 };
			const share = shareOfCell(own, x, y, wide, tall);
			expect(share).toBeCloseTo(free, 1);
			const place = placeOfCell(own, x, y, wide, tall);
			if (place !== 'edge') expect(share).toBeCloseTo(place === 'inside' ? 1 : 0, 9);
			if (free > 0.05 && free < 0.95) expect(place).toBe('edge');
		})
	);
});
