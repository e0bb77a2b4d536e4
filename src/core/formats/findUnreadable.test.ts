import { expect, it } from 'vitest';
import { basesOf, pigmentsOf } from '../colour';
import { parseDuration, parseLength } from '../units';
import { findUnreadable } from './findUnreadable';
import { checkReferences, readProject } from './index';
import { newProject } from '../project';

it.each<[what: string, value: unknown, path: string | null]>([
	['plain text, in any script', { a: ['Ölfarbe', '葦', '🦀 crab'] }, null],
	['an empty sign', { piece: { faces: [{ name: 'a\u0000b' }] } }, 'piece.faces[0].name'],
	['half of an emoji, as a cut leaves it', { name: '🦀'.slice(0, 1) }, 'name'],
	['its other half', ['x', '🦀'.slice(1)], '[1]'],
	['half a sign in the name of a field', { a: { '\ud83e': 1 } }, 'a']
])('%s', (_what, value, path) => expect(findUnreadable(value)?.path ?? null).toBe(path));

it('what is deeper than five hundred levels is refused, however deep; what is not is read', () => {
	const nested = (levels: number) => Array.from({ length: levels }).reduce<unknown>((inner) => [inner], 'last');
	expect(findUnreadable(nested(500))).toBeNull();
	expect(findUnreadable(nested(501))).toMatchObject({ code: 'file.too-deep', values: { most: 500 } });
	expect(findUnreadable({ a: nested(200_000) })).toMatchObject({ code: 'file.too-deep' });
	expect(readProject({ ...newProject({ name: 'Deep', units: 'mm' }), more: nested(600) })).toMatchObject({
		ok: false,
		issues: [{ code: 'file.too-deep' }]
	});
});

/** Each of eight layers mixes all seven of the one below: 7^8 ways down. */
const layered = Array.from({ length: 56 }, (_, i) => ({
	id: `c${i}`,
	name: `C${i}`,
	hex: i % 2 ? '#aa5533' : '#3355aa',
	opacity: 0.9,
	...(i < 7 ? {} : { mix: Array.from({ length: 7 }, (__, k) => ({ colour: `c${i - (i % 7) - 7 + k}`, parts: k + 1 })) })
}));

it('mixes of mixes are each worked out once, and come to the same as step by step', () => {
	const bases = basesOf(layered);
	for (const { id } of layered) expect([...bases.get(id)!.values()].reduce((a, b) => a + b, 0)).toBeCloseTo(1, 9);
	/** One layer up each part comes k + 1 of 28; further up it stays so, since all of a layer are mixed alike. */
	for (const id of ['c7', 'c55']) for (let k = 0; k < 7; k++) expect(bases.get(id)!.get(`c${k}`)).toBeCloseTo((k + 1) / 28, 9);
	expect(pigmentsOf(layered).get('c55')!.paint).toEqual(
		pigmentsOf(layered)
			.get('c7')!
			.paint.map((band) => expect.closeTo(band, 9))
	);
	const begun = newProject({ name: 'Hall chest', units: 'mm', count: 3 });
	const project = { ...begun, palette: [...begun.palette, ...layered].slice(-100) };
	expect(checkReferences(project).filter(({ code }) => code === 'colour.circle')).toEqual([]);
	const read = readProject(project);
	expect(read.ok ? [] : read.issues).toEqual([]);
});

it('a mix that leads back to itself goes no further there, and does not spoil what is known of others', () => {
	const looped = [
		{
			id: 'a',
			mix: [
				{ colour: 'b', parts: 1 },
				{ colour: 'x', parts: 3 }
			]
		},
		{
			id: 'b',
			mix: [
				{ colour: 'a', parts: 1 },
				{ colour: 'y', parts: 1 }
			]
		},
		{
			id: 'c',
			mix: [
				{ colour: 'a', parts: 2 },
				{ colour: 'z', parts: 2 },
				{ colour: 'gone', parts: 9 }
			]
		},
		{ id: 'x' },
		{ id: 'y' },
		{ id: 'z' }
	];
	const bases = basesOf(looped);
	expect(Object.fromEntries(bases.get('a')!)).toEqual({ x: 1 });
	expect(Object.fromEntries(bases.get('b')!)).toEqual({ y: 1 });
	expect(Object.fromEntries(bases.get('c')!)).toEqual({ x: 0.5, z: 0.5 });
});

it.each([
	['5' + ' '.repeat(100_000), 'length.unreadable'],
	[' '.repeat(100_000), 'length.empty'],
	['1 ' + '1/'.repeat(50_000), 'length.unreadable'],
	['9'.repeat(100_000), 'length.unreadable'],
	["1' " + ' '.repeat(150) + '2', null],
	['5' + ' '.repeat(40) + '3/8', null]
])('a long text is no length, and is told so at once: %#', (text, code) => {
	const read = parseLength(text, 'in');
	expect(read.ok ? null : read.code).toBe(code);
	expect(parseDuration(text)).toBeNull();
});
