import { depthInRegion } from './depthInRegion';
import { meetFrom } from './joins';
import { patchNoise } from './patchNoise';
import type { Pattern } from './types';

/** Darkening from edges and corners, deeper here than there: the distance to the edge, shifted by patches. Source: craft 4. */
export const ageing: Pattern<'ageing'> = {
	id: 'ageing',
	name: 'Ageing from the edges',
	ends: () => ['in edges and corners', 'within'],
	reach: (_, { deepest }) => deepest,
	depthAt({ reach, seed }, x, y, region) {
		const shift = reach * 1.4 * (patchNoise(x, y, Math.max(8, reach * 1.6), seed + region.salt) - 0.45);
		return Math.min(region.deepest, Math.max(0, depthInRegion(x, y, region, 'round') - shift));
	},
	meets: ({ reach }, colours, { deepest }) => meetFrom(reach / 2, colours, deepest),
	start: ({ deepest }) => ({ pattern: 'ageing', reach: Math.max(2, Math.round(Math.min(40, deepest * 0.5))), seed: 1 })
};
