import { describe, expect, it } from 'vitest';
import {
	alongTrack,
	deepestPoint,
	distanceToOutline,
	flattenOutline,
	growRings,
	isInsideOutline,
	perimeterOfOutline,
	shapeBow,
	shapeEllipse,
	shapeFree,
	shapeRectangle,
	shapeRounded,
	shapeWave,
	trackOutline,
	type Outline,
	type Shaped
} from './index';
import { signedArea } from './clipRings';

const outlineOf = (shaped: Shaped): Outline => {
	if (!shaped.ok) throw new Error('no shape');
	return shaped.outline;
};
const box = outlineOf(shapeRectangle(600, 400));
const polygon = (...points: [number, number][]): Shaped =>
	shapeFree(
		600,
		400,
		points.map(([x, y]) => swelling(x, y, 0))
	);
const swelling = (x: number, y: number, swell: number) => ({ x, y, swell });
const total = (outline: Outline, by: number) => trackOutline(outline, by).reduce((sum, { length }) => sum + length, 0);
const free = (...points: [number, number][]) =>
	outlineOf(
		shapeFree(
			600,
			400,
			points.map(([x, y]) => ({ x, y, swell: 0 }))
		)
	);

/** Length of an ellipse's parallel curve by plain steps: the ellipse's own length less 2 pi d. */
function lengthInside(rx: number, ry: number, by: number): number {
	let length = 0;
	const n = 200_000;
	for (let i = 0; i < n; i++) {
		const [a, b] = [(2 * Math.PI * i) / n, (2 * Math.PI * (i + 1)) / n];
		length += Math.hypot(rx * (Math.cos(b) - Math.cos(a)), ry * (Math.sin(b) - Math.sin(a)));
	}
	return length - 2 * Math.PI * by;
}

