import { distanceToOutline } from '../../geometry';
import { isBoxOutline, type Part } from '../../piece';
import type { LaidItem } from '../arrangements/types';
import { apartBy, closes, LEAST_COUNT, SAME_PLACE, stepsOf, type Place, type SetOutRing } from './types';

const TURN = 2 * Math.PI;

/** All of them on one circle, not on a straight line: its pin and radius, and the steps of the dividers. Null where they are not. Source: methods 3. */
export function findRing(items: readonly LaidItem[], part: Part): SetOutRing | null {
	if (items.length < LEAST_COUNT) return null;
	const [a, b, c] = [0, 1 / 3, 2 / 3].map((share) => items[Math.floor(share * items.length)]!.centre) as [Place, Place, Place];
	const centre = centreThrough(a, b, c);
	if (centre === null) return null;
	const radius = apartBy(a, centre);
	if (items.some((item) => Math.abs(apartBy(item.centre, centre) - radius) > SAME_PLACE)) return null;
	/** Four of a box lie on a circle too. */
	const middle = { x: part.width / 2, y: part.height / 2 };
	if (items.length < 5 && (isBoxOutline(part.outline) || apartBy(centre, middle) > SAME_PLACE)) return null;
	const angleOf = ({ x, y }: Place) => (Math.atan2(x - centre.x, centre.y - y) + TURN) % TURN;
	const clockwise = items
		.map((item) => ({ item, angle: angleOf(item.centre) > TURN - 1e-6 ? 0 : angleOf(item.centre) }))
		.sort((one, other) => one.angle - other.angle);
	const gaps = clockwise.map(({ angle }, i) => (clockwise[i + 1]?.angle ?? clockwise[0]!.angle + TURN) - angle);
	const isClosed = closes(gaps);
	/** An open stretch begins after the gap that it leaves. */
	const begin = isClosed ? 0 : (gaps.indexOf(Math.max(...gaps)) + 1) % clockwise.length;
	const inOrder = [...clockwise.slice(begin), ...clockwise.slice(0, begin)];
	const sorted = inOrder.map(({ item }) => item);
	const insets = sorted.map((item) => distanceToOutline(part.outline, item.centre));
	const isAlike = Math.max(...insets) - Math.min(...insets) <= SAME_PLACE;
	return {
		way: 'ring',
		items: sorted,
		centre,
		radius,
		inset: isAlike ? insets[0]! : null,
		first: (inOrder[0]!.angle * 360) / TURN,
		steps: stepsOf(sorted, isClosed),
		isClosed
	};
}

/** Of the circle through three points; null where they lie in a line. */
function centreThrough(a: Place, b: Place, c: Place): Place | null {
	const d = 2 * (a.x * (b.y - c.y) + b.x * (c.y - a.y) + c.x * (a.y - b.y));
	const flat = Math.abs(d) / 4 / Math.max(apartBy(a, b), apartBy(b, c), apartBy(a, c), 1);
	if (flat < SAME_PLACE) return null;
	const [aa, bb, cc] = [a, b, c].map(({ x, y }) => x * x + y * y) as [number, number, number];
	return {
		x: (aa * (b.y - c.y) + bb * (c.y - a.y) + cc * (a.y - b.y)) / d,
		y: (aa * (c.x - b.x) + bb * (a.x - c.x) + cc * (b.x - a.x)) / d
	};
}
