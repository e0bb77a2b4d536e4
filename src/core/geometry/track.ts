import type { Point } from './edges/types';
import type { Ring } from './flattenPath';

/** A line with a length along it: a stretch of an outline from corner to corner, all of one that has no corner, or one drawn through points. */
export interface Track {
	readonly points: Ring;
	/** Length from its start to each of its points, mm. */
	readonly along: readonly number[];
	readonly length: number;
	/** It ends where it begins: no corner. */
	readonly closed: boolean;
}

/** Where a track is so far along it, and which way it runs: radians, clockwise from the right. */
export interface OnTrack extends Point {
	readonly heading: number;
}

/** The track of points that follow one another, mm; a closed one goes back to its first. */
export function measureTrack(ring: Ring, closed: boolean): Track {
	const points = closed ? [...ring, ring[0]!, ring[1]!] : ring;
	const along = [0];
	let length = 0;
	for (let i = 2; i < points.length; i += 2) {
		length += Math.sqrt((points[i]! - points[i - 2]!) ** 2 + (points[i + 1]! - points[i - 1]!) ** 2);
		along.push(length);
	}
	return { points, along, length, closed };
}

/** The place so far along a track, mm; of a closed one round and round. */
export function alongTrack({ points, along, length, closed }: Track, at: number): OnTrack {
	const s = closed ? ((at % length) + length) % length : Math.min(length, Math.max(0, at));
	let [low, high] = [0, along.length - 1];
	while (high - low > 1) {
		const middle = (low + high) >> 1;
		if (along[middle]! <= s) low = middle;
		else high = middle;
	}
	const [x0, y0, x1, y1] = [points[2 * low]!, points[2 * low + 1]!, points[2 * high]!, points[2 * high + 1]!];
	const span = along[high]! - along[low]!;
	const share = span > 0 ? (s - along[low]!) / span : 0;
	return { x: x0 + share * (x1 - x0), y: y0 + share * (y1 - y0), heading: Math.atan2(y1 - y0, x1 - x0) };
}
