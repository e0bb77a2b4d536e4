import type { Mm } from '../../units';

/** Any two whole numbers and a seed to a fraction in [0, 1): always the same. */
export function hash(x: number, y: number, seed: number): number {
	let h = Math.imul(x, 0x27d4eb2d) ^ Math.imul(y, 0x165667b1) ^ Math.imul(seed + 1, 0x9e3779b1);
	h = Math.imul(h ^ (h >>> 15), 0x85ebca6b);
	h = Math.imul(h ^ (h >>> 13), 0xc2b2ae35);
	return ((h ^ (h >>> 16)) >>> 0) / 2 ** 32;
}

function ease(t: number): number {
	return t * t * (3 - 2 * t);
}

/** How far patches are pushed about, as a share of their size: without it the grid that they grow from shows. */
const PUSH = 0.9;
/** Turns the smaller patches against the larger, for the same reason. */
const [COS, SIN] = [Math.cos(0.6) * 2.3, Math.sin(0.6) * 2.3];

/** Patches rise by no more than so much over their size: found on a million points. */
export const STEEPEST_PATCH = 3.2;

/** Smooth patches about `size` mm across, in [0, 1], with smaller ones in them; the same for the same seed. */
export function patchNoise(x: Mm, y: Mm, size: Mm, seed: number): number {
	const [u, v] = [x / size, y / size];
	const push = PUSH * (latticeNoise(u * 0.8 + 11, v * 0.8, seed + 31) - 0.5);
	const [a, b] = [u + push, v - push];
	return 0.68 * latticeNoise(a, b, seed) + 0.32 * latticeNoise(a * COS - b * SIN, a * SIN + b * COS, seed + 7919);
}

/** The same along one line. */
export function lineNoise(x: Mm, size: Mm, seed: number): number {
	const [cell, t] = [Math.floor(x / size), ease(x / size - Math.floor(x / size))];
	return hash(cell, 0, seed) * (1 - t) + hash(cell + 1, 0, seed) * t;
}

/** Smooth noise of one size in [0, 1]: a value at each whole point, and even ways between. */
export function latticeNoise(x: number, y: number, seed: number): number {
	const [cx, cy] = [Math.floor(x), Math.floor(y)];
	const [u, v] = [ease(x - cx), ease(y - cy)];
	const top = hash(cx, cy, seed) * (1 - u) + hash(cx + 1, cy, seed) * u;
	const bottom = hash(cx, cy + 1, seed) * (1 - u) + hash(cx + 1, cy + 1, seed) * u;
	return top * (1 - v) + bottom * v;
}
