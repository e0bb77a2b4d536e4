import fc from 'fast-check';
import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { faceOf, measurePiece, surfacesOfPiece, surfacesWithin, type MeasuredPiece } from '../piece';
import { partsOf, placesFor } from './partsOf';
import { PlacesSchema, type Places } from './placesSchema';
import { togglePlace } from './togglePlace';

const measured = (name: string): MeasuredPiece => {
	const { piece, units } = JSON.parse(readFileSync(`demo/${name}.json`, 'utf8'));
	return measurePiece(piece, units);
};
const cabinet = measured('chart-cabinet');
const surfacesAt = (places: Places, piece = cabinet) => [
	...new Set(partsOf(places, piece).flatMap((part) => surfacesWithin(part, faceOf(piece.faces, part.face))))
];
const PIECES = ['chart-cabinet', 'ferry-table', 'net-box', 'sail-loft-chest'].map(measured);
const all = surfacesOfPiece(cabinet).map(({ id }) => id);
const frame = ['front', 'rail', 'doors-left', 'doors-right', 'plinth'];
const door = (n: number) => [`door-${n}`, `panel-${n}`, `bead-${n}`];
const less = (...gone: string[]) => all.filter((id) => !gone.includes(id));

describe('a place means one thing', () => {
	it.each<[Places, parts: string[], surfaces: string[]]>([
		['all', ['front', 'left', 'right', 'top'], all],
		['frame', ['front/frame', 'left', 'right', 'top'], [...frame, 'left', 'right', 'top']],
		['doors', ['door-1', 'door-2'], [...door(1), ...door(2)]],
		['fronts', ['door-1', 'door-2'], [...door(1), ...door(2)]],
		['drawers', [], []],
		['panels', ['panel-1', 'panel-2'], ['panel-1', 'bead-1', 'panel-2', 'bead-2']],
		[['front'], ['front'], less('left', 'right', 'top')],
		[['front/frame'], ['front/frame'], frame],
		[['front/rest'], ['front/rest'], ['front']],
		[['top/frame'], ['top'], ['top']],
		[
			['top/rest', 'plinth'],
			['plinth', 'top'],
			['plinth', 'top']
		],
		[['door-1/rest'], ['door-1/rest'], ['door-1']],
		[
			['panel-2/rest', 'bead-1/rest'],
			['bead-1', 'panel-2/rest'],
			['panel-2', 'bead-1']
		],
		[['gone', 'rail'], ['rail'], ['rail']],
		[['!top', '!left'], ['front', 'right'], less('top', 'left')],
		[['!front/frame'], ['door-1', 'door-2', 'left', 'right', 'top'], less(...frame)],
		[['!door-1'], ['front/frame', 'door-2', 'left', 'right', 'top'], less(...door(1))],
		[
			['!door-1/rest', '!plinth', '!top'],
			['front/rest', 'rail', 'doors-left', 'door-2', 'doors-right', 'panel-1', 'left', 'right'],
			less('door-1', 'plinth', 'top')
		]
	])('%j', (places, parts, surfaces) => {
		expect(PlacesSchema.safeParse(places).success).toBe(true);
		expect(new Set(partsOf(places, cabinet).map(({ id }) => id))).toEqual(new Set(parts));
		expect(new Set(surfacesAt(places))).toEqual(new Set(surfaces));
	});

	it.each([[[]], [['front', '!top']], [['front/side']], [['Front']], [['!']], 'everything'])('%j names none', (places) => {
		expect(PlacesSchema.safeParse(places).success).toBe(false);
	});

	it.each(['chart-cabinet', 'sail-loft-chest', 'net-box'])(
		'of %s, any surfaces are named so that they, and no others, are found',
		(name) => {
			const piece = measured(name);
			const ids = surfacesOfPiece(piece).map(({ id }) => id);
			fc.assert(
				fc.property(fc.subarray(ids, { minLength: 1 }), (some) => {
					const places = placesFor(some, piece);
					expect(new Set(surfacesAt(places, piece))).toEqual(new Set(some));
					if (typeof places === 'string') return;
					/** No shorter list: nothing is named that lies in another. */
					const own = places.map((place) => surfacesAt([place], piece));
					own.forEach((one, i) => own.forEach((other, k) => expect(i !== k && one.every((id) => other.includes(id))).toBe(false)));
					const butThese = places.map((place) => `!${place}`);
					expect(new Set(surfacesAt(butThese, piece))).toEqual(new Set(ids.filter((id) => !some.includes(id))));
				}),
				{ numRuns: 60 }
			);
		}
	);
});

it('one part more, or less, is that surface and no other; once more it is as before; the last one stays', () => {
	for (const piece of PIECES) {
		const ids = surfacesOfPiece(piece).map(({ id }) => id);
		const some = fc.subarray(ids, { minLength: 1 });
		fc.assert(
			fc.property(
				fc.oneof(
					fc.constantFrom<Places>('all', 'frame', 'fronts'),
					some,
					some.map((out) => out.map((id) => `!${id}`))
				),
				fc.constantFrom(...ids),
				(places, id) => {
					const before = new Set(surfacesAt(places, piece));
					fc.pre(before.size > 0);
					const next = togglePlace(places, id, piece);
					const wanted = new Set(before);
					if (!wanted.delete(id)) wanted.add(id);
					if (wanted.size === 0) {
						expect(next).toBeNull();
						return;
					}
					expect(new Set(surfacesAt(next!, piece))).toEqual(wanted);
					expect(new Set(surfacesAt(togglePlace(next!, id, piece)!, piece))).toEqual(before);
					expect(PlacesSchema.safeParse(next).success).toBe(true);
				}
			),
			{ numRuns: 60 }
		);
	}
	expect(togglePlace('all', 'door-1', cabinet)).toEqual(['!door-1/rest']);
	expect(togglePlace('all', 'top', cabinet)).toEqual(['!top']);
	expect(togglePlace(['!top'], 'top', cabinet)).toBe('all');
	expect([togglePlace(['top'], 'top', cabinet), togglePlace('all', 'nothing', cabinet)]).toEqual([null, null]);
});
