import { areaOfRings, flattenPath, uniteShapes, type Ring } from '../geometry';
import type { Mm2 } from '../units';
import type { Motif } from './motif';

export interface MotifShape {
	/** Openings that take paint, mm, as `uniteShapes` returns them. */
	readonly rings: readonly Ring[];
	/** Area of the openings at scale 1, mm2. */
	readonly openArea: Mm2;
	/** Indices of paths that could not be read. */
	readonly unread: readonly number[];
}

/** The openings of a stencil motif and their area at scale 1. Source: methods 6. */
export function measureMotif(motif: Motif): MotifShape {
	const read = motif.paths.map(({ d, rule }) => ({ rings: flattenPath(d), rule }));
	const rings = uniteShapes(read.flatMap(({ rings, rule }) => (rings ? [{ rings, rule }] : [])));
	return { rings, openArea: areaOfRings(rings), unread: read.flatMap((path, i) => (path.rings ? [] : [i])) };
}
