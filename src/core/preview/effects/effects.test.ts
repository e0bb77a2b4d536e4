import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { layOver, pigmentOfHex } from '../../colour';
import type { Zone } from '../../layout';
import { lightPlanes } from '../lightPlanes';
import { fillStrokeRow, noiseTile } from '../grain';
import { copyPlanes, createPlanes } from '../planes';
import { pixelsOf } from '../regions';
import { spansOf } from '../spans';
import { FIRST_FRONT, FRAME, OUTSIDE, type Scene, type SceneLayer } from '../scene';
import { createCanvas } from './canvas';
import { eachSpan } from './eachSpan';
import { fillDepthRow } from './fillDepthRow';
import { bytesOfHex, coverTables } from './coverTable';
import { layLayer } from './index';
import { paintGround } from './paintGround';
import { standOfRelief } from './reliefMaps';

const BOX = { x: 10, y: 10, width: 80, height: 40 };
const scene: Scene = {
	width: 100,
	height: 60,
	outline: null,
	fronts: [{ id: 'd', ...BOX, ring: null, setOff: 0 }],
	gaps: [{ x: 8, y: 8, width: 84, height: 44 }],
	ground: 'veneer',
	grounds: {},
	grain: 'level',
	seed: 5,
	hardware: [],
	layers: []
};
const canvas = createCanvas(scene, 1);
const bare = createPlanes(100, 60);
/** None of these layers asks what was there before another. */
const unasked = () => bare;
paintGround(bare, canvas);
const at = (x: number, y: number) => y * 100 + x;
const rgbAt = ({ rgb }: typeof bare, x: number, y: number) => [...rgb.slice(at(x, y) * 3, at(x, y) * 3 + 3)];
const lay = (layer: SceneLayer) => {
	const planes = copyPlanes(bare);
	layLayer(planes, layer, canvas, unasked);
	return planes;
};
const FRONT = { surfaces: [FIRST_FRONT] };

it('tells front, gap and frame apart, pixel by pixel', () => {
	const count = (value: number) => canvas.surfaces.filter((surface) => surface === value).length;
	expect([count(2), count(0), count(1)]).toEqual([80 * 40, 84 * 44 - 80 * 40, 6000 - 84 * 44]);
	expect(pixelsOf({ x: -5, y: 50, width: 20, height: 99 }, 2, 40, 120)).toEqual({ left: 0, top: 100, right: 30, bottom: 120 });
});

it('keeps what lies outside a round top clear, and paints a round panel in its own outline', () => {
	const ring = (radius: number) =>
		Array.from({ length: 90 }, (_, i) => [30 + radius * Math.cos(i / 14.3239), 30 + radius * Math.sin(i / 14.3239)]).flat();
	const panel = { id: 'p', x: 10, y: 10, width: 40, height: 40, ring: ring(20).map((value) => value - 10), setOff: -8 };
	const round: Scene = { ...scene, width: 60, height: 60, outline: ring(30), fronts: [panel], gaps: [] };
	const circle = createCanvas(round, 2);
	const map = circle.surfaces;
	const share = (value: number) => map.filter((surface) => surface === value).length / 4;
	expect(Math.abs(share(FIRST_FRONT) - Math.PI * 400)).toBeLessThan(12);
	expect(Math.abs(share(OUTSIDE) - (3600 - Math.PI * 900))).toBeLessThan(18);
	const planes = createPlanes(120, 120);
	paintGround(planes, circle);
	expect(planes.relief[60 * 120 + 60]!).toBeLessThan(planes.relief[60 * 120 + 12]! - 1000);
	const picture = lightPlanes(planes, 2, map);
	expect([picture[3], picture[(60 * 120 + 60) * 4 + 3]]).toEqual([0, 255]);
});

describe('coverTables', () => {
	it('hides all, or nothing; between, more cover never shows more of the ground', () => {
		const hex = fc.integer({ min: 0, max: 0xffffff }).map((value) => `#${value.toString(16).padStart(6, '0')}`);
		fc.assert(
			fc.property(hex, fc.double({ min: 0.02, max: 0.9, noNaN: true }), (paint, cover) => {
				bytesOfHex(paint).forEach((byte, channel) => {
					const [none, some, more, all] = [0, cover, cover + 0.08, 1].map((share) => coverTables(paint, share)[channel]!);
					for (let ground = 0; ground < 256; ground += 15) expect(Math.abs(none![ground]! - ground)).toBeLessThanOrEqual(1);
					expect([all![0], all![255]]).toEqual([byte, byte]);
					expect(more![255]! - more![0]!).toBeLessThanOrEqual(some![255]! - some![0]! + 1);
				});
			}),
			{ numRuns: 40 }
		);
	});
});

