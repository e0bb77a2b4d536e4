import { shapeBow, shapeEllipse, type Shaped } from '$core/geometry';
import { boxOutline } from '$core/piece';
import { expect, it } from 'vitest';
import { placeLines } from './placeLines';

const outlineOf = (shape: Shaped) => {
	if (!shape.ok) throw new Error(shape.fault.code);
	return shape.outline;
};
const item = { left: 100, top: 50, width: 40, height: 60, centre: { x: 120, y: 80 } };
const across = { from: 0, to: 100, upright: false };

it.each([
	['a box: from its left and its top', boxOutline(600, 400), item, [across, { from: 0, to: 50, upright: true }]],
	['an arch: from its left and its foot', outlineOf(shapeBow(600, 400, 'top', 90)), item, [across, { from: 110, to: 400, upright: true }]],
	[
		'an oval: from its centre lines',
		outlineOf(shapeEllipse(600, 400)),
		item,
		[
			{ from: 120, to: 300, upright: false },
			{ from: 80, to: 200, upright: true }
		]
	],
	['on a centre line: nothing', outlineOf(shapeEllipse(240, 160)), item, []],
	['over the left edge: from the top alone', boxOutline(600, 400), { ...item, left: -5 }, [{ from: 0, to: 50, upright: true }]]
])('on %s', (_name, outline, placed, lines) => {
	const { width, height } = outline.length === 1 && lines.length === 0 ? { width: 240, height: 160 } : { width: 600, height: 400 };
	expect(placeLines({ outline, width, height }, placed)).toEqual(lines);
});
