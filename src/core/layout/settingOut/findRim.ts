import { distanceToOutline, isInsideOutline } from '../../geometry';
import { isBoxOutline, type Part } from '../../piece';
import type { LaidItem } from '../arrangements/types';
import { LEAST_COUNT, SAME_PLACE, stepsOf, type SetOutRim } from './types';

/** All of them as far from the edge of a part that is no rectangle: its pencil line, and the steps along it. Null where they are not. */
export function findRim(items: readonly LaidItem[], part: Part): SetOutRim | null {
	if (items.length < LEAST_COUNT || isBoxOutline(part.outline)) return null;
	const insets = items.map(({ centre }) => distanceToOutline(part.outline, centre));
	if (Math.max(...insets) - Math.min(...insets) > SAME_PLACE) return null;
	if (items.some(({ centre }) => !isInsideOutline(part.outline, centre))) return null;
	const open = stepsOf(items, false);
	const back = stepsOf(items, true).at(-1)!;
	const isClosed = back <= 2 * Math.max(...open);
	return { way: 'rim', items, inset: insets[0]!, steps: isClosed ? [...open, back] : open, isClosed };
}
