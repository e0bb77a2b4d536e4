import type { Mm } from '../../units';
import type { Zone } from '../schema';

/** Where a colour gives way to the next, mm of depth: half and half at `at`, over `half` to both sides. */
export interface Join {
	readonly at: Mm;
	readonly half: Mm;
}

/** Where the colours of a zone go on one part. */
export interface Pattern {
	readonly id: Zone['pattern'];
	/** The largest value that `depthAt` takes on a part, mm. */
	readonly deepest: (width: Mm, height: Mm) => Mm;
	/** The field: from 0 at the first colour, mm. x and y from the left and the top edge of the part. */
	readonly depthAt: (zone: Zone, x: Mm, y: Mm, width: Mm, height: Mm) => Mm;
	/** One fewer than colours. */
	readonly joins: (zone: Zone, width: Mm, height: Mm) => Join[];
}
