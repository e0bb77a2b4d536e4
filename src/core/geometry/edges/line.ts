import type { EdgeKind, LineEdge } from './types';

export const line: EdgeKind<LineEdge> = {
	length: ({ from, to }) => Math.hypot(to.x - from.x, to.y - from.y),
	sweptArea: ({ from, to }) => (from.x * to.y - to.x * from.y) / 2,
	distance({ from, to }, { x, y }) {
		const [dx, dy] = [to.x - from.x, to.y - from.y];
		const square = dx * dx + dy * dy;
		const t = square === 0 ? 0 : Math.max(0, Math.min(1, ((x - from.x) * dx + (y - from.y) * dy) / square));
		return Math.hypot(x - from.x - t * dx, y - from.y - t * dy);
	},
	crossings({ from, to }, { x, y }) {
		if (from.y > y === to.y > y) return 0;
		return from.x + ((y - from.y) / (to.y - from.y)) * (to.x - from.x) > x ? 1 : 0;
	},
	flatten: ({ from }) => [from],
	extremes: ({ from, to }) => [from, to],
	path: ({ to }, write) => `L${write(to.x)} ${write(to.y)}`
};
