import { depthInRegion, levelInRegion } from './depthInRegion';
import { clampTo } from './joins';
import type { Pattern } from './types';

/** Rings that follow the outline, each of its own width from the edge inwards. Source: craft 4. */
export const rings: Pattern<'rings'> = {
	id: 'rings',
	name: 'Rings from the edge',
	ends: () => ['at the edge', 'in the centre'],
	reach: (_, { deepest }) => deepest,
	depthAt: (_, x, y, region) => depthInRegion(x, y, region, 'square'),
	meets({ widths }, colours, { deepest }) {
		let at = 0;
		return Array.from({ length: colours - 1 }, (_, i) => (at = Math.min(deepest, at + (widths[i] ?? widths.at(-1)!))));
	},
	start: ({ deepest }, round) => ({ pattern: 'rings', widths: [Math.max(1, round(deepest * 0.25))] }),
	level: (_, depth, region) => levelInRegion(depth, region, 'square'),
	axis: (_, { width }) => ({ x: width / 2, y: 0, dx: 0, dy: 1 }),
	moves: 'all',
	moveJoin(field, { join, depth, colours, region }) {
		const ats = rings.meets(field, colours, region);
		const widths = ats.map((at, i) => at - (ats[i - 1] ?? 0));
		return {
			...field,
			widths: widths.map((width, i) => (i === join ? clampTo(Math.round(depth - (ats[i - 1] ?? 0)), 1, region.deepest) : width))
		};
	}
};
