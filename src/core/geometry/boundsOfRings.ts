import type { Ring } from './flattenPath';

export interface RingBounds {
	readonly left: number;
	readonly top: number;
	readonly right: number;
	readonly bottom: number;
}

/** The box round all points of some rings; of none, from infinity to minus infinity. */
export function boundsOfRings(rings: readonly Ring[]): RingBounds {
	const box = { left: Infinity, top: Infinity, right: -Infinity, bottom: -Infinity };
	for (const ring of rings)
		for (let i = 0; i < ring.length; i += 2) {
			box.left = Math.min(box.left, ring[i]!);
			box.right = Math.max(box.right, ring[i]!);
			box.top = Math.min(box.top, ring[i + 1]!);
			box.bottom = Math.max(box.bottom, ring[i + 1]!);
		}
	return box;
}
