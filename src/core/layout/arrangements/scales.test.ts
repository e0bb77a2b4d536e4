import { expect, it } from 'vitest';
import { middleOf, setWished } from './scales';

const now = { least: 2, wish: 4, most: 6 };
it.each([
	['wish', 5, { least: 2, wish: 5, most: 6 }],
	['wish', 9, { least: 2, wish: 9, most: 9 }],
	['wish', 1, { least: 1, wish: 1, most: 6 }],
	['least', 5, { least: 5, wish: 5, most: 6 }],
	['least', 8, { least: 8, wish: 8, most: 8 }],
	['most', 3, { least: 2, wish: 3, most: 3 }],
	['most', 1, { least: 1, wish: 1, most: 1 }]
] as const)('%s set to %d: the others give way', (key, value, then) => expect(setWished(now, key, value)).toEqual(then));

it('a wish that nobody set stays unset, whatever the limits do; set, it is one', () => {
	const unset = { least: 2, wish: null, most: 6 };
	expect([middleOf(unset), middleOf(now)]).toEqual([4, 4]);
	expect(setWished(unset, 'most', 1)).toEqual({ least: 1, wish: null, most: 1 });
	expect(setWished(unset, 'least', 9)).toEqual({ least: 9, wish: null, most: 9 });
	expect(setWished(unset, 'wish', 7)).toEqual({ least: 2, wish: 7, most: 7 });
});
