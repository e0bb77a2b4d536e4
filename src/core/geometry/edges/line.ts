import type { EdgeKind, LineEdge } from './types';

export const line: EdgeKind<LineEdge> = {
	length: ({ from, to }) => Math.hypot(to.x - from.x, to.y - from.y),
	sweptArea: ({ from, to }) => (from.x * to.y - to.x * from.y) / 2,
	prepare({ from, to }) {
		const [dx, dy] = [to.x - from.x, to.y - from.y];
		const square = dx * dx + dy * dy;
		return {
			distance(x, y) {
				const [px, py] = [x - from.x, y - from.y];
				const t = square === 0 ? 0 : Math.max(0, Math.min(1, (px * dx + py * dy) / square));
				return Math.sqrt((px - t * dx) ** 2 + (py - t * dy) ** 2);
			},
			crossings(x, y) {
				if (from.y > y === to.y > y) return 0;
				return from.x + ((y - from.y) / dy) * dx > x ? 1 : 0;
			}
		};
	},
	flatten: ({ from }) => [from],
	extremes: ({ from, to }) => [from, to],
	path: ({ to }, write) => `L${write(to.x)} ${write(to.y)}`
};
