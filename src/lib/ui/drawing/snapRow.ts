import { snapFrame, type SnapLine } from '$core/layout';
import type { ItemRow } from '$core/plan';
import type { Part } from '$core/piece';

/** Where the centre of a laid motif comes to lie when it is drawn to what is near the place it is pulled to, mm on its part; and the lines that drew it. */
export function snapRow({
	row,
	to,
	part,
	rows,
	reach
}: {
	readonly row: ItemRow;
	readonly to: { readonly x: number; readonly y: number };
	readonly part: Part;
	readonly rows: readonly ItemRow[];
	readonly reach: number;
}): { readonly x: number; readonly y: number; readonly lines: readonly SnapLine[] } {
	const frame = { left: row.left + to.x - row.centre.x, top: row.top + to.y - row.centre.y, width: row.width, height: row.height };
	const neighbours = rows.filter((other) => other.part === row.part && !(other.arrangement === row.arrangement && other.key === row.key));
	const { dx, dy, lines } = snapFrame(frame, part, neighbours, reach);
	return { x: to.x + dx, y: to.y + dy, lines };
}
