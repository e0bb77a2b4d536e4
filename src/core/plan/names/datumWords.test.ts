import { describe, expect, it } from 'vitest';
import { shapeBow, shapeEllipse, shapeRounded, type Outline, type Shaped } from '../../geometry';
import { boxOutline } from '../../piece';
import { datumWords } from './datumWords';

const outlineOf = (shape: Shaped): Outline => {
	if (!shape.ok) throw new Error(shape.fault.code);
	return shape.outline;
};
const wordsOn = (outline: Outline, unit: 'mm' | 'in' = 'mm', role: 'face' | 'door' = 'door') =>
	datumWords({ outline, width: 600, height: 400, role }, unit);
const box = boxOutline(600, 400);
const oval = outlineOf(shapeEllipse(600, 400));
const arch = outlineOf(shapeBow(600, 400, 'top', 90));
const ends = outlineOf(shapeRounded(600, 400, 170));
const bowed = outlineOf(shapeBow(600, 400, 'left', 60));

it.each([
	['a box', box, 'measure from the left and the top edge of this part'],
	['an arch', arch, 'measure from the left and the bottom edge of this part'],
	['an oval', oval, 'draw both centre lines of this part first: figures are from them'],
	['round ends', ends, 'draw the upright centre line of this part first: figures are from it and from the top edge'],
	['bowed at the left', bowed, 'measure from the right and the top edge of this part']
])('%s: %s', (_name, outline, first) => expect(wordsOn(outline).first).toBe(first));

it('a level centre line alone; and of a face as such', () => {
	const upright = datumWords({ outline: outlineOf(shapeRounded(400, 600, 170)), width: 400, height: 600, role: 'face' }, 'mm');
	expect(upright.first).toBe('draw the level centre line of this face first: figures are from it and from the left edge');
});

describe('one place', () => {
	it.each<[string, Outline, number, number, string, string, string, string]>([
		['a box', box, 34, 12, '34 mm from the left', '12 mm from the top', '34 mm', '12 mm'],
		['an arch', arch, 34, 388, '34 mm from the left', '12 mm from the bottom', '34 mm', '12 mm'],
		['bowed at the left', bowed, 566, 12, '34 mm from the right', '12 mm from the top', '34 mm', '12 mm'],
		['an oval', oval, 266, 188, '34 mm left of the upright centre line', '12 mm above the level centre line', '34 mm left', '12 mm above'],
		[
			'an oval',
			oval,
			334,
			212,
			'34 mm right of the upright centre line',
			'12 mm below the level centre line',
			'34 mm right',
			'12 mm below'
		],
		['the middle of an oval', oval, 300.2, 199.8, 'on the upright centre line', 'on the level centre line', 'on it', 'on it'],
		[
			'a little off it',
			oval,
			300.3,
			199.6,
			'0 mm right of the upright centre line',
			'0 mm above the level centre line',
			'0 mm right',
			'0 mm above'
		]
	])('of %s', (_name, outline, x, y, across, down, acrossFigure, downFigure) => {
		const words = wordsOn(outline);
		expect([words.across(x), words.down(y), words.acrossFigure(x), words.downFigure(y)]).toEqual([across, down, acrossFigure, downFigure]);
	});
});

describe('several along one line', () => {
	it.each<[string, Outline, number[], string]>([
		['from an edge, in order', box, [200, 50, 120], '50 · 120 · 200 mm from the left'],
		['from the right', bowed, [550, 400], '50 · 200 mm from the right'],
		['alike to both sides', oval, [200, 250, 350, 400], '50 · 100 mm to both sides of the upright centre line'],
		['with one on the line', oval, [200, 300, 400], 'one on the upright centre line, 100 mm to both sides of it'],
		['on the line alone', oval, [300], 'one on the upright centre line'],
		['not alike', oval, [200, 250, 420], '50 · 100 mm left of the upright centre line, 120 mm right of the upright centre line'],
		['as many, but not alike', oval, [200, 420], '100 mm left of the upright centre line, 120 mm right of the upright centre line'],
		['to one side', oval, [350, 400], '50 · 100 mm right of the upright centre line'],
		['to one side, and one on it', oval, [300, 350], 'one on the upright centre line, 50 mm right of it']
	])('%s', (_name, outline, xs, said) => expect(wordsOn(outline).alongAcross(xs)).toBe(said));
	it('down the part too, in inches with the unit once', () => {
		expect(wordsOn(oval).alongDown([100, 180, 220, 300])).toBe('20 · 100 mm to both sides of the level centre line');
		expect(wordsOn(box, 'in').alongDown([25.4, 63.5])).toBe('1 · 2 1/2 in from the top');
	});
});