it('lays paint where it is laid, and nowhere else', () => {
	const planes = lay({ kind: 'paint', coat: 'base', ...FRONT, hex: '#204060', cover: 1, sheen: 0.02, film: 50 });
	expect(rgbAt(planes, 50, 30)).toEqual([0x20, 0x40, 0x60]);
	expect(rgbAt(planes, 3, 3)).toEqual(rgbAt(bare, 3, 3));
	expect(planes.relief[at(50, 30)]! - bare.relief[at(50, 30)]!).toBeGreaterThanOrEqual(50);
	expect(planes.relief[at(50, 30)]! - bare.relief[at(50, 30)]!).toBeLessThanOrEqual(57);
	const frame = lay({ kind: 'paint', coat: 'base', surfaces: [FRAME], hex: '#204060', cover: 1, sheen: 0, film: 50 });
	expect(rgbAt(frame, 3, 3)).toEqual([0x20, 0x40, 0x60]);
	expect(rgbAt(frame, 50, 30)).toEqual(rgbAt(bare, 50, 30));
	expect(rgbAt(frame, 9, 30)).toEqual(rgbAt(bare, 9, 30));
});

it('wets the colour and sets the sheen with a clear coat; a dark wax tints', () => {
	const clear = lay({ kind: 'clear', coat: 'c', ...FRONT, sheen: 0.4, tint: null });
	expect(clear.gloss[at(50, 30)]).toBe(102);
	expect(rgbAt(clear, 50, 30)[0]).toBeLessThan(rgbAt(bare, 50, 30)[0]!);
	const dark = lay({ kind: 'clear', coat: 'w', ...FRONT, sheen: 0.3, tint: { hex: '#4a3524', cover: 0.25, sheen: 0.3, film: 5 } });
	expect(rgbAt(dark, 50, 30)[0]).toBeLessThan(rgbAt(clear, 50, 30)[0]!);
});

it('paints a motif where its rings lie, not in its holes, and ends at the edge of the front', () => {
	const square = (x: number, y: number, side: number) => [x, y, x + side, y, x + side, y + side, x, y + side];
	const paint = { hex: '#ffffff', cover: 1, sheen: 0, film: 50 };
	const clip = { ...BOX, x: BOX.x + 5, width: BOX.width - 5 };
	const spot = { rings: [square(10, 20, 24), square(22, 28, 8)], clip };
	const laid = lay({ kind: 'stencil', coat: 's', edge: 'crisp', spots: [spot], ...paint });
	expect(rgbAt(laid, 17, 22)).toEqual([255, 255, 255]);
	expect(rgbAt(laid, 32, 40)).toEqual([255, 255, 255]);
	expect(rgbAt(laid, 26, 32)).toEqual(rgbAt(bare, 26, 32));
	expect(rgbAt(laid, 36, 30)).toEqual(rgbAt(bare, 36, 30));
	expect(rgbAt(laid, 12, 30)).toEqual(rgbAt(bare, 12, 30));
});

it('throws light on the side of a step that faces the lamp, and shade on the other', () => {
	const planes = createPlanes(20, 20);
	planes.rgb.fill(128);
	for (let y = 5; y < 15; y++) planes.relief.fill(400, y * 20 + 5, y * 20 + 15);
	const pixels = lightPlanes(planes, 1, new Uint8Array(400).fill(FRAME), { angle: 90, rake: 1 });
	const grey = (x: number, y: number) => pixels[(y * 20 + x) * 4]!;
	expect(grey(10, 4)).toBeGreaterThan(grey(10, 10));
	expect(grey(10, 15)).toBeLessThan(grey(10, 10));
	expect(grey(10, 10)).toBe(128);
});

it('asks a field at few points of a row, and is as near to it as it says, at ridges too', () => {
	fc.assert(
		fc.property(
			fc.integer({ min: 1, max: 300 }),
			fc.double({ min: 0, max: 300, noNaN: true }),
			fc.integer({ min: 3, max: 40 }),
			(count, ridge, wave) => {
				let asked = 0;
				const field = (x: number) => (asked++, Math.min(Math.abs(x - ridge), 60) + 3 * Math.sin(x / wave / 4));
				const row = new Float32Array(count);
				fillDepthRow(row, count, field, 0.2);
				const of = asked;
				for (let x = 0; x < count; x++) expect(Math.abs(row[x]! - field(x))).toBeLessThan(1);
				if (count > 200 && wave > 30) expect(of).toBeLessThan(count / 2);
			}
		),
		{ numRuns: 60 }
	);
});

