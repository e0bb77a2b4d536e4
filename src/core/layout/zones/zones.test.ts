import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { newProject } from '../../project';
import { areaOfOutline } from '../../geometry';
import { measurePiece } from '../../piece';
import { FieldSchema } from './fieldSchema';
import {
	areasOfColours,
	depthOnPart,
	handlesOf,
	joinsOf,
	layZone,
	leastRegion,
	lengthsOfJoins,
	moveStop,
	PATTERNS,
	patternOf,
	regionOf,
	sharesAtDepth,
	stopsFor,
	type Field,
	type LaidField,
	type Region,
	type Zone
} from '../index';

const zone = (field: Partial<Extract<Field, { pattern: 'edge-shade' }>> | Field, more: Partial<Zone> = {}): Zone => ({
	id: 'z',
	name: 'Glow',
	parts: 'drawers',
	over: 'each',
	colours: ['a', 'b', 'c'],
	leaves: false,
	softness: 0.8,
	...more,
	field: { pattern: 'edge-shade', border: 30, corners: 'square', ...field } as Field
});
const box = (width: number, height: number): Region => ({
	width,
	height,
	outline: null,
	deepest: Math.min(width, height) / 2,
	salt: 0,
	holes: [],
	hollows: [],
	touched: []
});
const alone = (region: Region): LaidField => ({ region, x: 0, y: 0, flat: null, own: region });
const shapes = ['arched-panel', 'round-table', 'free-board', 'headboard'].map((shape) =>
	regionOf(measurePiece(newProject({ name: '', units: 'mm', count: null, shape }).piece, 'mm').faces[0]!.whole)
);
const PATTERN_IDS = Object.keys(PATTERNS) as (keyof typeof PATTERNS)[];
const startOf = (id: (typeof PATTERN_IDS)[number], region: Region) => PATTERNS[id].start(region, Math.round) as Field;

it('gives the frame of a crisp square border to the edge colour, to the square millimetre', () => {
	const [edge, centre] = areasOfColours(zone({}, { colours: ['a', 'b'], softness: 0 }), alone(box(800, 160)));
	expect(edge).toBeCloseTo(800 * 160 - 740 * 100, 6);
	expect(centre).toBeCloseTo(740 * 100, 6);
});

it('keeps the middle colour and the centre where the border is wide', () => {
	expect(joinsOf(zone({ border: 60 }), box(800, 160)).map((join) => join.at)).toEqual([60, 70]);
	const seven = zone({ border: 10 }, { colours: [...'abcdefg'] });
	expect(joinsOf(seven, box(800, 160)).map((join) => join.at)).toEqual([10, 17, 24, 31, 38, 45]);
});

it.each<Field>([
	{ pattern: 'clouds', size: 40, seed: 2, stops: null },
	{ pattern: 'cloth', weave: 'linen', thread: 2, seed: 1, stops: null },
	{ pattern: 'cloth', weave: 'denim', thread: 2, seed: 1, stops: null }
])('even stops give even shares, about: $pattern $weave', (field) => {
	const areas = areasOfColours(zone(field, { softness: 0 }), alone(box(300, 400)));
	for (const area of areas) {
		expect(area / 120_000).toBeGreaterThan(0.24);
		expect(area / 120_000).toBeLessThan(0.46);
	}
});

