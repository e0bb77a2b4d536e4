import { datumOf, type Part } from '$core/piece';
import type { ItemRow } from '$core/plan';
import type { Mm } from '$core/units';

/** A dimension line of an item on its part, mm from the left and the top of the part. */
export interface PlaceLine {
	readonly from: Mm;
	readonly to: Mm;
	readonly upright: boolean;
}

/** What finds an item: from an edge that a tape can be hooked on to the near edge of it, from a centre line to its centre; none where it lies on that line, or hangs over. */
export function placeLines(
	part: Pick<Part, 'outline' | 'width' | 'height'>,
	{ left, top, width, height, centre }: Pick<ItemRow, 'left' | 'top' | 'width' | 'height' | 'centre'>
): PlaceLine[] {
	const { across, down } = datumOf(part);
	const line = (from: Mm, to: Mm, upright: boolean): PlaceLine[] =>
		Math.abs(to - from) < 0.25 ? [] : [{ from: Math.min(from, to), to: Math.max(from, to), upright }];
	return [
		...{
			left: left > 0 ? line(0, left, false) : [],
			right: left + width < part.width ? line(left + width, part.width, false) : [],
			centre: line(part.width / 2, centre.x, false)
		}[across],
		...{
			top: top > 0 ? line(0, top, true) : [],
			bottom: top + height < part.height ? line(top + height, part.height, true) : [],
			centre: line(part.height / 2, centre.y, true)
		}[down]
	];
}
