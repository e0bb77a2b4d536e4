import { describe, expect, it } from 'vitest';
import { newProject } from '../../project';
import { figuresOnPart, measurePiece, STARTERS, type MeasuredPiece } from '../../piece';
import {
	ARRANGEMENTS,
	ArrangementSchema,
	kindOfArrangement,
	moveItemTo,
	nudgeItem,
	scaleSingle,
	turnSingle,
	scaleToBegin,
	type Arrangement,
	type Grid,
	type LaidItem,
	type Motif,
	type Single
} from '../index';
import { placeFromMiddle } from './spot';
import { startSettingOf, contextWith } from './testing';

/** A flag: a pole at its left and a square at the top right of it, so that turns and mirrors show. */
const flag: Motif = {
	id: 'flag',
	name: 'Flag',
	width: 40,
	height: 60,
	paths: [{ d: 'M0 0h10v60h-10z M10 0h30v20h-30z', rule: 'nonzero' }]
};
const AREA = 10 * 60 + 30 * 20;
const piece = (() => {
	const { piece: begun } = newProject({ name: '', units: 'mm', count: 2, shape: 'chest' });
	const readings: Record<string, number> = { rail: 20, gap: 4, drawer: 200, plinth: 68 };
	const faces = begun.faces.map((face, i) =>
		i === 0 ? { ...face, width: '600', height: '500', chain: face.chain.map((link) => ({ ...link, reading: readings[link.role]! })) } : face
	);
	return measurePiece({ ...begun, faces }, 'mm');
})();
const round = measurePiece(
	(({ piece: begun }) => ({ ...begun, faces: begun.faces.map((face, i) => (i === 0 ? { ...face, width: '300' } : face)) }))(
		newProject({ name: '', units: 'mm', count: null, shape: 'round-table' })
	),
	'mm'
);
const lay = (arrangement: Arrangement, on: MeasuredPiece = piece, motif = flag) =>
	kindOfArrangement(arrangement).createPlanner()(arrangement, contextWith([motif], on));
const single = (more: Partial<Single> = {}): Single => ({
	...ARRANGEMENTS.single.start(startSettingOf(flag, ['drawer-1'])),
	...more
});
const grid = (more: Partial<Grid> = {}): Grid => ({
	...ARRANGEMENTS.grid.start(startSettingOf(flag, ['drawer-1'])),
	scale: 0.5,
	gap: { across: 10, down: 10 },
	...more
});
const drawer = piece.faces[0]!.parts.find(({ id }) => id === 'drawer-1')!;
const boxOf = ({ rings }: LaidItem) => {
	const points = rings.flat();
	const [xs, ys] = [points.filter((_, i) => i % 2 === 0), points.filter((_, i) => i % 2 === 1)];
	return { left: Math.min(...xs), right: Math.max(...xs), top: Math.min(...ys), bottom: Math.max(...ys) };
};

it('counts places from the middle, so that they stay when neighbours come at both ends', () => {
	const places = (count: number) => Array.from({ length: count }, (_, i) => placeFromMiddle(i, count));
	expect(places(1)).toEqual([0]);
	expect(places(4)).toEqual([-2, -1, 1, 2]);
	expect(places(5)).toEqual([-2, -1, 0, 1, 2]);
	expect(places(7).slice(1, -1)).toEqual(places(5));
});