describe.each(PATTERN_IDS)('%s', (id) => {
	const regions = [box(800, 160), box(90, 400), ...shapes];

	it('begins so that it can be kept, on the smallest part and on the largest', () => {
		for (const size of [6, 90, 100_000]) {
			const field = startOf(id, box(size, size));
			expect(FieldSchema.safeParse(field).error).toBeUndefined();
			if ('size' in field) expect(field.size).toBeLessThanOrEqual(Math.max(5, size / 2));
		}
	});

	it('has a field within its reach, continuous, with its joins in order inside it', () => {
		for (const region of regions)
			for (const colours of [2, 3, 7]) {
				const field = startOf(id, region);
				const pattern = patternOf(field);
				const reach = pattern.reach(field, region);
				const joins = joinsOf(zone(field, { colours: [...'abcdefg'].slice(0, colours) }), region);
				expect(joins).toHaveLength(colours - 1);
				joins.forEach(({ at, half }, i) => {
					expect(at).toBeLessThanOrEqual(reach + 1e-9);
					expect(at - half).toBeGreaterThanOrEqual((joins[i - 1] ? joins[i - 1]!.at + joins[i - 1]!.half : 0) - 1e-9);
				});
				for (let i = 0; i < 60; i++) {
					const [x, y] = [(region.width * ((i * 37) % 61)) / 61, (region.height * ((i * 23) % 61)) / 61];
					const here = pattern.depthAt(field, x, y, region);
					expect(here).toBeGreaterThanOrEqual(0);
					expect(here).toBeLessThanOrEqual(reach + 1e-6);
					/** No jump: over a thousandth of a mm the field moves by no more than a steep drip would. */
					expect(Math.abs(pattern.depthAt(field, x + 0.001, y, region) - here)).toBeLessThan(0.2);
					expect(Math.abs(pattern.depthAt(field, x, y + 0.001, region) - here)).toBeLessThan(0.2);
				}
			}
	});

	it('is exact at its stops, and its areas add up to the part, whatever the outline', () => {
		for (const region of regions) {
			const z = zone(startOf(id, region));
			const joins = joinsOf(z, region);
			for (const [i, { at, half }] of joins.entries()) {
				if (half <= 1e-6) continue;
				expect(sharesAtDepth(joins, at)[i]).toBeCloseTo(0.5, 9);
				expect(sharesAtDepth(joins, at - half)[i]).toBeCloseTo(1, 9);
				expect(sharesAtDepth(joins, at + half)[i + 1]).toBeCloseTo(1, 9);
			}
			const whole = region.outline === null ? region.width * region.height : areaOfOutline(region.outline);
			const areas = areasOfColours(z, alone(region));
			expect(areas.reduce((a, b) => a + b, 0)).toBeCloseTo(whole, 3);
			expect(Math.min(...areas)).toBeGreaterThanOrEqual(0);
			for (const length of lengthsOfJoins(z, alone(region))) expect(Number.isFinite(length) && length >= 0).toBe(true);
		}
	});
});

it('keeps its areas and stops for any figures of an edge shade', () => {
	const spec = fc.record({
		border: fc.integer({ min: 1, max: 200 }),
		corners: fc.constantFrom('square' as const, 'round' as const)
	});
	fc.assert(
		fc.property(
			spec,
			fc.double({ min: 0.05, max: 1, noNaN: true }),
			fc.integer({ min: 60, max: 900 }),
			fc.integer({ min: 60, max: 400 }),
			(field, softness, width, height) => {
				const z = zone(field, { softness });
				expect(areasOfColours(z, alone(box(width, height))).reduce((a, b) => a + b, 0)).toBeCloseTo(width * height, 4);
			}
		),
		{ numRuns: 40 }
	);
});

describe('bands over the whole piece', () => {
	const { piece } = newProject({ name: '', units: 'mm', count: 3, shape: 'chest' });
	const faces = piece.faces.map((face) =>
		face.kind === 'front' ? { ...face, width: '800', height: '900' } : face.kind === 'left' ? { ...face, width: '400' } : face
	);
	const measured = measurePiece({ ...piece, faces }, 'mm');
	const climbing = (over: Zone['over']) =>
		zone({ pattern: 'bands', from: 'bottom', stops: null }, { over, parts: ['drawer-1', 'drawer-3', 'left', 'top'] });

	it('meet at one height across gaps, on the sides and on the top', () => {
		const laid = layZone(climbing('piece'), measured);
		expect(laid.map(({ part }) => part.id).sort()).toEqual(['drawer-1', 'drawer-3', 'left', 'top'].sort());
		for (const { part, face, laid: at } of laid) {
			if (face.lies === 'level') {
				expect(depthOnPart(climbing('piece').field, at, 10, 10)).toBeCloseTo(900, 9);
				expect(depthOnPart(climbing('piece').field, at, 10, 200)).toBeCloseTo(900, 9);
			} else expect(depthOnPart(climbing('piece').field, at, 10, 5)).toBeCloseTo(face.height - part.y - 5, 9);
		}
		/** By itself every drawer has all the bands. */
		for (const { laid: at, part } of layZone(climbing('each'), measured)) expect(at.region.height).toBe(part.height);
	});

	it('the shares of two drawers are those of their heights', () => {
		const z = { ...climbing('piece'), softness: 0 };
		for (const { part, laid } of layZone(z, measured).filter(({ part }) => part.role === 'drawer')) {
			const bottom = 900 - part.y - part.height;
			const shares = areasOfColours(z, laid).map((area) => area / (part.width * part.height));
			const within = (from: number, to: number) => Math.max(0, Math.min(to, bottom + part.height) - Math.max(from, bottom)) / part.height;
			[within(0, 300), within(300, 600), within(600, 900)].forEach((share, i) => expect(shares[i]).toBeCloseTo(share, 1));
		}
	});
});

