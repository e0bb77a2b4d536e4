import { describe, expect, it } from 'vitest';
import { areaOfRings, boundsOfRings } from '../../geometry';
import { boxOutline } from '../../piece';
import { LazyItem, type LaidItem } from '../index';
import { measureMotif } from '../measureMotif';
import type { Motif } from '../motif';
import { layItem } from './layItem';
import { boardsOf } from './testing';

/** A hook with its bend to one side, a little off the edges of its frame. */
const hook: Motif = {
	id: 'hook',
	name: 'Hook',
	width: 40,
	height: 60,
	paths: [{ d: 'M4 8H30A10 20 0 0 1 30 48H16V40H4Z', rule: 'nonzero' }]
};

const bar: Motif = { ...hook, paths: [{ d: 'M0 10H40V50H0Z', rule: 'nonzero' }] };
const OPENING = [{ boxes: [{ x: 150, y: 0, width: 100, height: 300 }] }] as never;

/** On a board of 400 by 300 mm, its middle so far across. */
function lay(motif: Motif, x: number, spec: Partial<Parameters<typeof layItem>[0]> = {}, gaps = [] as never) {
	const [face] = boardsOf(400, 300, [boxOutline(400, 300)]).faces;
	const at = { arrangement: 'a', place: '0', index: 0, centre: { x, y: 150 }, scale: 1, ...spec };
	return layItem(at, { motif, shape: measureMotif(motif) }, face!.whole, { ...face!, gaps });
}

describe('an item that is laid', () => {
	it('keeps every field, and is written with its points', () => {
		const item: Required<LaidItem> = { ...lay(hook, 60), rings: [[1, 2, 3, 4, 5, 6]], whole: 'board-1 0' };
		expect(JSON.parse(JSON.stringify(new LazyItem(item, item)))).toEqual(item);
	});
	it.each([
		[{}],
		[{ scale: 2.4, mirrored: true }],
		[{ scale: 0.3 }],
		[{ mirrored: true, turn: 30 }],
		[{ turn: 90 }],
		[{ half: 'left' as const }]
	])('knows the box of its points without them: %j', (spec) => {
		const { bounds, rings } = lay(hook, 200, spec);
		const slow = boundsOfRings(rings);
		for (const side of ['left', 'top', 'right', 'bottom'] as const) expect(bounds[side], side).toBeCloseTo(slow[side], 9);
	});
	it.each([
		['beside an opening', 60, 1],
		['all in it', 200, 0],
		['half in it, at its left', 150, 0.5],
		['at its right', 250, 0.5]
	])('%s, it loses what lies there', (_, x, share) => {
		const item = lay(bar, x, {}, OPENING);
		expect(item.openArea).toBeCloseTo(share * 1600, 1);
		expect(areaOfRings(item.rings)).toBeCloseTo(share * 1600, 1);
		expect(item.lost).toBeCloseTo((1 - share) * 1600, 1);
		expect(item.cutBy).toEqual(share === 1 ? [] : ['opening']);
	});
});