describe('a line inside an outline', () => {
	it.each<[name: string, outline: Outline, by: number, lengths: number[]]>([
		['of a rectangle: its sides, from the top left corner on', box, 30, [540, 340, 540, 340]],
		['on the very edge', box, 0, [600, 400, 600, 400]],
		['of a circle: one, without a corner', outlineOf(shapeEllipse(720, 720)), 20, [2 * Math.PI * 340]],
		[
			'of a rounded rectangle: the arcs are as much smaller',
			outlineOf(shapeRounded(600, 400, 50)),
			20,
			[2 * 500 + 2 * 300 + 2 * Math.PI * 30]
		],
		['further in than its corners are round: they are sharp', outlineOf(shapeRounded(600, 400, 20)), 50, [500, 300, 500, 300]],
		['of an ellipse', outlineOf(shapeEllipse(600, 400)), 40, [lengthInside(300, 200, 40)]],
		[
			'of a triangle: each side less both its ends',
			free([0, 0], [600, 0], [0, 400]),
			20,
			[
				600 - 20 * (1 + (600 + Math.hypot(600, 400)) / 400),
				Math.hypot(600, 400) - 20 * ((600 + Math.hypot(600, 400)) / 400 + (400 + Math.hypot(600, 400)) / 600),
				400 - 20 * (1 + (400 + Math.hypot(600, 400)) / 600)
			]
		],
		[
			'round a corner that turns in',
			free([0, 0], [600, 0], [600, 200], [300, 200], [300, 400], [0, 400]),
			10,
			[580, 180, 300, 200, 280, 380]
		],
		['of what is too narrow: none', box, 201, []]
	])('%s', (_name, outline, by, lengths) => {
		const tracks = trackOutline(outline, by);
		expect(tracks.map(({ length }) => length)).toEqual(lengths.map((length) => expect.closeTo(length, 2)));
		expect(tracks.every(({ closed }) => closed)).toBe(lengths.length === 1 || lengths.length === 0);
	});

	it('runs clockwise: right along the top, down at the right; an arched top goes on from side to side', () => {
		const [top, right] = trackOutline(box, 30);
		expect(alongTrack(top!, 100)).toEqual({ x: 130, y: 30, heading: 0 });
		expect(alongTrack(right!, 100)).toMatchObject({ x: 570, y: 130, heading: Math.PI / 2 });
		const arch = outlineOf(shapeBow(600, 400, 'top', 100));
		const tracks = trackOutline(arch, 20);
		expect(tracks.every(({ closed }) => !closed)).toBe(true);
		for (const [i, track] of tracks.entries()) {
			const next = tracks[(i + 1) % tracks.length]!;
			expect(
				Math.hypot(alongTrack(track, track.length).x - alongTrack(next, 0).x, alongTrack(track, track.length).y - alongTrack(next, 0).y)
			).toBeLessThan(1e-9);
		}
	});

	it('without corners begins in the middle of its top, and goes round and round', () => {
		const [round] = trackOutline(outlineOf(shapeEllipse(600, 400)), 40);
		expect(alongTrack(round!, 0)).toMatchObject({ x: expect.closeTo(300, 3), y: expect.closeTo(40, 3) });
		const there = alongTrack(round!, 200);
		expect(alongTrack(round!, 200 + round!.length)).toMatchObject({ x: expect.closeTo(there.x, 6), y: expect.closeTo(there.y, 6) });
		const back = alongTrack(round!, -200);
		expect([600 - back.x, back.y]).toEqual([expect.closeTo(there.x, 2), expect.closeTo(there.y, 2)]);
	});

	it.each([
		['an ellipse', shapeEllipse(900, 600)],
		['one that stands', shapeEllipse(600, 900)],
		['one that is nearly round', shapeEllipse(300, 290)],
		['a long one, past its ridge too', shapeEllipse(500, 120)],
		['a circle', shapeEllipse(240, 240)],
		['a box', shapeRectangle(600, 400)],
		['rounded corners, past them too', shapeRounded(600, 400, 90)],
		['a bow', shapeBow(400, 900, 'top', 100)],
		['a bow that bulges inwards', shapeWave(600, 300, 'bottom', 30, 3)],
		['a short edge that is soon gone', polygon([0, 0], [590, 0], [600, 10], [600, 400], [0, 400])],
		['edges and arcs', shapeFree(600, 400, [swelling(60, 60, 30), swelling(540, 40, 0), swelling(530, 340, 40), swelling(40, 360, 20)])]
	])('lies as far in as asked, and encloses what clipper does: %s', (what, shape) => {
		const outline = outlineOf(shape);
		const { depth } = deepestPoint(outline);
		for (const share of [0.02, 0.6, 0.95]) {
			const by = share * depth;
			const ring = trackOutline(outline, by).flatMap(({ points }) => points);
			for (let i = 0; i < ring.length; i += 2 * Math.ceil(ring.length / 100)) {
				const point = { x: ring[i]!, y: ring[i + 1]! };
				expect(isInsideOutline(outline, point)).toBe(true);
				/** What goes through clipper lies on its grid; the rest is exact until an edge is gone, but where a chord is cut at its top. */
				const isCut = point.x === ring[0] && point.y === ring[1];
				const isExact = share < 0.9 && !isCut && !/inwards|soon gone/.test(what);
				expect(Math.abs(distanceToOutline(outline, point) - by)).toBeLessThan(isExact ? 1e-6 : 0.001);
			}
			const slow = growRings([flattenOutline(outline, 0.005)], -by, 0.005);
			const largest = Math.max(...slow.map((one) => Math.abs(signedArea(one))));
			expect(Math.abs(Math.abs(signedArea(ring)) - largest)).toBeLessThan(0.01 * perimeterOfOutline(outline));
		}
		expect(trackOutline(outline, depth + 0.02)).toEqual([]);
	});

	it('grows shorter evenly the further in it is', () => {
		for (const outline of [box, outlineOf(shapeRounded(600, 400, 90)), outlineOf(shapeEllipse(600, 400))])
			expect(total(outline, 10) - total(outline, 30)).toBeCloseTo(total(outline, 30) - total(outline, 50), 2);
	});
});
