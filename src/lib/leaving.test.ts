import { expect, it } from 'vitest';
import { LEAVING, readLeaving, writeLeaving } from './leaving';

const piece = '925b467e-1fa2-4108-9343-b824f699db69';
const said = (cookie: string) => cookie.split('; ')[0]!.slice(LEAVING.length + 1);

it.each([
	[said(writeLeaving(piece, 7)), piece, 7],
	[said(writeLeaving(piece, 7)), 'b3ad925b-1fa2-4108-9343-b824f699db69', null],
	[undefined, piece, null],
	['', '', null],
	[`${piece}.`, piece, null],
	[`${piece}.-1`, piece, null],
	[`${piece}.12345678901`, piece, null],
	[`${piece}.1e3`, piece, null]
])('what a page said as it was left: %s', (cookie, of, version) => expect(readLeaving(cookie, of)).toBe(version));
