import { describe, expect, it } from 'vitest';
import { shapeBow, shapeEllipse, shapeRounded, shapeWave, type Outline, type Shaped } from '../../geometry';
import { datumOf, fromDatum } from './datum';
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
