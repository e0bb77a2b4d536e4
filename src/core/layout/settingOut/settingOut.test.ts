import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { distanceToOutline, shapeBow, shapeEllipse, shapeRounded, shapeWave, type Outline, type Shaped } from '../../geometry';
import { boxOutline, type Part } from '../../piece';
import { boardsOf, contextWith, startSettingOf } from '../arrangements/testing';
import { ARRANGEMENTS, kindOfArrangement, type Arrangement, type LaidItem, type Motif } from '../index';
import { setOut, type SetOutWay } from './index';
import type { Place } from './types';

const [WIDTH, HEIGHT] = [600, 420];
const outlineOf = (shape: Shaped): Outline => {
	if (!shape.ok) throw new Error(shape.fault.code);
	return shape.outline;
};
const OUTLINES: Readonly<Record<string, Outline>> = {
	box: boxOutline(WIDTH, HEIGHT),
	oval: outlineOf(shapeEllipse(WIDTH, HEIGHT)),
	arch: outlineOf(shapeBow(WIDTH, HEIGHT, 'top', 90)),
	wave: outlineOf(shapeWave(WIDTH, HEIGHT, 'bottom', 24, 3)),
	rounded: outlineOf(shapeRounded(WIDTH, HEIGHT, 80))
};
const boardOf = (outline: Outline, width = WIDTH, height = HEIGHT): Part => boardsOf(width, height, [outline]).faces[0]!.whole;
const at = (places: readonly Place[], more: Partial<LaidItem> = {}): LaidItem[] =>
	places.map((centre, index) => ({ centre, index, motif: 'm', role: 'motif', byHand: false, ...more }) as LaidItem);

/** Slow, with pencil and dividers: every place that a way leads to. */
function walk(way: SetOutWay): Place[] {
	switch (way.way) {
		case 'ring': {
			let angle = (way.first * Math.PI) / 180;
			const on = () => ({ x: way.centre.x + way.radius * Math.sin(angle), y: way.centre.y - way.radius * Math.cos(angle) });
			const places = [on()];
			for (const step of way.steps.slice(0, way.items.length - 1)) {
				angle += 2 * Math.asin(step / (2 * way.radius));
				places.push(on());
			}
			return places;
		}
		case 'field':
			return [way, ...(way.aside ? [way.aside] : [])].flatMap(({ columns, rows }) => rows.flatMap((y) => columns.map((x) => ({ x, y }))));
		case 'row':
			return way.items.map((_, i) => {
				const along = (way.along === 'level' ? way.items[0]!.centre.x : way.items[0]!.centre.y) + i * way.step;
				return way.along === 'level' ? { x: along, y: way.at } : { x: way.at, y: along };
			});
		case 'rim':
			return way.items.map(({ centre }) => centre);
	}
}
const isNear = (a: Place, b: Place) => Math.hypot(a.x - b.x, a.y - b.y) < 0.2;
const isOnPart = ({ x, y }: Place) => x > -0.04 && y > -0.04 && x < WIDTH + 0.04 && y < HEIGHT + 0.04;

describe.each(Object.entries(OUTLINES))('on a board (%s)', (_name, outline) => {
	const flag: Motif = { id: 'flag', name: 'Flag', width: 40, height: 60, paths: [{ d: 'M0 0h40v20h-30v40h-10z', rule: 'nonzero' }] };
	const kinds = Object.entries(ARRANGEMENTS)
		.filter(([, { of }]) => of === 'motif')
		.map(([kind]) => kind as Arrangement['kind']);
	it.each(kinds)('%s: each place is found once, by its line or by itself, and what is said leads to it', (kind) => {
		const begun = ARRANGEMENTS[kind].start(startSettingOf(flag, ['board-1'], { shortest: HEIGHT })) as Arrangement;
		const { items } = kindOfArrangement(begun).createPlanner()(begun as never, contextWith([flag], boardsOf(WIDTH, HEIGHT, [outline])));
		const part = boardOf(outline);
		for (const role of new Set(items.map((item) => item.role))) {
			const own = items.filter((item) => item.role === role);
			const { ways, apart } = setOut(part, own);
			expect([...ways.flatMap((way) => way.items), ...apart].length).toBe(own.length);
			expect(new Set([...ways.flatMap((way) => way.items), ...apart]).size).toBe(own.length);
			for (const way of ways) {
				const led = walk(way);
				expect(way.items.filter(({ centre }) => isOnPart(centre) && !led.some((place) => isNear(place, centre)))).toEqual([]);
				if (way.way === 'field') expect(led.every(isOnPart)).toBe(true);
				if (way.way !== 'rim') continue;
				for (const { centre } of way.items) expect(distanceToOutline(outline, centre)).toBeCloseTo(way.inset, 1);
				way.steps.forEach((step, i) => {
					const [a, b] = [way.items[i]!.centre, way.items[(i + 1) % way.items.length]!.centre];
					expect(step).toBeCloseTo(Math.hypot(a.x - b.x, a.y - b.y), 6);
				});
			}
		}
	});
});

