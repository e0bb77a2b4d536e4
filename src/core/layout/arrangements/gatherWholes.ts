import type { Mm2 } from '../../units';
import type { LaidItem } from './types';

/** Less of a motif than this is neither a print, nor a cast, nor a cut, where most of it lies elsewhere: a shaving, mm2. */
const SLIVER: Mm2 = 0.5;

/** Whether an item is no more than a shaving of its motif. */
export function isSliver({ openArea, lost }: Pick<LaidItem, 'openArea' | 'lost'>): boolean {
	return openArea <= 0 || (openArea < SLIVER && lost > openArea);
}

/** Motifs with all their pieces: one that lies on two drawers is one. Slivers count for none. */
export function gatherWholes<I extends Pick<LaidItem, 'key' | 'arrangement' | 'whole' | 'openArea' | 'lost'>>(items: readonly I[]): I[][] {
	const wholes = new Map<string, I[]>();
	for (const item of items) {
		if (isSliver(item)) continue;
		const key = `${item.arrangement} ${item.whole ?? item.key}`;
		const known = wholes.get(key);
		if (known) known.push(item);
		else wholes.set(key, [item]);
	}
	return [...wholes.values()];
}

/** Whether a motif lies across a gap: on several parts, or over a gap in one. */
export function crossesGap(pieces: readonly Pick<LaidItem, 'cutBy' | 'lost'>[]): boolean {
	return pieces.length > 1 || (pieces[0]!.cutBy.includes('opening') && pieces[0]!.lost >= SLIVER);
}