it('fills a row of noise as the obvious way does, pixel by pixel', () => {
	const tile = noiseTile(9);
	fc.assert(
		fc.property(fc.nat(3000), fc.nat(600), fc.integer({ min: 1, max: 8 }), (x, y, shift) => {
			const row = new Float32Array(50);
			fillStrokeRow(row, 50, tile, x, y, shift);
			for (let i = 0; i < 50; i++) {
				const node = (x + i) >> shift;
				const part = ((x + i) & ((1 << shift) - 1)) / (1 << shift);
				const [a, b] = [node, node + 1].map((n) => tile[((y & 255) << 8) | (n & 255)]!) as [number, number];
				expect(row[i]).toBeCloseTo(a + (b - a) * part, 2);
			}
		}),
		{ numRuns: 40 }
	);
});

it('lays neither colour nor film nor sheen where a zone leaves the ground as it is', () => {
	const own = {
		width: BOX.width,
		height: BOX.height,
		outline: null,
		deepest: BOX.height / 2,
		salt: 1,
		holes: [],
		hollows: [],
		touched: []
	};
	const planes = lay({
		kind: 'blend',
		coat: 'age',
		regions: [{ box: scene.fronts[0]!, laid: { region: own, x: 0, y: 0, flat: null, own }, surfaces: [FIRST_FRONT] }],
		zone: {
			id: 'z',
			name: 'Age',
			parts: ['x'],
			over: 'each',
			field: { pattern: 'edge-shade', border: 3, corners: 'square' },
			colours: ['dark'],
			leaves: true,
			softness: 0
		},
		colours: [{ ...pigmentOfHex('#101010'), cover: 1 }],
		hand: { strokes: 'none', stroke: 0, patch: 0, size: 10, everywhere: 0 },
		sheen: 0.9,
		film: 50
	});
	/** The middle of the front, then a point near its edge. */
	expect([rgbAt(planes, 50, 30), planes.relief[at(50, 30)], planes.gloss[at(50, 30)]]).toEqual([
		rgbAt(bare, 50, 30),
		bare.relief[at(50, 30)],
		bare.gloss[at(50, 30)]
	]);
	for (const byte of rgbAt(planes, 11, 30)) expect(Math.abs(byte - 16)).toBeLessThanOrEqual(1);
	expect(planes.relief[at(11, 30)]! - bare.relief[at(11, 30)]!).toBeGreaterThanOrEqual(50);
	expect(planes.gloss[at(11, 30)]).toBe(230);
});

describe('spans', () => {
	const surfaces = fc.array(fc.constantFrom(0, 1, 2, 7, 255), { minLength: 60, maxLength: 60 }).map((list) => Uint8Array.from(list));

	it('visit every pixel of the wanted surfaces in a box once, and no other', () => {
		fc.assert(
			fc.property(
				surfaces,
				fc.subarray([0, 1, 2, 7, 255]),
				fc.tuple(fc.nat(9), fc.nat(5), fc.nat(9), fc.nat(5)),
				(map, wanted, [x, y, width, height]) => {
					const small = { ...canvas, surfaces: map, spans: spansOf(map, 10, 6) };
					const visited = new Array<number>(60).fill(0);
					const visit = (start: number, count: number, column: number, row: number) => {
						expect(start).toBe(row * 10 + column);
						for (let i = start; i < start + count; i++) visited[i]!++;
					};
					eachSpan(createPlanes(10, 6), wanted, small, visit, { x, y, width, height });
					for (let i = 0; i < 60; i++) {
						const [column, row] = [i % 10, Math.floor(i / 10)];
						const isIn = column >= x && column < x + width && row >= y && row < y + height;
						expect(visited[i]).toBe(isIn && wanted.includes(map[i]!) ? 1 : 0);
					}
				}
			),
			{ numRuns: 60 }
		);
	});
});