describe('a single motif', () => {
	it('stands on the centre of its part, so far off it as is said', () => {
		const [item] = lay(single({ offset: { x: 12, y: -7 } })).items as [LaidItem];
		expect(item.centre).toEqual({ x: drawer.width / 2 + 12, y: 93 });
		expect(item).toMatchObject({
			left: drawer.width / 2 + 12 - 20,
			top: 63,
			width: 40,
			height: 60,
			bottom: 77,
			openArea: AREA,
			lost: 0,
			cutBy: []
		});
		expect(item.right).toBeCloseTo(drawer.width - item.left - 40, 9);
	});

	it('turns clockwise about its centre, and is mirrored before it is turned', () => {
		const at = (more: Partial<Single>) => boxOf(lay(single(more)).items[0]!);
		const centre = drawer.width / 2;
		/** The pole reaches over the whole height at the left: after a quarter it lies along the top. */
		const turned = lay(single({ turn: 90 })).items[0]!;
		expect([turned.width, turned.height].map(Math.round)).toEqual([60, 40]);
		const pole = turned.rings.flat().filter((_, i) => i % 2 === 1);
		expect(Math.min(...pole)).toBeCloseTo(80, 6);
		/** The cloth of the flag hangs at the end that was the top: now the right. */
		const low = turned.rings.flatMap((ring) => ring.flatMap((y, i) => (i % 2 === 1 && y > 100 ? [ring[i - 1]!] : [])));
		expect(Math.min(...low)).toBeGreaterThan(centre);
		const mirrored = lay(single({ mirrored: true })).items[0]!;
		const belowCloth = mirrored.rings.flatMap((ring) => ring.flatMap((y, i) => (i % 2 === 1 && y > 125 ? [ring[i - 1]!] : [])));
		expect(Math.min(...belowCloth)).toBeCloseTo(centre + 10, 6);
		expect(at({ turn: 180, mirrored: true })).toEqual(at({}));
		for (const turn of [17, 90, 133]) expect(lay(single({ turn })).items[0]!.openArea).toBeCloseTo(AREA, 6);
	});

	it('stands on each knob, the same on every front at once, and says where there is none', () => {
		const plan = lay(single({ parts: 'drawers', at: 'hardware' }));
		const knobs = piece.faces[0]!.parts.flatMap((part) => part.hardware.map(({ centre }) => [part.id, centre.x, centre.y]));
		expect(plan.items.map(({ part, centre }) => [part, centre.x, centre.y])).toEqual(knobs);
		expect(new Set(plan.items.map(({ key }) => key)).size).toBe(knobs.length);
		expect(lay(single({ parts: ['front'], at: 'hardware' })).items.length).toBe(knobs.length);
		expect(lay(single({ at: 'hardware' }), round).hints).toEqual([]);
		expect(lay({ ...single({ at: 'hardware' }), parts: [round.faces[0]!.id] }, round).hints).toMatchObject([
			{ code: 'single.no-hardware' }
		]);
	});

	it('is cut by the true edge: a box by its side, a round by its outline; what is cut off is told', () => {
		const off = lay(single({ offset: { x: 0, y: 80 } })).items[0]!;
		/** 10 mm of the pole are below the edge. */
		expect(off).toMatchObject({ cutBy: ['bottom'], openArea: expect.closeTo(AREA - 100, 3), lost: expect.closeTo(100, 3) });
		const left = lay(single({ offset: { x: -drawer.width / 2, y: 0 } })).items[0]!;
		expect(left.cutBy).toEqual(['left']);
		expect(left.openArea).toBeCloseTo(AREA - 600 - 10 * 20, 3);
		const onRound = lay({ ...single({ offset: { x: 95, y: 95 } }), parts: [round.faces[0]!.id] }, round).items[0]!;
		expect(onRound.cutBy).toEqual(['outline']);
		for (const ring of onRound.rings)
			for (let i = 0; i < ring.length; i += 2) expect(Math.hypot(ring[i]! - 150, ring[i + 1]! - 150)).toBeLessThanOrEqual(150.01);
		expect(onRound.openArea).toBeLessThan(AREA);
	});

	it('over a whole face loses what falls into a gap', () => {
		const gap = piece.faces[0]!.gaps.flatMap(({ boxes }) => boxes).find(({ width, y }) => width > 300 && y > 200 && y < 300)!;
		const item = lay(single({ parts: ['front'], offset: { x: 0, y: gap.y + gap.height / 2 - 250 } })).items[0]!;
		expect(item.cutBy).toEqual(['opening']);
		expect(item.lost).toBeCloseTo(10 * gap.height, 3);
	});

	it('begins as large as suits the least of its parts', () => {
		expect(
			scaleToBegin(flag, [
				{ width: 500, height: 200 },
				{ width: 500, height: 120 }
			])
		).toBe(1);
		expect(scaleToBegin(flag, [])).toBe(1);
		/** What is wide by the width of a front, what is tall by its height. */
		const line = { width: 400, height: 40 };
		expect(scaleToBegin(line, [{ width: 800, height: 150 }])).toBe(1);
		expect(scaleToBegin(line, [{ width: 150, height: 800 }])).toBe(0.19);
		expect(scaleToBegin({ width: 40, height: 400 }, [{ width: 800, height: 150 }])).toBe(0.19);
	});

	it('moves on all its parts when one is dragged, and only the one that is left out goes', () => {
		const both = single({ parts: 'drawers' });
		const [first, second] = lay(both).items as [LaidItem, LaidItem];
		const moved = lay(ARRANGEMENTS.single.moveItem(both, first, { x: first.centre.x + 30, y: first.centre.y - 5 }));
		expect(moved.items.map(({ centre }) => centre.x - first.centre.x)).toEqual([30, 30]);
		expect(moved.items[1]!.centre.y - second.centre.y).toBeCloseTo(-5, 9);
		expect(lay(ARRANGEMENTS.single.leaveOut(both, second)).items.map(({ key }) => key)).toEqual([first.key]);
	});
});

