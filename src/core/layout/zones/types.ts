import type { Outline } from '../../geometry';
import type { Mm } from '../../units';
import type { Zone } from '../schema';

/** Where a colour gives way to the next, mm of depth: half and half at `at`, over `half` to both sides. */
export interface Join {
	readonly at: Mm;
	readonly half: Mm;
}

/** What a pattern lies on: a part in its own box. */
export interface Region {
	readonly width: Mm;
	readonly height: Mm;
	/** Null for the plain box, for which there are shorter ways. */
	readonly outline: Outline | null;
	/** The largest distance to its edge, mm. */
	readonly deepest: Mm;
}

/** Where the colours of a zone go on one part. */
export interface Pattern {
	readonly id: Zone['pattern'];
	/** The field: from 0 at the first colour to `region.deepest`, mm. x and y from the left and the top edge of the part. */
	readonly depthAt: (zone: Zone, x: Mm, y: Mm, region: Region) => Mm;
	/** One fewer than colours. */
	readonly joins: (zone: Zone, region: Region) => Join[];
}
