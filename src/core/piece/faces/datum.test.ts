import { describe, expect, it } from 'vitest';
import { shapeBow, shapeEllipse, shapeRounded, shapeWave, type Outline, type Shaped } from '../../geometry';
import { datumOf, figuresOnPart, fromDatum, straightSides } from './datum';
import { boxOutline } from './shapeOutline';

const outlineOf = (shape: Shaped): Outline => {
	if (!shape.ok) throw new Error(shape.fault.code);
	return shape.outline;
};

describe('figures are told from what a tape can be hooked on', () => {
	it.each<[string, Outline, string, string]>([
		['a box', boxOutline(600, 400), 'left', 'top'],
		['an oval', outlineOf(shapeEllipse(600, 400)), 'centre', 'centre'],
		['an arch', outlineOf(shapeBow(600, 400, 'top', 90)), 'left', 'bottom'],
		['an apron with a wave', outlineOf(shapeWave(600, 400, 'bottom', 24, 3)), 'left', 'top'],
		['bowed at the left', outlineOf(shapeBow(600, 400, 'left', 60)), 'right', 'top'],
		['small round corners', outlineOf(shapeRounded(600, 400, 40)), 'left', 'top'],
		['round ends', outlineOf(shapeRounded(600, 400, 170)), 'centre', 'top']
	])('%s', (_name, outline, across, down) => {
		const part = { outline, width: 600, height: 400 };
		expect(datumOf(part)).toEqual({ across, down });
		const place = fromDatum(part, { x: 100, y: 350 });
		expect(place.across).toBe({ left: 100, right: 500, centre: -200 }[across]);
		expect(place.down).toBe({ top: 350, bottom: 50, centre: 150 }[down]);
	});
});

const oval = outlineOf(shapeEllipse(600, 400));
const arch = outlineOf(shapeBow(600, 400, 'top', 90));

it.each<[string, Outline, string]>([
	['a box', boxOutline(600, 400), 'left right top bottom'],
	['an arch', arch, 'left right bottom'],
	['an oval', oval, '']
])('%s: edges that hold a tape', (_name, outline, sides) =>
	expect([...straightSides({ outline, width: 600, height: 400 })].join(' ')).toBe(sides)
);

describe('what finds a frame of 40 by 60 on a part of 600 by 400', () => {
	it.each<[string, Outline, { left: number; top: number }, object, object]>([
		[
			'a box',
			boxOutline(600, 400),
			{ left: 100, top: 50 },
			{ from: 'left', mm: 100, way: 1, line: { from: 0, to: 100 } },
			{ from: 'top', mm: 50, way: 1, line: { from: 0, to: 50 } }
		],
		[
			'an arch, from its foot',
			arch,
			{ left: 100, top: 50 },
			{ from: 'left', mm: 100 },
			{ from: 'bottom', mm: 290, way: -1, line: { from: 110, to: 400 } }
		],
		[
			'an oval, left of and above its centre',
			oval,
			{ left: 100, top: 50 },
			{ from: 'centre', mm: -180, way: 1, line: { from: 120, to: 300 } },
			{ from: 'centre', mm: -120, line: { from: 80, to: 200 } }
		],
		[
			'an oval, on its upright centre line and below the other',
			oval,
			{ left: 280, top: 300 },
			{ mm: 0, line: null },
			{ mm: 130, line: { from: 200, to: 330 } }
		],
		['a box, over its left edge', boxOutline(600, 400), { left: -5, top: 50 }, { mm: -5, line: null }, { mm: 50 }]
	])('%s', (_name, outline, { left, top }, across, down) => {
		const figures = figuresOnPart({ outline, width: 600, height: 400 }, { left, top, width: 40, height: 60 });
		expect(figures).toMatchObject([across, down]);
	});
});
