import { meetAtStops } from './joins';
import { latticeNoise } from './patchNoise';
import type { Pattern } from './types';

/** A thread runs on for so many times its thickness before it changes. */
const LONG = 40;
/** Noise lies mostly about its middle: drawn out so that threads stand clear. */
const SPREAD = 1.8;
const [WARP, WEFT] = [17, 4099];
/** In a twill the upright threads are seen, and a slant crosses them, two to the right for one down. */
const TWILL = { warp: 0.55, slant: 0.45, run: 0.5, length: 9 } as const;

/** A look of cloth, dragged with a dry brush across and down: the field is how far a thread lies on top. Source: craft 4. */
export const cloth: Pattern<'cloth'> = {
	id: 'cloth',
	name: 'Cloth look',
	ends: () => ['between the threads', 'on the threads'],
	reach: ({ thread }) => thread,
	depthAt({ weave, thread, seed }, x, y, { salt }) {
		const [u, v] = [x / thread, y / thread];
		const warp = latticeNoise(u, v / LONG, seed + salt + WARP);
		const other =
			weave === 'linen'
				? latticeNoise(u / LONG, v, seed + salt + WEFT)
				: latticeNoise((u * TWILL.run + v) * 0.6, (u - v * TWILL.run) / TWILL.length, seed + salt + WEFT);
		const t = weave === 'linen' ? (warp + other) / 2 : TWILL.warp * warp + TWILL.slant * other;
		return thread * Math.min(1, Math.max(0, 0.5 + (t - 0.5) * SPREAD));
	},
	meets: ({ thread, stops }, colours) => meetAtStops(stops, colours, thread),
	start: () => ({ pattern: 'cloth', weave: 'linen', thread: 1.6, seed: 1, stops: null }),
	turns: ({ thread }) => thread / 3
};
