import { kindOfArrangement, type Arrangement } from '$core/layout';
import type { ItemRow } from '$core/plan';

/** Whether an item lies on a knob and nobody wants it there. */
export function hitsHardware(row: ItemRow, arrangements: readonly Arrangement[]): boolean {
	if (row.touches.length === 0) return false;
	const of = arrangements.find(({ id }) => id === row.arrangement);
	return of !== undefined && !kindOfArrangement(of).meansHardware(of, row);
}
