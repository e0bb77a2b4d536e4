import { uniformInt } from 'pure-rand/distribution/uniformInt';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import type { Mm } from '../../units';

/** A measuring device gives tenths of a millimetre, and a steady hand is hardly further off than that. */
const STEP: Mm = 0.1;
const NOISE: Mm = 0.04;
/** One reading in so many goes to a wrong edge. */
const OUTLIER_EVERY = 14;
const OUTLIER: readonly [least: Mm, most: Mm] = [8, 45];
const FINE = 1_000_000;

/**
 * What a measuring device would say of a length (mm): near it, with the noise of a hand, and now and then, when it was
 * held to a wrong edge, well off. The same seed and number of the reading give the same answer.
 */
export function simulateReading(length: Mm, seed: number, number: number): Mm {
	const random = xoroshiro128plus(seed * 7919 + number * 104_729 + 1);
	const draw = () => uniformInt(random, 0, FINE) / FINE;
	/** Three even draws make a bell that is near enough. */
	const noise = (draw() + draw() + draw() - 1.5) * 2 * NOISE;
	const strays = draw() < 1 / OUTLIER_EVERY;
	const off = strays ? (draw() < 0.5 ? -1 : 1) * (OUTLIER[0] + draw() * (OUTLIER[1] - OUTLIER[0])) : 0;
	const read = length + noise + (length + off > 2 ? off : Math.abs(off));
	return Math.max(STEP, Math.round(read / STEP) * STEP);
}