describe('a ring', () => {
	const round = boardOf(outlineOf(shapeEllipse(500, 500)), 500, 500);
	const ringOf = (count: number, radius: number, from = 0, leave: readonly number[] = []) =>
		Array.from({ length: count }, (_, i) => i)
			.filter((i) => !leave.includes(i))
			.map((i) => {
				const angle = from + (i * 2 * Math.PI) / count;
				return { x: 250 + radius * Math.sin(angle), y: 250 - radius * Math.cos(angle) };
			});

	it('of any count and radius: its pin, its radius, how far inside the rim, and the step straight across, not along the arc', () => {
		fc.assert(
			fc.property(
				fc.integer({ min: 5, max: 60 }),
				fc.double({ min: 60, max: 240, noNaN: true }),
				fc.double({ min: 0, max: 6, noNaN: true }),
				(count, radius, from) => {
					const [way] = setOut(round, at(ringOf(count, radius, from))).ways;
					if (way?.way !== 'ring') throw new Error(`${way?.way}`);
					expect([way.centre.x, way.centre.y, way.radius, way.inset]).toEqual(
						[250, 250, radius, 250 - radius].map((mm) => expect.closeTo(mm, 3) as number)
					);
					for (const step of way.steps) expect(step).toBeCloseTo(2 * radius * Math.sin(Math.PI / count), 3);
					expect([way.steps.length, way.isClosed]).toEqual([count, true]);
				}
			)
		);
	});
	it('26 places of radius 132: 5 mm would be lost if the arc were stepped', () => {
		const [way] = setOut(round, at(ringOf(26, 132))).ways as [Extract<SetOutWay, { way: 'ring' }>];
		expect(way.steps[0]).toBeCloseTo(31.822, 3);
		expect(26 * ((2 * Math.PI * 132) / 26 - way.steps[0]!)).toBeCloseTo(2.016, 2);
	});
	it('with one left free: one step is longer, and the first stays straight above', () => {
		const [way] = setOut(round, at(ringOf(12, 200, 0, [4]))).ways as [Extract<SetOutWay, { way: 'ring' }>];
		expect(way.first).toBe(0);
		expect(way.steps.map((step) => step > 110)).toEqual(Array.from({ length: 11 }, (_, i) => i === 3));
	});
	it('that lacks a third of its round is open, however even the rest', () => {
		const [way] = setOut(round, at(ringOf(24, 200).slice(0, 16))).ways as [Extract<SetOutWay, { way: 'ring' }>];
		expect([way.isClosed, way.steps.length]).toEqual([false, 15]);
		const few = setOut(round, at(ringOf(24, 200, 0, [5, 6]))).ways as [Extract<SetOutWay, { way: 'ring' }>];
		expect(few[0].isClosed).toBe(true);
	});
	it('that is open begins behind its gap', () => {
		const [way] = setOut(round, at(ringOf(12, 200).slice(8, 12).concat(ringOf(12, 200).slice(0, 1)))).ways as [
			Extract<SetOutWay, { way: 'ring' }>
		];
		expect([way.isClosed, Math.round(way.first), way.steps.length]).toEqual([false, 240, 4]);
	});
	it('is not made of the four corners of a box, nor of a straight row', () => {
		const box = boardOf(boxOutline(500, 500), 500, 500);
		const corners = at([
			{ x: 50, y: 50 },
			{ x: 450, y: 50 },
			{ x: 450, y: 450 },
			{ x: 50, y: 450 }
		]);
		expect(setOut(box, corners).ways.map(({ way }) => way)).toEqual(['field']);
		expect(setOut(round, at([100, 200, 300].map((x) => ({ x, y: 250 })))).ways.map(({ way }) => way)).toEqual(['row']);
	});
});

describe('rows and fields', () => {
	const box = boardOf(boxOutline(WIDTH, HEIGHT));
	const grid = (columns: number, rows: number, aside = 0): Place[] =>
		Array.from({ length: columns * rows }, (_, i) => ({
			x: 40 + (i % columns) * 60 + (Math.floor(i / columns) % 2) * aside,
			y: 30 + Math.floor(i / columns) * 50
		}));
	it.each<[string, Place[], string[]]>([
		['in line', grid(6, 4), ['field']],
		['every second row aside', grid(6, 4, 30), ['field']],
		['a third of a step aside: row by row', grid(6, 4, 20), ['row', 'row', 'row', 'row']],
		['along the edges alone', grid(6, 5).filter(({ x, y }) => x === 40 || x === 340 || y === 30 || y === 230), ['row', 'row']],
		['two', grid(2, 1), []]
	])('%s', (_name, places, ways) => {
		expect(setOut(box, at(places)).ways.map(({ way }) => way)).toEqual(ways);
	});
	it('half a step aside: both kinds of rows with their columns, within the part', () => {
		const [way] = setOut(box, at(grid(9, 4, 30))).ways as [Extract<SetOutWay, { way: 'field' }>];
		expect([way.rows, way.aside!.rows]).toEqual([
			[30, 130],
			[80, 180]
		]);
		expect([way.columns, way.aside!.columns]).toEqual([grid(9, 1).map(({ x }) => x), grid(9, 1).map(({ x }) => x + 30)]);
		expect([way.across, way.down]).toEqual([60, 100]);
	});
	it('what was put by hand is found by itself; the others keep their line', () => {
		const items = at(grid(6, 1)).map((item, i) => (i === 5 ? { ...item, byHand: true, centre: { x: 360, y: 90 } } : item));
		const { ways, apart } = setOut(box, items);
		expect([ways.map(({ items: own }) => own.length), apart]).toEqual([[5], [items[5]]]);
	});
});

it('a row laid from the right is told from the left, one laid upwards from the top', () => {
	const board = boardOf(OUTLINES['box']!);
	const xs = [500, 380, 260, 140];
	const [level] = setOut(board, at(xs.map((x) => ({ x, y: 90 })))).ways as [Extract<SetOutWay, { way: 'row' }>];
	expect([level.along, level.at, level.step, level.items.map(({ centre }) => centre.x)]).toEqual(['level', 90, 120, [...xs].reverse()]);
	const [upright] = setOut(board, at([350, 210, 70].map((y) => ({ x: 44, y })))).ways as [Extract<SetOutWay, { way: 'row' }>];
	expect([upright.along, upright.at, upright.step, upright.items.map(({ centre }) => centre.y)]).toEqual([
		'upright',
		44,
		140,
		[70, 210, 350]
	]);
});
