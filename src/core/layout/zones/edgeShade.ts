import { depthInRegion, levelInRegion } from './depthInRegion';
import { clampTo } from './joins';
import type { Pattern } from './types';

/** Edge shade and centre glow: the field is the distance to the outline; the first join lies `border` from the edge. Source: methods 11. */
export const edgeShade: Pattern<'edge-shade'> = {
	id: 'edge-shade',
	name: 'Edge shade and glow',
	ends: () => ['at the edge', 'in the centre'],
	reach: (_, { deepest }) => deepest,
	depthAt: ({ corners }, x, y, region) => depthInRegion(x, y, region, corners),
	/** The middle colours are each as wide as the border, but take at most half of what is left. */
	meets({ border }, colours, { deepest }) {
		const first = Math.min(border, deepest);
		const step = Math.min(first, (deepest - first) / 2 / Math.max(1, colours - 2));
		return Array.from({ length: colours - 1 }, (_, i) => first + i * step);
	},
	start: ({ deepest }, round) => ({ pattern: 'edge-shade', border: Math.max(1, round(Math.min(30, deepest * 0.4))), corners: 'round' }),
	level: ({ corners }, depth, region) => levelInRegion(depth, region, corners),
	axis: (_, { width }) => ({ x: width / 2, y: 0, dx: 0, dy: 1 }),
	moves: 'first',
	moveJoin: (field, { depth, region }) => ({ ...field, border: clampTo(Math.round(depth), 1, region.deepest) })
};
