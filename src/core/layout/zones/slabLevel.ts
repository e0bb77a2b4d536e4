import type { Mm } from '../../units';
import type { Level } from './types';

/** All between two lines across a region, level or upright, and the lines of these along which a band ends; mm from its top or its left. */
export function slabLevel(isLevel: boolean, from: Mm, to: Mm, lines: readonly Mm[], width: Mm, height: Mm): Level {
	const points = (at: Mm) => (isLevel ? [0, at, width, at] : [at, 0, at, height]);
	const [ax, ay, bx, by] = points(from) as [Mm, Mm, Mm, Mm];
	const [cx, cy, dx, dy] = points(to) as [Mm, Mm, Mm, Mm];
	return {
		within: from < to ? [[ax, ay, bx, by, dx, dy, cx, cy]] : [],
		line: lines.map((at) => ({ points: points(at), closed: false }))
	};
}
