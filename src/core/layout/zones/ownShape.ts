import { areaOfOutline, flattenOutline, subtractRings, type Ring } from '../../geometry';
import { areaOfHoles, boxOutline, ringOfCutout } from '../../piece';
import type { Mm, Mm2 } from '../../units';
import type { LaidField } from './types';

type Own = LaidField['own'];

/** Of shapes that were asked for before. */
const KNOWN = new WeakMap<Own, readonly Ring[]>();

/** What of a part is painted, from its left and top edge: its outline without gaps and openings, by the even-odd rule. */
export function ringsOfShape(own: Own): readonly Ring[] {
	const known = KNOWN.get(own);
	if (known) return known;
	const edge: Ring = own.outline === null ? [0, 0, own.width, 0, own.width, own.height, 0, own.height] : flattenOutline(own.outline, 0.001);
	const rings = own.holes.length === 0 ? [edge] : subtractRings([edge], own.holes.map(ringOfCutout));
	KNOWN.set(own, rings);
	return rings;
}

/** Its area, mm2. */
export function areaOfShape({ outline, width, height, holes }: Own): Mm2 {
	if (holes.length === 0) return outline === null ? width * height : areaOfOutline(outline);
	const edge = outline ?? boxOutline(width, height);
	return areaOfOutline(edge) - areaOfHoles(edge, holes);
}

export function shiftRings(rings: readonly Ring[], dx: Mm, dy: Mm): Ring[] {
	return dx === 0 && dy === 0 ? [...rings] : rings.map((ring) => ring.map((value, i) => value + (i % 2 === 0 ? dx : dy)));
}
