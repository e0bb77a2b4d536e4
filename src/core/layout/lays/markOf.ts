import { isInsideOutline } from '../../geometry';
import type { Part } from '../../piece';
import type { Mm } from '../../units';
import type { Lay } from './types';

const CORNERS = ['top left', 'top right', 'bottom right', 'bottom left'] as const;

/** The mark that a sheet is laid by: the first corner of its design that lies on the part; of one whose corners all hang over, its middle. Mm from the left and the top of the part's box. */
export function markOf(
	{ design }: Pick<Lay, 'design'>,
	part: Pick<Part, 'outline' | 'width' | 'height'>
): { readonly which: (typeof CORNERS)[number] | 'middle'; readonly x: Mm; readonly y: Mm } {
	const corners = CORNERS.map((which, i) => ({ which, x: design[2 * i]!, y: design[2 * i + 1]! }));
	const onEdge = ({ x, y }: { x: Mm; y: Mm }) => {
		/** A corner on the very edge is on it. */
		const [cx, cy] = [x + (part.width / 2 - x) * 1e-6, y + (part.height / 2 - y) * 1e-6];
		return isInsideOutline(part.outline, { x: cx, y: cy });
	};
	const middle = { which: 'middle' as const, x: (design[0]! + design[4]!) / 2, y: (design[1]! + design[5]!) / 2 };
	return corners.find(onEdge) ?? middle;
}
