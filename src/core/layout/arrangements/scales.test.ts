import { expect, it } from 'vitest';
import { setWished } from './scales';

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
