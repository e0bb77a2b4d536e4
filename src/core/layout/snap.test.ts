import { describe, expect, it } from 'vitest';
import { snapFrame, type Frame } from './snap';

const part = { width: 800, height: 300 };
const frame = (left: number, top: number, width = 100, height = 50): Frame => ({ left, top, width, height });

describe('a frame that is drawn to what lies near', () => {
	it.each<[what: string, frame: Frame, neighbours: Frame[], dx: number, dy: number, of: string[]]>([
		['onto both centre lines', frame(347, 128), [], 3, -3, ['centre', 'centre']],
		['its right side onto the right edge', frame(698, 60), [], 2, 0, ['edge']],
		['its top onto the top edge, from outside too', frame(200, -3), [], 0, 3, ['edge']],
		['beside a neighbour, so that they touch', frame(203, 67), [frame(100, 90)], -3, 0, ['neighbour']],
		['in line with a neighbour by their centres', frame(203, 92, 60, 46), [frame(500, 90)], 0, 0, ['neighbour']],
		['in line by their tops where that is nearer', frame(203, 92, 60, 20), [frame(500, 90)], 0, -2, ['neighbour']],
		['not at all out of reach', frame(205, 67), [frame(100, 90)], 0, 0, []],
		['onto the nearest of two', frame(204, 67), [frame(100, 200), frame(306, 200)], 2, 0, ['neighbour']],
		['onto the centre line before an edge that is as near', frame(3, 67, 788), [], 3, 0, ['centre']],
		['onto the centre line before a neighbour that is as near', frame(352, 67), [frame(348, 200)], -2, 0, ['centre']]
	])('%s', (_what, own, neighbours, dx, dy, of) => {
		const snapped = snapFrame(own, part, neighbours, 4);
		expect([snapped.dx, snapped.dy]).toEqual([dx, dy]);
		expect(snapped.lines.map((line) => line.of)).toEqual(of);
	});

	it('says where the line is', () => {
		expect(snapFrame(frame(698, 128), part, [], 4).lines).toEqual([
			{ along: 'upright', at: 800, of: 'edge' },
			{ along: 'level', at: 150, of: 'centre' }
		]);
	});
});
