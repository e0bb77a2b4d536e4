import { describe, expect, it } from 'vitest';
import { newProject } from '../../project';
import {
	coverRings,
	deepestPoint,
	flattenOutline,
	perimeterOfOutline,
	shapeBow,
	shapeEllipse,
	shapeWave,
	type Shaped
} from '../../geometry';
import { measurePiece } from '../../piece';
import {
	areasOfColours,
	depthOnPart,
	joinsOf,
	layZone,
	lengthsOfJoins,
	sharesAtDepth,
	type Field,
	type LaidField,
	type Region,
	type Zone
} from '../index';

const TURN = 2 * Math.PI;
const box = (width: number, height: number, more: Partial<Region> = {}): Region => ({
	width,
	height,
	outline: null,
	deepest: Math.min(width, height) / 2,
	salt: 3,
	holes: [],
	hollows: [],
	touched: [],
	...more
});
const shaped = (width: number, height: number, shape: Shaped): Region => {
	if (!shape.ok) throw new Error(shape.fault.code);
	return box(width, height, { outline: shape.outline, deepest: deepestPoint(shape.outline).depth });
};
const zone = (field: Field, more: Partial<Zone> = {}): Zone => ({
	id: 'z',
	name: 'Z',
	parts: ['p'],
	over: 'each',
	colours: ['a', 'b'],
	leaves: false,
	softness: 0,
	...more,
	field
});
const alone = (region: Region): LaidField => ({ region, x: 0, y: 0, flat: null, own: region });
const first = (field: Field, region: Region, more: Partial<Zone> = {}) => areasOfColours(zone(field, more), alone(region))[0]!;
const round = (width: number) => shaped(width, width, shapeEllipse(width, width));
/** Of a circle of radius r, the part less than h from its edge on one side. */
const cap = (r: number, h: number) => r * r * Math.acos((r - h) / r) - (r - h) * Math.sqrt(2 * r * h - h * h);
const RING: Field = { pattern: 'rings', widths: [5] };
const hollow = (low: 'inside' | 'outside') => ({ hollows: [{ ring: [50, 50, 350, 50, 350, 250, 50, 250], low }] });