describe('an item moved by figures and by keys', () => {
	const begun: Arrangement[] = [ARRANGEMENTS.run.start(startSettingOf(flag, ['drawer-1'])), single({ turn: 30 }), grid()];
	it.each(begun.map((one) => [one.kind, one] as const))('of a %s lies where its edge was typed, and keeps the other', (_, arrangement) => {
		const item = lay(arrangement).items[1] ?? lay(arrangement).items[0]!;
		const find = (of: Arrangement) => lay(of).items.find(({ key }) => key === item.key)!;
		/** Told from its left and its top; then as if from the right and the bottom, where a figure that grows moves it back. */
		const [across, down] = figuresOnPart(
			piece.faces[0]!.parts.find(({ id }) => id === item.part)!,
			item
		);
		const typed = find(moveItemTo(arrangement, item, across, 100));
		expect([typed.left, typed.top]).toEqual([expect.closeTo(100, 6), expect.closeTo(item.top, 6)]);
		const back = find(moveItemTo(arrangement, item, { ...across, from: 'right', mm: item.right, way: -1 }, item.right + 7));
		expect([back.right, back.top]).toEqual([expect.closeTo(item.right + 7, 6), expect.closeTo(item.top, 6)]);
		const lower = find(moveItemTo(arrangement, item, down, 33));
		expect([lower.left, lower.top]).toEqual([expect.closeTo(item.left, 6), expect.closeTo(33, 6)]);
		const nudged = find(nudgeItem(arrangement, item, -3, 10));
		expect([nudged.left - item.left, nudged.top - item.top]).toEqual([expect.closeTo(-3, 6), expect.closeTo(10, 6)]);
	});

	it('a single one turns in whole steps and scales within its limits', () => {
		expect([
			turnSingle(single({ turn: 7 }), 15, 15).turn,
			turnSingle(single({ turn: 170 }), 20).turn,
			turnSingle(single(), -181).turn
		]).toEqual([15, -170, 179]);
		expect([
			scaleSingle(single(), 1.5).scale,
			scaleSingle(single({ scale: 19 }), 2).scale,
			scaleSingle(single({ scale: 0.06 }), 0.1).scale
		]).toEqual([1.5, 20, 0.05]);
	});
});

describe('an all-over field', () => {
	const near = (item: LaidItem, place: string) => item.place === place;

	it('begins at half the size that one alone would have, a quarter of its motif apart', () => {
		expect(ARRANGEMENTS.grid.start(startSettingOf(flag, ['drawer-1']))).toMatchObject({ scale: 0.5, gap: { across: 10, down: 15 } });
	});

	it('has a motif, or a gap, on the centre of its part, and even steps', () => {
		const items = lay(grid()).items;
		const middle = items.find((item) => near(item, '0,0'))!;
		expect(middle.centre).toEqual({ x: drawer.width / 2, y: 100 });
		expect(items.find((item) => near(item, '1,0'))!.centre.x - middle.centre.x).toBe(30);
		expect(items.find((item) => near(item, '0,-1'))!.centre.y - middle.centre.y).toBe(-40);
		const gaps = lay(grid({ middle: 'gap' })).items;
		const beside = ['0,0', '-1,0'].map((place) => gaps.find((item) => near(item, place))!.centre.x - drawer.width / 2);
		expect(beside).toEqual([15, -15]);
	});

	it.each([
		['brick', '0,1', { x: 15, y: 40 }, false],
		['half-drop', '1,0', { x: 30, y: 20 }, false],
		['mirrored', '1,0', { x: 30, y: 0 }, true],
		['square', '1,1', { x: 30, y: 40 }, false]
	] as const)('%s: place %s lies where it should', (shift, place, off, mirrored) => {
		const item = lay(grid({ shift })).items.find((one) => near(one, place))!;
		expect(item.centre).toEqual({ x: drawer.width / 2 + off.x, y: 100 + off.y });
		expect(item.mirrored).toBe(mirrored);
	});

	it('fills its part to the edge with cut motifs, or keeps whole ones only', () => {
		const cut = lay(grid()).items;
		const whole = lay(grid({ edge: 'whole' })).items;
		expect(cut.some(({ cutBy }) => cutBy.length > 0)).toBe(true);
		expect(whole.every(({ left, top, right, bottom }) => Math.min(left, top, right, bottom) >= -1e-6)).toBe(true);
		expect(whole.map(({ key }) => key)).toEqual(
			cut
				.filter(({ left, top, right, bottom, cutBy }) => cutBy.length === 0 && Math.min(left, top, right, bottom) >= -1e-6)
				.map(({ key }) => key)
		);
		/** As densely as its steps say: each step holds the paint of one motif at half scale. */
		const share = cut.reduce((sum, { openArea }) => sum + openArea, 0) / (drawer.width * 200);
		expect(share / (AREA / 4 / (30 * 40))).toBeCloseTo(1, 1);
	});

	it('says what cannot be laid', () => {
		expect(lay(grid({ gap: { across: -20, down: 0 } })).issues).toMatchObject([{ code: 'grid.no-step' }]);
		expect(lay(grid({ scale: 0.05, gap: { across: 0, down: 0 } })).issues).toMatchObject([{ code: 'grid.too-many' }]);
		expect(lay(grid()).hints).toMatchObject([{ code: 'grid.on-knob' }]);
	});
});

