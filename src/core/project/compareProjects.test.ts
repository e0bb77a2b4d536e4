import fc from 'fast-check';
import { readFileSync } from 'node:fs';
import { expect, it } from 'vitest';
import { hasSameParts, isSameWritten, reuseParts } from './compareProjects';

const cabinet = JSON.parse(readFileSync('demo/chart-cabinet.json', 'utf8'));

it('what has not changed is the same object again, what has is as it was sent, and nothing of before is touched', () => {
	const json = fc.jsonValue();
	fc.assert(
		fc.property(json, json, (before, now) => {
			const [kept, sent] = [JSON.stringify(before), JSON.stringify(now)];
			expect(JSON.stringify(reuseParts(before, now))).toBe(sent);
			expect(JSON.stringify(before)).toBe(kept);
		})
	);
	const next = structuredClone(cabinet);
	expect(reuseParts(cabinet, next)).toBe(cabinet);
	next.layout.zones[0].name = 'Other';
	const reused = reuseParts(cabinet, next) as typeof cabinet;
	expect(reused).toEqual(next);
	expect([reused.piece, reused.finish, reused.layout.motifs, reused.layout.zones[1]]).toEqual([
		expect.toSatisfy((value) => value === cabinet.piece),
		expect.toSatisfy((value) => value === cabinet.finish),
		expect.toSatisfy((value) => value === cabinet.layout.motifs),
		expect.toSatisfy((value) => value === cabinet.layout.zones[1])
	]);
	expect(reused.layout.zones[0]).not.toBe(cabinet.layout.zones[0]);
});

it.each<[what: string, stored: unknown, own: unknown, same: boolean]>([
	['a field that is not set', { a: 1 }, { a: 1, b: undefined }, true],
	['fields in another order', { a: 1, b: [{ c: 2, d: 3 }] }, { b: [{ d: 3, c: 2 }], a: 1 }, true],
	['another figure', { a: [1, 2] }, { a: [1, 3] }, false],
	['a field more', { a: 1 }, { a: 1, b: null }, false],
	['another order of parts', [1, 2], [2, 1], false]
])('written as JSON it is the same: %s', (_what, stored, own, same) => expect(isSameWritten(stored, own)).toBe(same));

it.each<[what: string, a: unknown, b: unknown, same: boolean]>([
	['figures and words', { id: 'a', width: '860', name: 'A' }, { id: 'a', width: '850', name: 'B' }, true],
	['another id', [{ id: 'a', n: 1 }], [{ id: 'b', n: 1 }], false],
	['another kind', { kind: 'run', n: 1 }, { kind: 'grid', n: 1 }, false],
	['another role', [{ role: 'gap' }], [{ role: 'drawer' }], false],
	['one more', [{ id: 'a' }], [{ id: 'a' }, { id: 'b' }], false],
	['another order', [{ id: 'a' }, { id: 'b' }], [{ id: 'b' }, { id: 'a' }], false],
	['a field more', { id: 'a' }, { id: 'a', jar: 3 }, false],
	['another field', { id: 'a', jar: 3 }, { id: 'a', cup: 3 }, false],
	['a list for an object', { of: [] }, { of: {} }, false],
	['nothing for a figure', { at: null }, { at: 3 }, false],
	['an object for a word', { of: 'all' }, { of: ['front'] }, false],
	['all of it', cabinet, structuredClone(cabinet), true]
])('the same parts: %s', (_what, a, b, same) => {
	expect([hasSameParts(a, b), hasSameParts(b, a)]).toEqual([same, same]);
});
