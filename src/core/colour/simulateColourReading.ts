import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import type { Lab } from './lab';

/** A reader is off by so much at most, in each figure. */
const NOISE = 0.35;
/** One in so many readings is of a hand that shook, or of a gap under the reader: it comes out darker. */
const SLIPS = 9;
const SLIP = 6;

/** What a colour reader would tell of a swatch: the nth reading of a seed, always the same. */
export function simulateColourReading(swatch: Lab, seed: number, nth: number): Lab {
	const random = xoroshiro128plus(seed * 1009 + nth);
	const noise = () => (uniformFloat64(random) * 2 - 1) * NOISE;
	const slip = nth % SLIPS === 0 ? SLIP : 0;
	return { l: Math.min(100, Math.max(0, swatch.l + noise() - slip)), a: swatch.a + noise(), b: swatch.b + noise() };
}
