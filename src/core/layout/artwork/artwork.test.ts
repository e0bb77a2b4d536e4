import fc from 'fast-check';
import { readdirSync, readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { readMotifSvg } from '../../formats';
import { growRings } from '../../geometry';
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

	const size = (min: number, max: number) => fc.double({ min, max, noNaN: true });

	it('a neck between two bulbs is as thin as it is, however large they are, straight or waisted, turned or not', () => {
		fc.assert(
			fc.property(
				size(0.2, 6),
				size(6.5, 30),
				size(6.5, 30),
				size(2, 40),
				size(0, 0.15),
				size(0, Math.PI),
				(neck, one, other, length, waist, turn) => {
					/** Drawn from the middle line on: two blunt bulbs, a neck that is narrowest in its middle. */
					const upper = [
						[-length / 2 - one, -one / 2],
						[-length / 2, -one / 2],
						[-length / 2, -neck / 2 - waist],
						[0, -neck / 2],
						[length / 2, -neck / 2 - waist],
						[length / 2, -other / 2],
						[length / 2 + other, -other / 2]
					] as const;
					const points = [...upper, ...upper.map(([x, y]) => [x, -y] as const).reverse()].map(([x, y]) => [
						100 + x * Math.cos(turn) - y * Math.sin(turn),
						100 + x * Math.sin(turn) + y * Math.cos(turn)
					]);
					const { opening } = read(motif(`M${points.map((point) => point.join(' ')).join('L')}Z`, 200));
					expect(Math.abs(opening.width - neck)).toBeLessThan(0.02);
					expect(Math.hypot(opening.at!.x - 100, opening.at!.y - 100)).toBeLessThan(length / 2 + 1);
				}
			),
			{ numRuns: 60 }
		);
	});

	it('the film between an opening and itself, behind a narrow mouth, is as thin as the mouth', () => {
		fc.assert(
			fc.property(size(0.2, 6), size(8, 40), size(1, 12), size(2, 15), (mouth, pocket, wall, thick) => {
				/** A frame round a pocket, open at its top by a mouth. */
				const [w, h] = [pocket + 2 * thick, pocket + thick + wall];
				const [left, right] = [w / 2 - mouth / 2, w / 2 + mouth / 2];
				const d = `M10 10H${10 + left}V${10 + wall}H${10 + thick}V${10 + wall + pocket}H${10 + w - thick}V${10 + wall}H${10 + right}V10H${10 + w}V${10 + h}H10Z`;
				const { bridge } = read(motif(d, 100));
				expect(Math.abs(bridge.width - mouth)).toBeLessThan(0.02);
			}),
			{ numRuns: 60 }
		);
	});

	/** Written apart: how deep each point of a raster lies, and where two hills of it first meet as the sea falls. */
	function byRaster(points: readonly (readonly [number, number])[], step: number): number {
		const n = Math.ceil(40 / step);
		const depth = new Float64Array(n * n);
		for (let row = 0; row < n; row++)
			for (let column = 0; column < n; column++) {
				const [x, y] = [(column + 0.5) * step, (row + 0.5) * step];
				let [inside, least] = [false, Infinity];
				for (let i = 0; i < points.length; i++) {
					const [[ax, ay], [bx, by]] = [points[i]!, points[(i + 1) % points.length]!];
					if (ay > y !== by > y && x < ax + ((y - ay) / (by - ay)) * (bx - ax)) inside = !inside;
					const t = Math.min(1, Math.max(0, ((x - ax) * (bx - ax) + (y - ay) * (by - ay)) / ((bx - ax) ** 2 + (by - ay) ** 2)));
					least = Math.min(least, (ax + t * (bx - ax) - x) ** 2 + (ay + t * (by - ay) - y) ** 2);
				}
				depth[row * n + column] = inside ? Math.sqrt(least) : -1;
			}
		const order = [...depth.keys()].filter((i) => depth[i]! > 0).sort((a, b) => depth[b]! - depth[a]!);
		const parent = new Int32Array(n * n).fill(-1);
		const rootOf = (of: number): number => {
			let i = of;
			while (parent[i] !== i) i = parent[i] = parent[parent[i]!]!;
			return i;
		};
		let torn = depth[order[0]!]!;
		for (const i of order) {
			parent[i] = i;
			for (const j of [i - 1, i + 1, i - n, i + n, i - n - 1, i - n + 1, i + n - 1, i + n + 1]) {
				if (j < 0 || j >= n * n || parent[j]! < 0) continue;
				const [a, b] = [rootOf(i), rootOf(j)];
				if (a === b) continue;
				const lower = depth[a]! < depth[b]! ? a : b;
				/** A hill as low as the raster is coarse is none. */
				if (depth[lower]! - depth[i]! > 0.3) torn = Math.min(torn, depth[i]!);
				parent[lower] = lower === a ? b : a;
			}
		}
		return 2 * torn;
	}

	it('agrees with a raster on random outlines, bulbs, necks and points', () => {
		fc.assert(
			fc.property(fc.array(size(2.5, 18), { minLength: 7, maxLength: 14 }), (radii) => {
				const points = radii.map((r, i): readonly [number, number] => {
					const angle = (2 * Math.PI * i) / radii.length;
					return [20 + r * Math.cos(angle), 20 + r * Math.sin(angle)];
				});
				const { opening } = read(motif(`M${points.map((point) => point.join(' ')).join('L')}Z`, 40));
				/** No later than hills that a raster can tell part; and whole at every offset before. */
				expect(opening.width).toBeLessThan(byRaster(points, 0.15) + 0.35);
				const rings = [points.flat()];
				const count = (by: number) => growRings(rings, -by, 0.002).length;
				for (let k = 1; k < 40; k++) expect(count(((opening.width - 0.03) / 2) * (k / 39))).toBe(1);
				/** What is torn off may be gone again in a hair. */
				expect([0.002, 0.004, 0.008, 0.012].map((more) => count(opening.width / 2 + more)).filter((pieces) => pieces !== 1)).not.toEqual(
					[]
				);
			}),
			{ numRuns: 12, endOnFailure: true }
		);
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
