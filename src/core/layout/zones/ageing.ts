import { depthInRegion } from './depthInRegion';
import { meetFrom, slopeBounds } from './joins';
import { patchNoise, STEEPEST_PATCH } from './patchNoise';
import type { Pattern } from './types';

/** Darkening from edges and corners, where hands would wear it and round motifs, deeper here than there: the distance to the edge, shifted by patches. Source: craft 4. */
export const ageing: Pattern<'ageing'> = {
	id: 'ageing',
	name: 'Ageing from the edges',
	ends: ({ hands, motifs }) => [hands || motifs ? 'in edges, corners, and round what is chosen' : 'in edges and corners', 'within'],
	reach: (_, { deepest }) => deepest,
	depthAt({ reach, seed }, x, y, region) {
		let edge = depthInRegion(x, y, region, 'round');
		for (const { box, radius } of region.touched) {
			const dx = Math.max(box.x - x, 0, x - box.x - box.width);
			const dy = Math.max(box.y - y, 0, y - box.y - box.height);
			/** Nearly all lie further off: no root is needed. */
			const far = dx * dx + dy * dy;
			if (far < (edge + radius) * (edge + radius)) edge = Math.max(0, Math.sqrt(far) - radius);
		}
		const shift = reach * 1.4 * (patchNoise(x, y, Math.max(8, reach * 1.6), seed + region.salt) - 0.45);
		return Math.min(region.deepest, Math.max(0, edge - shift));
	},
	meets: ({ reach }, colours, { deepest }) => meetFrom(reach / 2, colours, deepest),
	start: ({ deepest }, round) => ({
		pattern: 'ageing',
		reach: Math.max(2, round(Math.min(40, deepest * 0.5))),
		hands: false,
		motifs: false,
		seed: 1
	}),
	turns: ({ reach }) => Math.max(8, reach * 1.6) / 8,
	bounds: ({ reach }, depth, within) => slopeBounds(depth, within, 1 + (1.4 * reach * STEEPEST_PATCH) / Math.max(8, reach * 1.6)),
	axis: (_, { width }) => ({ x: width / 2, y: 0, dx: 0, dy: 1 }),
	moves: 'first',
	moveJoin: (field, { depth }) => ({ ...field, reach: Math.max(2, Math.round(2 * depth)) })
};
