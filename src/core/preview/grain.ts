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

/** Noise drawn out along x like the hairs of a brush: 0 to 255. `length` is a power of two, px. */
export function strokeNoise(tile: Uint8Array, x: number, y: number, shift: number): number {
	const row = (y & 255) << 8;
	const at = x >> shift;
	const part = (x & ((1 << shift) - 1)) / (1 << shift);
	const a = tile[row | (at & 255)]!;
	return a + (tile[row | ((at + 1) & 255)]! - a) * part;
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
