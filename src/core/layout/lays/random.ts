import { uniformInt } from 'pure-rand/distribution/uniformInt';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';

/** Whole numbers from 0 up to, not with, what is asked: the same for the same seed. */
export function createRandom(seed: number): (below: number) => number {
	const source = xoroshiro128plus(seed);
	return (below) => uniformInt(source, 0, below - 1);
}
