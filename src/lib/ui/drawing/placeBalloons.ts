/** Something that a leader points at, px; which way up or down its balloon is wished. */
export interface Target {
	readonly id: string;
	readonly x: number;
	readonly y: number;
}

export interface Balloon extends Target {
	/** Height of the balloon in its column, px. */
	readonly at: number;
}

/**
 * Stands balloons one below the other between `top` and `bottom`, no two nearer than `apart`, each as near to its target's
 * height as the others allow (least squares: neighbours that crowd share the mean). Their order is that of their targets, so
 * no two leaders cross.
 */
export function placeBalloons(targets: readonly Target[], top: number, bottom: number, apart: number): Balloon[] {
	const sorted = [...targets].sort((a, b) => a.y - b.y);
	/** Groups that have run into each other: where the first stands, and how many they are. */
	const groups: { first: number; wish: number; count: number }[] = [];
	for (const { y } of sorted) {
		groups.push({ first: y, wish: y, count: 1 });
		while (groups.length > 1) {
			const [before, last] = [groups.at(-2)!, groups.at(-1)!];
			if (before.first + before.count * apart <= last.first) break;
			const count = before.count + last.count;
			const wish = (before.wish * before.count + (last.wish - before.count * apart) * last.count) / count;
			groups.splice(-2, 2, { first: wish, wish, count });
		}
	}
	const heights = groups.flatMap(({ first, count }) => Array.from({ length: count }, (_, i) => first + i * apart));
	const lowest = Math.max(bottom, top + (heights.length - 1) * apart);
	/** What would leave the column is pushed back into it, and pushes its neighbours. */
	heights.forEach((height, i) => (heights[i] = Math.max(height, top + i * apart)));
	for (let i = heights.length - 1; i >= 0; i--) heights[i] = Math.min(heights[i]!, lowest - (heights.length - 1 - i) * apart);
	return sorted.map((target, i) => ({ ...target, at: heights[i]! }));
}
