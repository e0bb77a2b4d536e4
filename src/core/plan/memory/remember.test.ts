import { expect, it, vi } from 'vitest';
import { remember } from './remember';

it('computes once for the same objects, again for another, and keeps only the last', () => {
	const compute = vi.fn((a: object, b: number) => ({ a, b }));
	const step = remember(compute);
	const thing = {};
	expect(step(thing, 1)).toBe(step(thing, 1));
	expect(step({}, 1)).not.toBe(step(thing, 1));
	step(thing, Number.NaN);
	step(thing, Number.NaN);
	expect(compute).toHaveBeenCalledTimes(4);
});
