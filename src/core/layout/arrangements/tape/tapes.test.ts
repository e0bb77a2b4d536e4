import { expect, it } from 'vitest';
import { measuredByTen, sumTapes, TAPES } from './tapes';

it.each([
	[183, 18, 18.3],
	[60.4, 6, 6.04],
	[200, 18, 20],
	[1000, 48, 100]
])('ten strips over %d mm: the tape of %d is %d wide', (ten, tape, width) => expect(measuredByTen(TAPES, ten)).toEqual({ tape, width }));

it('every width that one tape or two make stands once, narrowest first, by one tape where one does it', () => {
	expect(sumTapes([18, 36, 24])).toEqual([
		{ width: 18, tapes: [18] },
		{ width: 24, tapes: [24] },
		{ width: 36, tapes: [36] },
		{ width: 42, tapes: [24, 18] },
		{ width: 48, tapes: [24, 24] },
		{ width: 54, tapes: [36, 18] },
		{ width: 60, tapes: [36, 24] },
		{ width: 72, tapes: [36, 36] }
	]);
});