it('the length of a level line is that of the line', () => {
	const z = zone({ pattern: 'bands', from: 'bottom', stops: [0.31] }, { colours: ['a', 'b'] });
	expect(lengthsOfJoins(z, alone(box(800, 160)))[0]).toBeCloseTo(800, 6);
	const round = shapes[1]!;
	const [length] = lengthsOfJoins(zone({ pattern: 'rings', widths: [100] }, { colours: ['a', 'b'] }), alone(round));
	expect(length! / (2 * Math.PI * (round.width / 2 - 100))).toBeCloseTo(1, 2);
});

it('a seed gives the same clouds again, another seed others; what is left bare takes no paint', () => {
	const clouds = (seed: number) => zone({ pattern: 'clouds', size: 60, seed, stops: null });
	const at = (seed: number) => Array.from({ length: 50 }, (_, i) => depthOnPart(clouds(seed).field, alone(box(800, 400)), i * 15, i * 7));
	expect(at(3)).toEqual(at(3));
	expect(at(3)).not.toEqual(at(4));
	const aged = zone({ pattern: 'ageing', reach: 30, hands: false, motifs: false, seed: 1 }, { colours: ['a'], leaves: true });
	const [dark, bare] = areasOfColours(aged, alone(box(800, 160)));
	expect(bare).toBeGreaterThan(dark!);
});

it('runs from both sides meet without a step, however far their drips reach', () => {
	const field: Field = { pattern: 'runs', from: 'both', length: 60, drip: 150, seed: 3 };
	const region = box(300, 160);
	for (let x = 0; x < 300; x += 7)
		for (let y = 70; y < 90; y += 0.5)
			expect(
				Math.abs(patternOf(field).depthAt(field, x, y + 0.001, region) - patternOf(field).depthAt(field, x, y, region))
			).toBeLessThanOrEqual(0.001 + 1e-9);
});

it('lies on no face that nobody has measured, and on nothing where its last part is gone', () => {
	const { piece } = newProject({ name: '', units: 'mm', count: 3, shape: 'chest' });
	const measured = measurePiece(piece, 'mm');
	expect(layZone(zone({}, { parts: ['front', 'left', 'top'] }), measured).map(({ part }) => part.id)).toEqual(['front']);
	expect(leastRegion(layZone(zone({}, { parts: 'doors' }), measured))).toBeNull();
	expect(leastRegion(layZone(zone({}, { parts: ['drawer-1', 'front'] }), measured))!.deepest).toBeLessThan(
		regionOf(measured.faces[0]!.whole).deepest
	);
});

it('stops are even until they are set, and keep their order when one passes another', () => {
	expect(stopsFor(null, 4)).toEqual([0.25, 0.5, 0.75]);
	expect(stopsFor([0.3], 4)).toEqual([0.25, 0.5, 0.75]);
	expect(stopsFor([0.1, 0.2, 0.9], 4)).toEqual([0.1, 0.2, 0.9]);
	expect(moveStop([0.25, 0.5, 0.75], 0, 0.6)).toEqual([0.6, 0.6, 0.75]);
	expect(moveStop([0.25, 0.5, 0.75], 2, 0.1)).toEqual([0.1, 0.1, 0.1]);
});