describe('thin zones, where the area is known', () => {
	it.each<[string, Field, Region, number]>([
		['a ring of 5 mm on 1000 x 2000', RING, box(1000, 2000), 29_900],
		['a ring of 5 mm on a round top', RING, round(720), (Math.PI / 4) * (720 ** 2 - 710 ** 2)],
		[
			'an edge shade with round corners',
			{ pattern: 'edge-shade', border: 20, corners: 'round' },
			box(800, 160),
			800 * 160 - 760 * 120 + (4 - Math.PI) * 400
		],
		['a level streak of 4 mm', { pattern: 'streak', along: 'level', at: 0.37, width: 4 }, box(800, 1600), 3200],
		['a streak at the edge, half of it beyond', { pattern: 'streak', along: 'upright', at: 1, width: 6 }, box(800, 1600), 3 * 1600],
		[
			'a streak across a round top',
			{ pattern: 'streak', along: 'upright', at: 0.5, width: 4 },
			round(720),
			Math.PI * 360 ** 2 - 2 * cap(360, 358)
		],
		['a band of 3 mm at the left of a round top', { pattern: 'bands', from: 'left', stops: [3 / 720] }, round(720), cap(360, 3)],
		['a band of 3 mm at the bottom', { pattern: 'bands', from: 'bottom', stops: [0.003] }, box(500, 1000), 1500],
		[
			'recess colour in a panel',
			{ pattern: 'recess', width: 2 },
			box(400, 300, hollow('inside')),
			1000 * 2 - 16 + 1000 * 0.4 + Math.PI * 0.16
		],
		[
			'recess colour round a moulding',
			{ pattern: 'recess', width: 2 },
			box(400, 300, hollow('outside')),
			1000 * 2 + Math.PI * 4 + 1000 * 0.4 - 4 * 0.16
		],
		['runs of 4 mm without drips, from both sides', { pattern: 'runs', from: 'both', length: 4, drip: 0, seed: 1 }, box(700, 900), 5600]
	])('%s', (_, field, region, area) => expect(first(field, region) / area).toBeCloseTo(1, 3));

	it('soft ones as crisp: the half that a join lets through early makes good the half that it keeps', () => {
		for (const softness of [0.3, 1]) {
			const soft = areasOfColours(zone(RING, { softness }), alone(box(1000, 2000)));
			expect(soft[0]! / 29_900).toBeCloseTo(1, 2);
			expect(soft[0]! + soft[1]!).toBeCloseTo(2_000_000, 4);
			expect(first({ pattern: 'bands', from: 'left', stops: [0.01] }, box(400, 300), { softness })).toBeCloseTo(1200, 1);
		}
	});

	it('of a soft join far into a round top, as a sum over thin slices has it', () => {
		const region = round(720);
		const field: Field = { pattern: 'bands', from: 'left', stops: [0.5, 0.97] };
		for (const softness of [0.2, 1]) {
			const z = zone(field, { colours: ['a', 'b', 'c'], softness });
			const joins = joinsOf(z, region);
			const slow = [0, 0, 0];
			const slice = 0.01;
			for (let x = slice / 2; x < 720; x += slice)
				sharesAtDepth(joins, x).forEach((share, i) => (slow[i]! += share * slice * 2 * Math.sqrt(x * (720 - x))));
			areasOfColours(z, alone(region)).forEach((area, i) => expect(Math.abs(area / slow[i]! - 1)).toBeLessThan(1e-4));
		}
	});

	it('of several rings each has its own', () => {
		const areas = areasOfColours(zone({ pattern: 'rings', widths: [4, 2, 30] }, { colours: ['a', 'b', 'c', 'd'] }), alone(box(600, 400)));
		const within = [0, 4, 6, 36].map((d) => (600 - 2 * d) * (400 - 2 * d));
		areas.forEach((area, i) => expect(area).toBeCloseTo(within[i]! - (within[i + 1] ?? 0), 3));
	});
});

describe('joins', () => {
	it('turn round corners in arcs, and are mitred where they are square', () => {
		const length = (corners: 'round' | 'square', border: number) =>
			lengthsOfJoins(zone({ pattern: 'edge-shade', border, corners }), alone(box(300, 180)))[0]!;
		expect(length('square', 20)).toBeCloseTo(2 * (260 + 140), 6);
		expect(length('round', 20)).toBeCloseTo(2 * (220 + 100) + TURN * 20, 1);
	});

	it('follow an outline, end at the edge of a part and at an opening', () => {
		const arched = shaped(300, 400, shapeBow(300, 400, 'top', 80));
		const ring = (depth: number) => lengthsOfJoins(zone({ pattern: 'rings', widths: [depth] }), alone(arched))[0]!;
		expect(ring(0.01) / perimeterOfOutline(arched.outline!)).toBeCloseTo(1, 3);
		expect(ring(60)).toBeLessThan(ring(20));
		const streak = (holes: Region['holes']) =>
			lengthsOfJoins(zone({ pattern: 'streak', along: 'level', at: 0.5, width: 10 }), alone(box(600, 200, { holes })))[0]!;
		expect(streak([])).toBeCloseTo(1200, 6);
		expect(streak([{ x: 100, y: 50, width: 80, height: 100 }])).toBeCloseTo(1040, 6);
	});
});

