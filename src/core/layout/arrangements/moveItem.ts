import type { DatumFigure } from '../../piece';
import type { Mm } from '../../units';
import { kindOfArrangement } from './index';
import type { Arrangement } from './schema';
import type { LaidItem } from './types';

/** Places an item by one of the figures that find it on its part, mm; the other stays. */
export function moveItemTo(arrangement: Arrangement, item: LaidItem, { axis, mm: now, way }: DatumFigure, mm: Mm): Arrangement {
	const by = way * (mm - now);
	return axis === 'across' ? nudgeItem(arrangement, item, by, 0) : nudgeItem(arrangement, item, 0, by);
}

/** Moves an item from where it is, mm. */
export function nudgeItem(arrangement: Arrangement, item: LaidItem, right: Mm, down: Mm): Arrangement {
	return kindOfArrangement(arrangement).moveItem(arrangement, item, { x: item.centre.x + right, y: item.centre.y + down });
}