it.each(STARTERS.map(({ id }) => id))('every kind lies on %s, on every measured face, within its outline', (shape) => {
	const begun = newProject({ name: '', units: 'mm', count: null, shape }).piece;
	const sized = {
		...begun,
		faces: begun.faces.map((face, i) =>
			i === 0 && shape !== 'free-board' ? { ...face, width: '500', height: face.outline.shape === 'circle' ? '' : '400' } : face
		)
	};
	const measured = measurePiece(sized, 'mm');
	const parts = measured.faces.filter(({ idle }) => !idle).map(({ id }) => id);
	for (const kind of Object.keys(ARRANGEMENTS) as Arrangement['kind'][]) {
		const arrangement = ARRANGEMENTS[kind].start(startSettingOf(flag, parts, { scale: 0.5, shortest: 300 }));
		const plan = lay(arrangement, measured);
		/** What finds nothing to lie on says so. */
		expect(plan.items.length + plan.issues.length + plan.hints.length, kind).toBeGreaterThan(0);
		/** What is thrown keeps off the opening of a frame: its sides are too narrow for this flag. One alone would lie in the opening in its middle. */
		const isInOpening = { scatter: ['frame'], single: ['frame', 'bedside'] }[kind as string]?.includes(shape);
		if (!['accent', 'frame'].includes(kind) && !isInOpening) expect(plan.items.length, kind).toBeGreaterThan(0);
		/** It begins so that it can be kept. */
		expect(ArrangementSchema.safeParse(arrangement).error).toBeUndefined();
		expect(new Set(plan.items.map(({ key }) => key)).size).toBe(plan.items.length);
		for (const item of plan.items) {
			const part = measured.faces.find(({ id }) => id === item.part)!.whole;
			const { left, top, right, bottom } = item.rings.length > 0 ? boxOf(item) : { left: 0, top: 0, right: 0, bottom: 0 };
			expect(Math.min(left, top, part.width - right, part.height - bottom)).toBeGreaterThanOrEqual(-0.001);
			if (item.motif) expect(item.openArea + item.lost).toBeCloseTo(AREA * item.scale ** 2, 1);
		}
	}
});

it.each(Object.keys(ARRANGEMENTS) as Arrangement['kind'][])(
	'%s: what is left out or moved by hand can be kept, and is gone or moved',
	(kind) => {
		const begun = ARRANGEMENTS[kind].start(
			startSettingOf(ARRANGEMENTS[kind].of === 'motif' ? flag : null, ['drawer-1', 'drawer-2'])
		) as Arrangement;
		const filled =
			kind === 'scheme' ? ({ ...begun, centre: 'flag', plain: 2, scale: { least: 0.2, wish: 0.3, most: 0.4 } } as Arrangement) : begun;
		const { items } = lay(filled);
		for (const item of items.filter((one, i) => items.findIndex(({ role }) => role === one.role) === i)) {
			const less = kindOfArrangement(filled).leaveOut(filled, item);
			expect(ArrangementSchema.safeParse(less).error).toBeUndefined();
			expect(lay(less).items.map(({ key }) => key)).not.toContain(item.key);
			const moved = kindOfArrangement(filled).moveItem(filled, item, { x: item.centre.x + 3, y: item.centre.y + 2 });
			expect(ArrangementSchema.safeParse(moved).error).toBeUndefined();
		}
	}
);