describe('handles', () => {
	const hollow = { hollows: [{ ring: [20, 20, 780, 20, 780, 140, 20, 140], low: 'inside' as const }] };

	it.each(PATTERN_IDS)('of %s stand on what they set, stay where they are put, and change nothing else', (id) => {
		const region = { ...box(800, 160), ...hollow };
		const z = zone(startOf(id, region));
		const handles = handlesOf(z, alone(region));
		for (const handle of handles) {
			if (handle.measures === 'length') {
				/** At most by rounding to whole mm. */
				const same = handlesOf(handle.moveTo(handle.x, handle.y), alone(region)).find((other) => other.id === handle.id)!;
				expect(Math.hypot(same.x - handle.x, same.y - handle.y)).toBeLessThanOrEqual(1.01);
				const [dx, dy] = handle.along === 'down' ? [0, 5] : [5, 0];
				const moved = handlesOf(handle.moveTo(handle.x + dx, handle.y + dy), alone(region)).find((other) => other.id === handle.id)!;
				expect(Math.hypot(moved.x - handle.x - dx, moved.y - handle.y - dy)).toBeLessThanOrEqual(1.01);
			}
			const { field, softness, ...rest } = handle.moveTo(handle.x + 3, handle.y + 3);
			expect(rest).toEqual({ ...z, field: undefined, softness: undefined });
			expect([field.pattern, softness >= 0 && softness <= 1]).toEqual([id, true]);
		}
		expect(handles.length).toBeGreaterThanOrEqual(id === 'cloth' ? 0 : 1);
	});

	it('soften as far as they are drawn from their join, and turn bands to the nearest side', () => {
		const region = box(800, 160);
		const z = zone({ border: 40 }, { colours: ['a', 'b'], softness: 0.5 });
		const soft = handlesOf(z, alone(region)).find(({ id }) => id === 'softness')!;
		expect(soft.y).toBeCloseTo(60, 6);
		expect(soft.moveTo(soft.x, 40).softness).toBe(0);
		expect(soft.moveTo(soft.x, 80).softness).toBe(1);
		const turned = (x: number, y: number) =>
			handlesOf(zone({ pattern: 'bands', from: 'bottom', stops: null }), alone(region))
				.find(({ id }) => id === 'from')!
				.moveTo(x, y).field;
		expect([turned(5, 80), turned(790, 80), turned(400, 3), turned(400, 158)]).toMatchObject(
			['left', 'right', 'top', 'bottom'].map((from) => ({ from }))
		);
	});

	it('of bands over the whole piece stand at their height on each face, and set all of it', () => {
		const { piece } = newProject({ name: '', units: 'mm', count: 3, shape: 'chest' });
		const measured = measurePiece(
			{ ...piece, faces: piece.faces.map((face, i) => (i === 0 ? { ...face, width: '800', height: '900' } : face)) },
			'mm'
		);
		const z = zone({ pattern: 'bands', from: 'bottom', stops: [0.5] }, { over: 'piece', colours: ['a', 'b'], parts: ['drawer-1'] });
		const [{ laid, part }] = layZone(z, measured) as [ReturnType<typeof layZone>[0]];
		const join = handlesOf(z, laid).find(({ id }) => id === 'join-0')!;
		expect(part.y + join.y).toBeCloseTo(450, 6);
		expect(join.moveTo(join.x, 675 - part.y).field).toMatchObject({ stops: [expect.closeTo(0.25, 6)] });
	});
});

describe('recess colour', () => {
	it('lies along the foot of each step, and nowhere on a plain part', () => {
		const field: Field = { pattern: 'recess', width: 6 };
		const stepped = { ...box(200, 100), hollows: [{ ring: [20, 20, 180, 20, 180, 80, 20, 80], low: 'inside' as const }] };
		expect(depthOnPart(field, alone(stepped), 100, 23)).toBeCloseTo(3, 9);
		/** Wiped off the high side: five times as fast. */
		expect(depthOnPart(field, alone(stepped), 17, 16)).toBeCloseTo(24, 9);
		expect(depthOnPart(field, alone(stepped), 100, 19)).toBeCloseTo(5, 9);
		const one = zone(field, { colours: ['a'], leaves: true, softness: 0 });
		const [inHollow] = areasOfColours(one, alone(stepped)) as [number];
		expect(inHollow / (7.2 * (2 * 160 + 2 * 60))).toBeCloseTo(1, 0);
		expect(areasOfColours(one, alone(box(200, 100)))[0]).toBe(0);
	});

	it('finds the panels of a measured piece', () => {
		const measured = measurePiece(newProject({ name: '', units: 'mm', count: null, shape: 'cabinet' }).piece, 'mm');
		const panels = measured.faces[0]!.parts.filter(({ setOff }) => setOff !== 0);
		const laid = layZone(zone({ pattern: 'recess', width: 6 }, { parts: [measured.faces[0]!.id] }), measured)[0]!;
		expect(laid.laid.region.hollows).toHaveLength(panels.length);
	});
});

