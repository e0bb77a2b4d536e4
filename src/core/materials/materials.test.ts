import fc from 'fast-check';
import { expect, it } from 'vitest';
import { MATERIAL_KINDS, MaterialSchema } from '../layers';
import { CATALOGUE, gatherMaterials, LOSS, volumeForArea } from './index';

it('counts paint by area, coats, coverage and loss', () => {
	expect(volumeForArea(1e6, 1, 13, LOSS.brush)).toBeCloseTo((1000 / 13) * 1.1, 9);
	expect(volumeForArea(816 * 175, 2, 13, 0.1)).toBeCloseTo((0.1428 * 2 * 1000 * 1.1) / 13, 9);
	expect(volumeForArea(1e6, 1, 10, LOSS.spray)).toBeCloseTo(130, 9);
});

it('counts paste by open area and height: 28 openings of 4200 mm2, 0.8 mm high, and a quarter more for waste', () => {
	const { coverage, film } = gatherMaterials([]).get('tinted-paste')!;
	expect(film).toBe(800);
	expect(volumeForArea(28 * 4200, 1, coverage, 0)).toBeCloseTo(94.08, 6);
	expect(volumeForArea(28 * 4200, 1, coverage, LOSS.trowel)).toBeCloseTo(117.6, 6);
});

it('needs twice the paint for twice the area, and more with a thirstier tool', () => {
	fc.assert(
		fc.property(
			fc.integer({ min: 1, max: 4e6 }),
			fc.integer({ min: 1, max: 9 }),
			fc.double({ min: 1, max: 50, noNaN: true }),
			(area, coats, coverage) => {
				const once = volumeForArea(area, coats, coverage, LOSS.brush);
				expect(volumeForArea(2 * area, coats, coverage, LOSS.brush)).toBeCloseTo(2 * once, 6);
				expect(volumeForArea(area, coats, coverage, LOSS.sponge)).toBeGreaterThan(once);
				expect(volumeForArea(area, coats, coverage, LOSS.spray)).toBeGreaterThan(volumeForArea(area, coats, coverage, LOSS.sponge));
			}
		)
	);
});

it('has a catalogue of whole records: valid, named once, each with what ready looks like and a caution that defers to the label', () => {
	for (const record of CATALOGUE) {
		expect(MaterialSchema.safeParse(record).success, record.id).toBe(true);
		expect(record.ready.length, record.id).toBeGreaterThan(10);
		/** Water has none. */
		if (record.kind !== 'water') expect(record.cautions.join(' '), record.id).toContain('label');
		expect(record.recoat, record.id).toBeGreaterThanOrEqual(record.touchDry);
		if (record.protect === 'must') expect(record.porous, record.id).toBe(true);
	}
	expect(new Set(CATALOGUE.map(({ id }) => id)).size).toBe(CATALOGUE.length);
	expect(CATALOGUE.length).toBeGreaterThanOrEqual(50);
	expect(new Set(CATALOGUE.map(({ kind }) => kind))).toEqual(new Set(MATERIAL_KINDS));
});

it('lets a record of the project stand in for one of the catalogue', () => {
	const own = { ...CATALOGUE.find(({ id }) => id === 'clear-coat')!, recoat: 90 };
	expect(gatherMaterials([own]).get('clear-coat')!.recoat).toBe(90);
	expect(gatherMaterials([]).get('clear-coat')!.recoat).toBe(60);
});

it('refuses a record whose figures are none: beside each, what is out of bounds', () => {
	const paint = CATALOGUE.find(({ id }) => id === 'chalk-paint')!;
	const bad: [keyof typeof paint, unknown][] = [
		['sheen', 1.1],
		['coverage', 0],
		['film', -1],
		['touchDry', -1],
		['recoat', 100_001],
		['cureDays', 366],
		['tint', { hex: '#ffffff', opacity: 1.1 }],
		['tack', { from: -1, to: 3 }],
		['kind', 'soap']
	];
	for (const [key, value] of bad)
		expect(MaterialSchema.safeParse({ ...paint, [key]: value }).error?.issues[0]?.path[0], `${key} ${JSON.stringify(value)}`).toBe(key);
	expect(MaterialSchema.safeParse({ ...paint, sheen: 1, coverage: 100, recoat: 100_000 }).success).toBe(true);
});
