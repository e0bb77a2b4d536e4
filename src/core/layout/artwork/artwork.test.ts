import { readdirSync, readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { readMotifSvg } from '../../formats';
import { findTips, leastScale, measureMotif, PAINT_LIMITS, proposeBridges, readArtwork, writeLetters, type Motif } from '../index';
import { ALPHABET } from '../lettering/alphabet';

const motif = (d: string, size = 100): Motif => ({ id: 'm', name: 'M', width: size, height: size, paths: [{ d, rule: 'evenodd' }] });
const read = (one: Motif) => readArtwork(measureMotif(one), one);
const box = (x: number, y: number, w: number, h: number) => `M${x} ${y}h${w}v${h}h${-w}z`;
const disc = (x: number, y: number, r: number) => `M${x - r} ${y}a${r} ${r} 0 0 1 ${2 * r} 0a${r} ${r} 0 0 1 ${-2 * r} 0z`;

describe('what a sheet can do', () => {
	it.each<[name: string, d: string, opening: number, bridge: number]>([
		['a bar: as thin as it is', box(10, 10, 60, 4), 4, Infinity],
		['two blocks on a neck: the neck', box(10, 10, 20, 20) + box(30, 18, 30, 3) + box(60, 10, 20, 20), 3, Infinity],
		['two bars: what is between them', box(10, 10, 60, 10) + box(10, 22.5, 60, 10), 10, 2.5],
		['the nearest of three', box(10, 10, 10, 40) + box(24, 10, 10, 40) + box(35.5, 10, 10, 40), 10, 1.5],
		['a horseshoe: between its ends', 'M10 50A30 30 0 1 1 70 50H60A20 20 0 1 0 20 50ZM20 50V72H37V80H10V50ZM60 50V72H43V80H70V50Z', 10, 6],
		['a disc inside a ring', disc(50, 50, 40) + disc(50, 50, 30) + disc(50, 50, 27), 10, 3]
	])('%s', (_name, d, opening, bridge) => {
		const artwork = read(motif(d));
		expect(artwork.opening.width).toBeCloseTo(opening, 0);
		expect(Math.abs(artwork.opening.width - opening)).toBeLessThan(0.15);
		if (bridge === Infinity) expect(artwork.bridge).toEqual({ width: Infinity, at: null });
		else expect(Math.abs(artwork.bridge.width - bridge)).toBeLessThan(0.15);
	});

	it('scales with its motif, and gives the least scale that works', () => {
		const artwork = read(motif(box(10, 10, 60, 0.8) + box(10, 12, 60, 6)));
		expect(artwork.opening.width).toBeCloseTo(0.8, 1);
		expect(artwork.bridge.width).toBeCloseTo(1.2, 6);
		expect(leastScale(artwork, PAINT_LIMITS)).toBeCloseTo(Math.max(1 / 0.8, 1.5 / 1.2), 1);
	});

	it('finds what falls out of a cut sheet, and proposes the shortest bridges that hold it: two for what is long', () => {
		const one = motif(box(10, 10, 80, 60) + box(16, 20, 50, 8) + box(20, 50, 10, 10));
		const { islands } = read(one);
		expect(islands.map(({ area }) => Math.round(area)).sort((a, b) => a - b)).toEqual([100, 400]);
		const bridges = proposeBridges(measureMotif(one).rings, islands);
		expect(bridges).toHaveLength(3);
		/** The long one hangs on the left edge, 6 away, and on a second place; the small one 10 below. */
		expect(bridges[0]!.length).toBeCloseTo(6, 1);
		expect(bridges.every(({ length }) => length < 25)).toBe(true);
		expect(Math.min(...bridges.slice(1).map(({ length }) => length))).toBeCloseTo(10, 1);
	});

	it('an opening within an island goes with it', () => {
		const one = motif(disc(50, 50, 40) + disc(50, 50, 30) + disc(50, 50, 20));
		const { islands } = read(one);
		expect(islands).toHaveLength(1);
		const [bridge, second] = proposeBridges(measureMotif(one).rings, islands);
		expect(bridge!.length).toBeCloseTo(10, 0);
		expect(second).toBeDefined();
	});

	it('tells points that taper apart: how much of a needle is lost, and nothing of a square corner', () => {
		const needle = measureMotif(motif('M10 50L50 46L90 50L50 54Z')).rings;
		const tips = findTips(needle, 2);
		expect(tips).toHaveLength(2);
		/** 8 high in the middle, 40 long: under 2 wide from 10 before each end, less what the round nose of the kept part fills. */
		for (const { lost } of tips) expect(lost).toBeGreaterThan(8);
		for (const { lost } of tips) expect(lost).toBeLessThan(10.1);
		expect(findTips(measureMotif(motif(box(10, 10, 40, 40))).rings, 2)).toEqual([]);
	});
});

describe('the motifs of the store', () => {
	const files = readdirSync('demo/motifs');
	it('are more than twenty, of every use', () => {
		expect(files.length).toBeGreaterThan(20);
		const uses = files.map((file) => /data-use="(\w+)"/.exec(readFileSync(`demo/motifs/${file}`, 'utf8'))?.[1]);
		expect(new Set(uses)).toEqual(new Set(['single', 'border', 'corner', 'field', 'line']));
	});
	it.each(files)('%s can be cut as it is: read whole, nothing falls out, fine enough for paint at scale 1', (file) => {
		const one = readMotifSvg(readFileSync(`demo/motifs/${file}`, 'utf8'), 'm');
		if (!one.ok) throw new Error(JSON.stringify(one.issues));
		expect(one.notRead).toEqual([]);
		const artwork = read(one.motif);
		expect(artwork.islands).toEqual([]);
		/** What is cast is not cut. */
		if (!one.motif.mould) expect(leastScale(artwork, PAINT_LIMITS)).toBeLessThanOrEqual(1);
		expect(artwork.openShare).toBeGreaterThan(0.05);
	});
});

describe('stencil letters', () => {
	it.each(Object.keys(ALPHABET))('%s keeps together: nothing falls out of it, and its bridges hold from 60 mm on', (letter) => {
		const written = writeLetters(letter, 'l', 60);
		if (!written.ok) throw new Error(written.code);
		const artwork = read(written.motif);
		expect(artwork.islands).toEqual([]);
		expect(artwork.bridge.width).toBeGreaterThanOrEqual(2);
		expect(artwork.opening.width).toBeGreaterThan(6);
		const ys = measureMotif(written.motif).rings.flatMap((ring) => ring.filter((_, i) => i % 2 === 1));
		expect(Math.min(...ys)).toBeGreaterThanOrEqual(-1e-6);
		expect(Math.max(...ys)).toBeLessThanOrEqual(letter === ',' ? 70 : 60 + 1e-6);
	});

	it('make a line: capitals, accents off, words apart, as high as was asked', () => {
		const width = (text: string) => {
			const written = writeLetters(text, 'l', 50);
			return written.ok ? written.motif.width : Number.NaN;
		};
		expect(width('Flut')).toBe(width('FLUT'));
		expect(width('Müle')).toBe(width('MULE'));
		expect(width('I I')).toBeCloseTo((16 + 46 + 16) * 0.5, 6);
		expect(writeLetters('Quay 7', 'l', 50)).toMatchObject({
			ok: true,
			motif: { height: 50, use: 'letters', text: 'Quay 7', up: true, mirror: false }
		});
	});

	it.each([
		['', 'letters.none', ''],
		['Tide ☼', 'letters.unknown', '☼'],
		['M'.repeat(60), 'letters.long', '2000']
	])('"%s" is not written: %s', (text, code, what) => expect(writeLetters(text, 'l', 100)).toEqual({ ok: false, code, what }));
});
