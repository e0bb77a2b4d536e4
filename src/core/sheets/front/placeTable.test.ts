import { describe, expect, it } from 'vitest';
import { shapeBow, shapeEllipse, type Outline, type Shaped } from '../../geometry';
import { boardsOf } from '../../layout/arrangements/testing';
import { boxOutline } from '../../piece';
import type { ItemRow } from '../../plan';
import type { Project } from '../../project';
import { PAGE_MARGIN } from '../page';
import { placeTable, ROW } from './placeTable';

const outlineOf = (shape: Shaped): Outline => {
	if (!shape.ok) throw new Error(shape.fault.code);
	return shape.outline;
};
const project = { units: 'mm', layout: { motifs: [{ id: 'm', name: 'Reed' }] } } as unknown as Project;
const ON: Readonly<Record<string, Outline>> = {
	box: boxOutline(600, 200),
	arch: outlineOf(shapeBow(600, 200, 'top', 40)),
	oval: outlineOf(shapeEllipse(600, 200)),
	bowed: outlineOf(shapeBow(600, 200, 'left', 40))
};

/** The cells of one item on a part of 600 by 200, by the heading of their column; and what is said below its name. */
function cellsOf(
	outline: Outline,
	{ left, top, width = 40, height = 60, ...more }: { left: number; top: number; width?: number; height?: number } & Partial<ItemRow>
) {
	const part = boardsOf(600, 200, [outline]).faces[0]!.whole;
	const row = {
		motif: 'm',
		half: 'none',
		mirrored: false,
		byHand: false,
		turn: 0,
		cutBy: [],
		number: 7,
		left,
		top,
		width,
		height,
		right: 600 - left - width,
		bottom: 200 - top - height,
		centre: { x: left + width / 2, y: top + height / 2 },
		...more
	} as unknown as ItemRow;
	const items = placeTable({ project, part, rows: [{ row, label: '7', above: false }], top: 100, width: 210 });
	const texts = items.flatMap((item) => (item.kind === 'text' ? [item] : []));
	const heads = texts.filter(({ y }) => y === 100);
	const cells = Object.fromEntries(
		heads.map(({ text, x }) => [text, texts.find((one) => one.y > 100 && one.x === x && one.size > 2)!.text])
	);
	return { cells, remark: texts.find(({ size }) => size === 2)?.text ?? '', items };
}

describe('the figures that find one motif', () => {
	it.each<[string, keyof typeof ON, Parameters<typeof cellsOf>[1], Record<string, string>]>([
		[
			'a box',
			'box',
			{ left: 100, top: 50 },
			{ 'Left edge, from the left': '100 mm', 'Top edge, from the top': '50 mm', 'Centre, left': '120 mm', 'Centre, top': '80 mm' }
		],
		[
			'an arch',
			'arch',
			{ left: 100, top: 50 },
			{
				'Left edge, from the left': '100 mm',
				'Bottom edge, from the bottom': '90 mm',
				'Centre, left': '120 mm',
				'Centre, bottom': '120 mm'
			}
		],
		['bowed at the left', 'bowed', { left: 100, top: 50 }, { 'Right edge, from the right': '460 mm', 'Centre, right': '480 mm' }],
		[
			'an oval',
			'oval',
			{ left: 100, top: 50 },
			{ 'Centre, from the upright centre line': '180 mm left', 'Centre, from the level centre line': '20 mm above' }
		],
		[
			'over two edges',
			'box',
			{ left: -12, top: -30 },
			{
				'Left edge, from the left': '12 mm of it cut off',
				'Top edge, from the top': '30 mm of it cut off',
				'Centre, left': '8 mm',
				'Centre, top': '0 mm'
			}
		],
		['its centre beyond the edge', 'box', { left: -30, top: 150 }, { 'Centre, left': 'off it', 'Centre, top': '180 mm' }],
		['half of it at the end of a row', 'box', { left: -20, top: 50, half: 'left' }, { 'Left edge, from the left': 'masked at its centre' }]
	])('on %s', (_name, on, item, says) => expect(cellsOf(ON[on]!, item).cells).toMatchObject({ Place: '7', Motif: 'Reed', ...says }));

	it.each<[string, Parameters<typeof cellsOf>[1], string]>([
		['whole', { left: 100, top: 50 }, ''],
		[
			'one that goes on on the drawers above and below',
			{ left: 100, top: -84, height: 400, cutBy: ['top', 'bottom'] as never },
			'84 mm to 284 mm of its height'
		],
		['one that begins here', { left: 100, top: 150, height: 210, cutBy: ['bottom'] as never }, '0 mm to 50 mm of its height'],
		['over the side', { left: 580, top: 50, cutBy: ['right'] as never }, '0 mm to 20 mm of its width'],
		['cut by an opening', { left: 100, top: 50, cutBy: ['opening'] as never }, 'cut'],
		[
			'mirrored, put by hand and turned',
			{ left: 100, top: 50, mirrored: true, byHand: true, turn: -20 },
			'mirrored, by hand, turned 20° left'
		],
		['turned the other way', { left: 100, top: 50, turn: 89.7 }, 'turned 90° right'],
		['turned by less than is seen', { left: 100, top: 50, turn: 0.2 }, '']
	])('of one that is %s is said: %s', (_name, item, remark) => expect(cellsOf(ON['box']!, item).remark).toBe(remark));

	it('stand in columns over the width of the page, a row below its heading', () => {
		const { items } = cellsOf(ON['box']!, { left: 100, top: 50 });
		const xs = items.flatMap((item) => (item.kind === 'text' && item.y === 100 ? [item.x] : []));
		expect(xs[0]).toBe(PAGE_MARGIN);
		expect(xs).toEqual([...xs].sort((a, b) => a - b));
		expect(xs.at(-1)).toBeCloseTo(PAGE_MARGIN + 156, 6);
		expect(items.some((item) => item.kind === 'text' && item.text === '7' && item.y === 100 + ROW)).toBe(true);
	});
});
