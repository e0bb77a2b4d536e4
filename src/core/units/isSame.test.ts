import fc from 'fast-check';
import { expect, it } from 'vitest';
import { isSame } from './index';

/** The order of fields put right, then as a text. */
const written = (value: unknown): string =>
	JSON.stringify(value, (_key, inner: unknown) =>
		typeof inner === 'object' && inner !== null && !Array.isArray(inner)
			? Object.fromEntries(Object.entries(inner).sort(([a], [b]) => (a < b ? -1 : 1)))
			: inner
	);

it('says what two texts say, with their fields in any order', () => {
	const plain = fc.jsonValue({ maxDepth: 3 }).map((value) => JSON.parse(JSON.stringify(value)) as unknown);
	fc.assert(
		fc.property(plain, plain, (one, other) => isSame(one, other) === (written(one) === written(other))),
		{ numRuns: 300 }
	);
	fc.assert(
		fc.property(plain, (one) => isSame(one, JSON.parse(written(one)))),
		{ numRuns: 100 }
	);
});

it.each([
	[[], {}],
	[null, {}],
	[{ a: undefined }, {}],
	[{ a: undefined }, { b: undefined }],
	[[1, 2], [1]],
	[{ a: [1] }, { a: [2] }]
])('%j is not %j', (one, other) => expect([isSame(one, other), isSame(other, one)]).toEqual([false, false]));
