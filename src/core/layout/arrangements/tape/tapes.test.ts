import { expect, it } from 'vitest';
import { measuredByTen, TAPES } from './tapes';

it.each([
	[183, 18, 18.3],
	[60.4, 6, 6.04],
	[200, 18, 20],
	[1000, 48, 100]
])('ten strips over %d mm: the tape of %d is %d wide', (ten, tape, width) => expect(measuredByTen(TAPES, ten)).toEqual({ tape, width }));
