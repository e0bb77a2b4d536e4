import { describe, expect, it } from 'vitest';
import { coverRings, flattenOutline, shapeBow, shapeEllipse, shapeWave, type Outline, type Ring, type Shaped } from '../../geometry';
import { ARRANGEMENTS, ArrangementSchema, kindOfArrangement, type Arrangement, type LaidItem, type Motif } from '../index';
import { boardsOf, contextWith, startSettingOf } from './testing';

/** No two ways round alike: what is mirrored or turned the wrong way is seen. */
const flag: Motif = {
	id: 'flag',
	name: 'Flag',
	width: 40,
	height: 60,
	paths: [{ d: 'M0 0h40v20h-30v40h-10z', rule: 'nonzero' }]
};
const outlineOf = (shape: Shaped): Outline => {
	if (!shape.ok) throw new Error(shape.fault.code);
	return shape.outline;
};
const [WIDTH, HEIGHT] = [600, 420];
const SHAPES: readonly [string, Outline][] = [
	['oval', outlineOf(shapeEllipse(WIDTH, HEIGHT))],
	['arch', outlineOf(shapeBow(WIDTH, HEIGHT, 'top', 90))],
	['wave', outlineOf(shapeWave(WIDTH, HEIGHT, 'bottom', 24, 3))]
];
const KNOB = {
	kind: 'knob' as const,
	centre: { x: 300, y: 210 },
	holes: [],
	footprint: { x: 285, y: 195, width: 30, height: 30 },
	room: 'clear' as const,
	round: true
};

const context = (outline: Outline) => contextWith([flag], boardsOf(WIDTH, HEIGHT, [outline], [KNOB]));
function begin(kind: Arrangement['kind']): Arrangement {
	const motif = ARRANGEMENTS[kind].of === 'motif' ? flag : null;
	const begun = ARRANGEMENTS[kind].start(startSettingOf(motif, ['board-1'], { shortest: HEIGHT })) as Arrangement;
	/** A scheme is begun without a middle. */
	return kind === 'scheme' ? ({ ...begun, centre: 'flag', scale: { least: 0.3, wish: 0.5, most: 0.8 } } as Arrangement) : begun;
}
const lay = (arrangement: Arrangement, outline: Outline) =>
	kindOfArrangement(arrangement).createPlanner()(arrangement as never, context(outline));

/** Pixels for a mm. */
const FINE = 1;
const maskOf = (rings: readonly Ring[]) => coverRings(rings, WIDTH * FINE, HEIGHT * FINE, FINE).data;
const sum = (data: ArrayLike<number>, of: (value: number, i: number) => number) => {
	let total = 0;
	for (let i = 0; i < data.length; i++) total += of(data[i]!, i);
	return total / 255 / FINE ** 2;
};

/** The corners of the flag where an item says that it lies: about its centre, mirrored first, then turned clockwise. */
function cornersOf({ centre, scale, turn, mirrored }: LaidItem): [number, number][] {
	const [cos, sin] = [Math.cos((turn * Math.PI) / 180), Math.sin((turn * Math.PI) / 180)];
	return [0, 0, 40, 0, 40, 20, 10, 20, 10, 60, 0, 60].flatMap((value, i, all): [number, number][] => {
		if (i % 2 === 1) return [];
		const [x, y] = [(mirrored ? 20 - value : value - 20) * scale, (all[i + 1]! - 30) * scale];
		return [[centre.x + x * cos - y * sin, centre.y + x * sin + y * cos]];
	});
}