it('ages round knobs and motifs where it is asked to, and not else', () => {
	const { piece } = newProject({ name: '', units: 'mm', count: 3, shape: 'chest' });
	const faces = piece.faces.map((face, i) => (i === 0 ? { ...face, width: '800', height: '900' } : face));
	const measured = measurePiece({ ...piece, faces }, 'mm');
	const drawer = measured.faces[0]!.parts.find(({ hardware }) => hardware.length > 0)!;
	const { x, y } = drawer.hardware[0]!.centre;
	const motif = { part: drawer.id, left: 300, top: 40, width: 80, height: 80, scale: 1 };
	const depth = (hands: boolean, motifs: boolean, at: [number, number]) => {
		const z = zone({ pattern: 'ageing', reach: 20, hands, motifs, seed: 1 }, { parts: [drawer.id] });
		return depthOnPart(z.field, layZone(z, measured, [motif])[0]!.laid, ...at);
	};
	expect(depth(true, false, [x, y])).toBeLessThan(depth(false, false, [x, y]) - 10);
	expect(depth(false, true, [340, 80])).toBeLessThan(depth(false, false, [340, 80]) - 10);
	expect(depth(true, false, [340, 80])).toBe(depth(false, false, [340, 80]));
});

it('touches are the same whatever was asked in between, and others for another seed', () => {
	const region = box(800, 600);
	const depths = (seed: number) =>
		Array.from({ length: 400 }, (_, i) => {
			const field: Field = { pattern: 'touches', size: 20, apart: 25, seed };
			return patternOf(field).depthAt(field, (i % 20) * 40, Math.floor(i / 20) * 30, region);
		});
	const first = depths(1);
	const others = Array.from({ length: 12 }, (_, i) => depths(i + 2));
	expect(depths(1)).toEqual(first);
	expect(others.map((other) => other.filter((depth, i) => depth === first[i] && depth < 32).length)).toEqual(others.map(() => 0));
	expect(Math.min(...first)).toBeLessThan(4);
});

it('what runs over the whole piece goes on behind the gaps, as bands do', () => {
	const { piece: begun } = newProject({ name: '', units: 'mm', count: 2, shape: 'chest' });
	const readings: Record<string, number> = { rail: 20, gap: 4, drawer: 200, plinth: 68 };
	const faces = begun.faces.map((face, i) =>
		i === 0
			? { ...face, width: '600', height: '500', floor: '0', chain: face.chain.map((link) => ({ ...link, reading: readings[link.role]! })) }
			: face
	);
	const piece = measurePiece({ ...begun, faces }, 'mm');
	const field = { pattern: 'runs' as const, from: 'top' as const, length: 150, drip: 260, seed: 4 };
	const laid = layZone({ parts: 'drawers', over: 'piece', field }, piece);
	const [upper, lower] = laid as [(typeof laid)[0], (typeof laid)[0]];
	const gap = lower.part.y - upper.part.y - upper.part.height;
	expect(gap).toBeCloseTo(4, 6);
	for (let x = 5; x < upper.part.width; x += 7) {
		const [above, below] = [depthOnPart(field, upper.laid, x, upper.part.height), depthOnPart(field, lower.laid, x, 0)];
		/** Straight down it grows a mm for each mm, but for what is not reached yet. */
		expect(Math.abs(below - above)).toBeLessThanOrEqual(gap + 1e-6);
	}
});