it.each<[what: string, field: Field]>([
	['large touches', { pattern: 'touches', size: 60, apart: 90, seed: 1 }],
	['small touches', { pattern: 'touches', size: 14, apart: 30, seed: 2 }],
	['the smallest', { pattern: 'touches', size: 5, apart: 14, seed: 3 }],
	['ageing along edges', { pattern: 'ageing', reach: 25, hands: false, motifs: false, seed: 3 }],
	['fine ageing', { pattern: 'ageing', reach: 6, hands: false, motifs: false, seed: 5 }]
])('joins of %s are as long as the crossings of a ruled grid say', (_, field) => {
	const laid = alone(box(600, 700, { holes: [{ x: 200, y: 100, width: 150, height: 200 }] }));
	const z = zone(field);
	const { at } = joinsOf(z, laid.region)[0]!;
	const isLow = (x: number, y: number) => depthOnPart(z.field, laid, x, y) < at;
	const isHole = (x: number, y: number) => x > 200 && x < 350 && y > 100 && y < 300;
	const fine = field.pattern === 'touches' ? Math.min(1, field.size / 20) : 0.3;
	const [line, step, ways] = [5, fine, 8];
	/** Lines in eight directions: a curve crosses those of all 2 / (pi * spacing) times for each mm, whichever way it runs. */
	let crossings = 0;
	for (let way = 0; way < ways; way++) {
		const [cos, sin] = [Math.cos((Math.PI * (way + 0.3)) / ways), Math.sin((Math.PI * (way + 0.3)) / ways)];
		for (let off = -465 + line / 2; off < 465; off += line) {
			let before: boolean | null = null;
			for (let t = -465; t < 465; t += step) {
				const [x, y] = [300 + t * cos - off * sin, 350 + t * sin + off * cos];
				if (x < 0 || y < 0 || x > 600 || y > 700 || isHole(x, y)) {
					before = null;
					continue;
				}
				const now = isLow(x, y);
				if (before !== null && now !== before) crossings++;
				before = now;
			}
		}
	}
	const slow = (crossings * line * Math.PI) / 2 / ways;
	expect(lengthsOfJoins(z, laid)[0]! / slow).toBeGreaterThan(0.95);
	expect(lengthsOfJoins(z, laid)[0]! / slow).toBeLessThan(1.05);
});

/** Slow and obvious: every point of a fine grid. */
function sumOverGrid(z: Zone, laid: LaidField, pitch: number): number[] {
	const { width, height, outline } = laid.own;
	const joins = joinsOf(z, laid.region);
	const [columns, rows] = [Math.round(width / pitch), Math.round(height / pitch)];
	const mask = outline ? coverRings([flattenOutline(outline)], columns, rows, 1 / pitch).data : null;
	const sums = joins.map(() => 0).concat(0);
	for (let i = 0; i < columns * rows; i++) {
		const share = mask ? mask[i]! / 255 : 1;
		if (share === 0) continue;
		const depth = depthOnPart(z.field, laid, ((i % columns) + 0.5) * pitch, (Math.floor(i / columns) + 0.5) * pitch);
		sharesAtDepth(joins, depth).forEach((one, c) => (sums[c]! += one * share * pitch * pitch));
	}
	return sums;
}

describe('every pattern against a fine grid', () => {
	const regions: [string, Region][] = [
		['a box', box(70, 110)],
		['a round', round(90)],
		['an arch', shaped(80, 120, shapeBow(80, 120, 'top', 30))],
		['a wave', shaped(130, 60, shapeWave(130, 60, 'bottom', 10, 3))]
	];
	const fields: Field[] = [
		{ pattern: 'edge-shade', border: 8, corners: 'round' },
		{ pattern: 'edge-shade', border: 25, corners: 'round' },
		{ pattern: 'rings', widths: [3, 9] },
		{ pattern: 'streak', along: 'upright', at: 0.8, width: 4 },
		{ pattern: 'bands', from: 'right', stops: [0.21, 0.5] },
		{ pattern: 'runs', from: 'both', length: 3, drip: 40, seed: 2 },
		{ pattern: 'recess', width: 4 },
		{ pattern: 'ageing', reach: 6, hands: false, motifs: false, seed: 4 },
		{ pattern: 'touches', size: 5, apart: 25, seed: 1 },
		{ pattern: 'clouds', size: 12, seed: 1, stops: [0.2, 0.9] },
		{ pattern: 'cloth', weave: 'denim', thread: 2, seed: 1, stops: null }
	];

	it.each(regions)(
		'on %s',
		(name, bare) => {
			const { width, height } = bare;
			const ring = [0.2 * width, 0.25 * height, 0.8 * width, 0.25 * height, 0.6 * width, 0.7 * height];
			const at = regions.findIndex(([other]) => other === name);
			for (const [i, field] of fields.entries())
			/** Each field crisp on two of them, and soft on the others. */
			{
				const softness = (at + i) % 2 === 0 ? 0 : 0.8;
				const region = field.pattern === 'recess' ? { ...bare, hollows: [{ ring, low: 'inside' as const }] } : bare;
				const z = zone(field, { colours: ['a', 'b', 'c'], softness });
				const slow = sumOverGrid(z, alone(region), 0.25);
				areasOfColours(z, alone(region)).forEach((area, c) => {
					/** The grid itself is off by a few cells along a crisp line. */
					const off = Math.abs(area - slow[c]!) - 4;
					expect(off / slow[c]!, `${field.pattern}, softness ${softness}, colour ${c}: ${area} against ${slow[c]}`).toBeLessThan(0.01);
				});
			}
		},
		60_000
	);
});

