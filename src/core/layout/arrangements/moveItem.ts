import type { Mm } from '../../units';
import { kindOfArrangement } from './index';
import type { Arrangement } from './schema';
import type { LaidItem } from './types';

/** Places an item by its left or its top edge, from the same edges of its part, mm; what is not given stays. */
export function moveItemEdge(arrangement: Arrangement, item: LaidItem, edges: { readonly left?: Mm; readonly top?: Mm }): Arrangement {
	const centre = { x: (edges.left ?? item.left) + item.width / 2, y: (edges.top ?? item.top) + item.height / 2 };
	return kindOfArrangement(arrangement).moveItem(arrangement, item, centre);
}

/** Moves an item from where it is, mm. */
export function nudgeItem(arrangement: Arrangement, item: LaidItem, right: Mm, down: Mm): Arrangement {
	return kindOfArrangement(arrangement).moveItem(arrangement, item, { x: item.centre.x + right, y: item.centre.y + down });
}