it('lights in whole numbers as the sum in fractions would, to a byte', () => {
	const random = fc.array(fc.nat(255), { minLength: 48 * 6, maxLength: 48 * 6 });
	fc.assert(
		fc.property(random, fc.integer({ min: 0, max: 359 }), (noise, angle) => {
			const planes = createPlanes(8, 6);
			planes.rgb.set(noise.slice(0, 144));
			planes.relief.set(noise.slice(144, 192).map((value) => value * 2));
			planes.gloss.set(noise.slice(192, 240));
			const pixels = lightPlanes(planes, 1, new Uint8Array(48).fill(FRAME), { angle, rake: 1 });
			const [lx, ly] = [Math.cos((angle * Math.PI) / 180), -Math.sin((angle * Math.PI) / 180)];
			const [x, y] = [3, 2];
			const height = (dx: number, dy: number) => planes.relief[(y + dy) * 8 + x + dx]!;
			const turn = -((height(1, 0) - height(-1, 0)) * lx + (height(0, 1) - height(0, -1)) * ly) / 9;
			const slope = Math.max(-46, Math.min(46, turn));
			for (let c = 0; c < 3; c++) {
				const light = planes.rgb[(y * 8 + x) * 3 + c]! * (1 + slope * 0.0075) + planes.gloss[y * 8 + x]! * (0.05 + 0.001 * slope);
				expect(Math.abs(pixels[(y * 8 + x) * 4 + c]! - Math.max(0, Math.min(255, light)))).toBeLessThan(1.6);
			}
		}),
		{ numRuns: 60 }
	);
});

describe('what lies over a ground lies as paint does', () => {
	const under = lay({ kind: 'paint', coat: 'g', ...FRONT, hex: '#f4f1e8', cover: 1, sheen: 0, film: 10 });
	const over = (layer: SceneLayer) => {
		const planes = copyPlanes(under);
		layLayer(planes, layer, canvas, unasked);
		return rgbAt(planes, 50, 30);
	};
	const near = (rgb: readonly number[], hex: string) =>
		bytesOfHex(hex).forEach((byte, c) => expect(Math.abs(rgb[c]! - byte)).toBeLessThanOrEqual(2));
	const own = {
		width: BOX.width,
		height: BOX.height,
		outline: null,
		deepest: BOX.height / 2,
		salt: 1,
		holes: [],
		hollows: [],
		touched: []
	};
	const zone: Zone = {
		id: 'z',
		name: 'Z',
		parts: ['x'],
		over: 'each',
		field: { pattern: 'bands', from: 'left', stops: null },
		colours: ['a', 'b'],
		leaves: false,
		softness: 1
	};
	const blend = (colours: readonly string[], cover: number): SceneLayer => ({
		kind: 'blend',
		coat: 'b',
		regions: [{ box: scene.fronts[0]!, laid: { region: own, x: 0, y: 0, flat: null, own }, surfaces: [FIRST_FRONT] }],
		zone,
		colours: colours.map((hex) => ({ ...pigmentOfHex(hex), cover })),
		hand: { strokes: 'none', stroke: 0, patch: 0, size: 10, everywhere: 0 },
		sheen: 0,
		film: 20
	});

	it.each([0.3, 0.7])('a thin blend, at %f of one colour', (cover) =>
		near(over(blend(['#5a3a22', '#5a3a22'], cover)), layOver('#5a3a22', cover, '#f4f1e8'))
	);

	it('a join, half and half: blue and yellow give green', () => near(over(blend(['#2b4f9e', '#f2c92b'], 1)), '#4e694b'));

	it('a crisp stencil', () => {
		const spot = { rings: [[30, 20, 70, 20, 70, 40, 30, 40]], clip: BOX };
		const paint = { hex: '#5a3a22', cover: 0.7, sheen: 0, film: 20 };
		const layer: SceneLayer = { kind: 'stencil', coat: 's', edge: 'crisp', spots: [spot], ...paint };
		near(over(layer), layOver('#5a3a22', 0.7, '#f4f1e8'));
	});
});

it('tells hollows from heights as the slow way does: each pixel less the mean of the box round it', () => {
	fc.assert(
		fc.property(fc.array(fc.nat(3000), { minLength: 63, maxLength: 63 }), fc.constantFrom(0.2, 0.4, 0.7, 1.5), (values, scale) => {
			const planes = createPlanes(9, 7);
			planes.relief.set(values);
			const radius = Math.max(1, Math.round(3 * scale));
			const stand = standOfRelief(planes, scale);
			for (let y = 0; y < 7; y++)
				for (let x = 0; x < 9; x++) {
					let [sum, count] = [0, 0];
					for (let v = Math.max(0, y - radius); v <= Math.min(6, y + radius); v++)
						for (let u = Math.max(0, x - radius); u <= Math.min(8, x + radius); u++, count++) sum += values[v * 9 + u]!;
					expect(Math.abs(stand[y * 9 + x]! - (values[y * 9 + x]! - sum / count))).toBeLessThanOrEqual(1);
				}
		}),
		{ numRuns: 60 }
	);
});