it.each([
	[2, 0],
	[2, 0.8],
	[4, 0],
	[10, 0.8]
])('ageing of %d mm at softness %d along the edges of 1000 x 2000 is right to 1 %%', (reach, softness) => {
	const z = zone({ pattern: 'ageing', reach, hands: false, motifs: false, seed: 1 }, { softness });
	const laid = alone(box(1000, 2000));
	const joins = joinsOf(z, laid.region);
	const [pitch, border] = [0.25, 2 * reach];
	let slow = 0;
	for (let y = pitch / 2; y < 2000; y += pitch)
		for (let x = pitch / 2; x < 1000; x += pitch) {
			const isWithin = y > border && y < 2000 - border && x > border;
			if (isWithin && x < 1000 - border) x += Math.floor((1000 - border - x) / pitch) * pitch;
			slow += sharesAtDepth(joins, depthOnPart(z.field, laid, x, y))[0]! * pitch ** 2;
		}
	expect(areasOfColours(z, laid)[0]! / slow).toBeCloseTo(1, 2);
});

describe('openings and gaps', () => {
	it('take no colour, wherever they lie in the field', () => {
		const holes = [
			{ x: 0, y: 90, width: 400, height: 20 },
			{ x: 50, y: 20, width: 100, height: 50 }
		];
		const bands: Field = { pattern: 'bands', from: 'top', stops: [0.5] };
		expect(areasOfColours(zone(bands), alone(box(400, 200, { holes })))).toEqual([
			expect.closeTo(400 * 90 - 5000, 3),
			expect.closeTo(400 * 90, 3)
		]);
		const clouds: Field = { pattern: 'clouds', size: 30, seed: 1, stops: null };
		const sum = areasOfColours(zone(clouds), alone(box(400, 200, { holes }))).reduce((a, b) => a + b, 0);
		expect(sum).toBeCloseTo(400 * 180 - 5000, 3);
	});

	it('of a measured face with an opening: a zone over all of it covers what its surfaces are', () => {
		const { piece } = newProject({ name: '', units: 'mm', count: null, shape: 'bedside' });
		const measured = measurePiece(
			{ ...piece, faces: piece.faces.map((face, i) => (i === 0 ? { ...face, width: '500', height: '620' } : face)) },
			'mm'
		);
		const face = measured.faces[0]!;
		const open = face.parts.filter(({ role }) => role === 'open').reduce((sum, { width, height }) => sum + width * height, 0);
		const gaps = face.gaps.flatMap(({ boxes }) => boxes).reduce((sum, { width, height }) => sum + width * height, 0);
		expect(open).toBeGreaterThan(0);
		const [{ laid }] = layZone(zone(RING, { parts: [face.id] }), measured) as [ReturnType<typeof layZone>[0]];
		const all = areasOfColours(zone({ pattern: 'bands', from: 'top', stops: null }), laid);
		expect(all[0]! + all[1]!).toBeCloseTo(500 * 620 - open - gaps, 2);
	});
});
