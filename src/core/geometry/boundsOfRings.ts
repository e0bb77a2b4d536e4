import type { Ring } from './flattenPath';

export interface RingBounds {
	readonly left: number;
	readonly top: number;
	readonly right: number;
	readonly bottom: number;
}

/** The box round all points of some rings; of none, from infinity to minus infinity. */
export function boundsOfRings(rings: readonly Ring[]): RingBounds {
	let [left, top, right, bottom] = [Infinity, Infinity, -Infinity, -Infinity];
	for (const ring of rings)
		for (let i = 0; i < ring.length; i += 2) {
			const [x, y] = [ring[i]!, ring[i + 1]!];
			if (x < left) left = x;
			if (x > right) right = x;
			if (y < top) top = y;
			if (y > bottom) bottom = y;
		}
	return { left, top, right, bottom };
}
