import type { Mm } from '../../units';

/** No arc is drawn with more: at 0.0005 mm of stray it is a circle of a hundred metres. */
const MOST_CHORDS = 40_000;

/**
 * Chords for an arc (sweep in radians, radius and stray in mm), so that none strays from it by more than `flatness`. A chord strays by
 * r (1 - cos(a/2)) = 2 r sin2(a/4); from that the angle a is found without losing it where it is small. Never endless, whatever the radius.
 */
export function chordsOf(sweep: number, radius: Mm, flatness: Mm): number {
	const angle = 4 * Math.asin(Math.min(1, Math.sqrt(flatness / (2 * radius))));
	const chords = Math.ceil(Math.abs(sweep) / angle);
	return chords >= 1 ? Math.min(MOST_CHORDS, chords) : chords === 0 ? 1 : MOST_CHORDS;
}