/** What is wrong with the figures of an item, in words; nothing where all is right. */
function wrongIn(item: LaidItem, outside: Uint8Array): string[] {
	const { left, top, right, bottom, width, height, rings } = item;
	const wrong: string[] = [];
	const check = (what: string, isRight: boolean) => void (isRight || wrong.push(`${item.key}: ${what}`));
	const isAt = (a: number, b: number) => Math.abs(a - b) < 0.02;
	check('right and bottom from its frame', isAt(left + width + right, WIDTH) && isAt(top + height + bottom, HEIGHT));
	const mask = maskOf(rings);
	const area = sum(mask, (value) => value);
	check(`${item.openArea.toFixed(1)} mm2, ${area.toFixed(1)} by pixels`, Math.abs(item.openArea - area) < 0.01 * area + 3);
	check('within its part', sum(mask, (value, i) => Math.max(0, value + outside[i]! - 255)) <= 0.01 * area + 0.02 * item.edge);
	const [xs, ys] = [
		rings.flatMap((ring) => ring.filter((_, i) => i % 2 === 0)),
		rings.flatMap((ring) => ring.filter((_, i) => i % 2 === 1))
	];
	const box = [Math.min(...xs), Math.min(...ys), WIDTH - Math.max(...xs), HEIGHT - Math.max(...ys)];
	if (item.motif === null)
		check(
			'a frame round its points',
			[left, top, right, bottom].every((figure, i) => isAt(figure, box[i]!))
		);
	if (item.motif === null || item.cutBy.length > 0 || item.half !== 'none') return wrong;
	check('its centre is that of its frame', isAt(item.centre.x, left + width / 2) && isAt(item.centre.y, top + height / 2));
	const points = rings.flatMap((ring) => ring.flatMap((x, i): [number, number][] => (i % 2 === 0 ? [[x, ring[i + 1]!]] : [])));
	for (const [x, y] of cornersOf(item))
		check(
			`a corner at ${x.toFixed(1)}, ${y.toFixed(1)}`,
			points.some((point) => isAt(point[0], x) && isAt(point[1], y))
		);
	return wrong;
}

const placesOf = (items: readonly LaidItem[]) =>
	items.map(({ key, centre, scale, turn }) => [key, ...[centre.x, centre.y, scale, turn].map((figure) => Number(figure.toFixed(6)))]);

describe.each(Object.keys(ARRANGEMENTS) as Arrangement['kind'][])('%s', (kind) => {
	const begun = begin(kind);

	it.each(SHAPES)('its items lie on the board (%s) where their figures say', (_, outline) => {
		const { items } = lay(begun, outline);
		expect(items.length).toBeGreaterThan(0);
		const inside = maskOf([flattenOutline(outline, 0.01)]);
		const outside = inside.map((value) => 255 - value);
		/** Of many some of each role are enough. */
		const tried = items.filter((item, i) => items.slice(0, i).filter(({ role }) => role === item.role).length < 6);
		expect(tried.flatMap((item) => wrongIn(item, outside))).toEqual([]);
	});

	it('takes each of its ways, keeps it, and says so', () => {
		const { groups } = lay(begun, SHAPES[0]![1]);
		for (const { id, choices } of groups)
			for (const { pick } of choices.slice(0, 4)) {
				const taken = kindOfArrangement(begun).take(begun, id, pick as never);
				expect(ArrangementSchema.safeParse(taken).error).toBeUndefined();
				const group = lay(taken, SHAPES[0]![1]).groups.find((one) => one.id === id)!;
				expect(group.choices[group.taken]?.pick, `${id}: ${JSON.stringify(pick)}`).toEqual(pick);
			}
	});

	it('without one of its items has all the others where they were', () => {
		const { items } = lay(begun, SHAPES[0]![1]);
		const gone = items[Math.floor(items.length / 2)]!;
		const less = kindOfArrangement(begun).leaveOut(begun, gone);
		expect(placesOf(lay(less, SHAPES[0]![1]).items)).toEqual(placesOf(items.filter(({ key }) => key !== gone.key)));
	});

	it('has what a hand moved where it was put, and gives it back', () => {
		const { isPlaced, moveItem, release } = kindOfArrangement(begun);
		const { items } = lay(begun, SHAPES[0]![1]);
		const item = items[Math.floor(items.length / 2)]!;
		const moved = moveItem(begun, item, { x: item.centre.x + 7, y: item.centre.y + 4 });
		expect(ArrangementSchema.safeParse(moved).error).toBeUndefined();
		const there = lay(moved, SHAPES[0]![1]).items.find(({ key }) => key === item.key);
		if (isPlaced)
			expect(placesOf([there!])[0]!.slice(1, 3)).toEqual(
				placesOf([{ ...item, centre: { x: item.centre.x + 7, y: item.centre.y + 4 } } as LaidItem])[0]!.slice(1, 3)
			);
		if (release) expect(placesOf(lay(release(moved), SHAPES[0]![1]).items)).toEqual(placesOf(items));
	});
});
