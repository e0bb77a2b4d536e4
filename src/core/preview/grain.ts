import { uniformInt } from 'pure-rand/distribution/uniformInt';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';

export const TILE = 256;
const tiles = new Map<number, Uint8Array>();

/** A square of even noise, the same for the same seed; looked up with `& 255`, so no random number is drawn per pixel. */
export function noiseTile(seed: number): Uint8Array {
	const known = tiles.get(seed);
	if (known) return known;
	const random = xoroshiro128plus(seed);
	const tile = Uint8Array.from({ length: TILE * TILE }, () => uniformInt(random, 0, 255));
	tiles.set(seed, tile);
	return tile;
}

/** Noise drawn out along x like the hairs of a brush, 0 to 255, for `count` pixels from x. `shift`: a node every 2^shift px. */
export function fillStrokeRow(out: Float32Array, count: number, tile: Uint8Array, x: number, y: number, shift: number): void {
	const row = (y & 255) << 8;
	fillBetweenNodes(out, count, x, shift, (node) => tile[row | (node & 255)]!);
}

/** As `fillStrokeRow`, drawn out along y. */
export function fillUprightRow(out: Float32Array, count: number, tile: Uint8Array, x: number, y: number, shift: number): void {
	const row = ((y >> shift) & 255) << 8;
	const next = (((y >> shift) + 1) & 255) << 8;
	const v = (y & ((1 << shift) - 1)) / (1 << shift);
	for (let i = 0; i < count; i++) {
		const column = (x + i) & 255;
		out[i] = tile[row | column]! * (1 - v) + tile[next | column]! * v;
	}
}

/** The shift of a node about every so many mm. */
export function shiftFor(mm: number, scale: number): number {
	return Math.max(0, Math.round(Math.log2(Math.max(1, mm * scale))));
}

/** Noise that changes slowly both ways, 0 to 255, for `count` pixels from x. */
export function fillCloudRow(out: Float32Array, count: number, tile: Uint8Array, x: number, y: number, shift: number): void {
	const row = ((y >> shift) & 255) << 8;
	const next = (((y >> shift) + 1) & 255) << 8;
	const v = smooth((y & ((1 << shift) - 1)) / (1 << shift));
	fillBetweenNodes(out, count, x, shift, (node) => tile[row | (node & 255)]! * (1 - v) + tile[next | (node & 255)]! * v);
}

/** Straight lines between the nodes: the same wherever the row begins. */
function fillBetweenNodes(out: Float32Array, count: number, x: number, shift: number, at: (node: number) => number): void {
	const step = 1 << shift;
	for (let i = 0; i < count;) {
		const node = (x + i) >> shift;
		const into = (x + i) & (step - 1);
		const from = at(node);
		const rise = (at(node + 1) - from) / step;
		const end = Math.min(count, i + step - into);
		for (let k = into; i < end; i++, k++) out[i] = from + rise * k;
	}
}

/** Noise that changes slowly both ways: 0 to 255. No array is made here: it runs for every pixel. */
export function cloudNoise(tile: Uint8Array, x: number, y: number, shift: number): number {
	const mask = (1 << shift) - 1;
	const cx = x >> shift;
	const cy = y >> shift;
	const u = smooth((x & mask) / (mask + 1));
	const v = smooth((y & mask) / (mask + 1));
	const row = (cy & 255) << 8;
	const next = ((cy + 1) & 255) << 8;
	const left = cx & 255;
	const right = (cx + 1) & 255;
	const top = tile[row | left]! + (tile[row | right]! - tile[row | left]!) * u;
	const bottom = tile[next | left]! + (tile[next | right]! - tile[next | left]!) * u;
	return top + (bottom - top) * v;
}

function smooth(t: number): number {
	return t * t * (3 - 2 * t);
}
