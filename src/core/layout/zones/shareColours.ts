import type { Mm, Mm2 } from '../../units';
import type { Zone } from '../schema';
import { areasByLevel, lengthsByLevel } from './areasByLevel';
import { areasByRefining } from './areasByRefining';
import { lengthsOnGrid } from './lengthsOnGrid';
import { patternOf } from './index';
import { sharesAtDepth } from './joins';
import { depthOnPart, joinsOf } from './layZone';
import { areaOfShape } from './ownShape';
import type { LaidField } from './types';

/**
 * Area (mm2) of each stretch of a zone on one part, from its field; they add up to the area of the part without its gaps and
 * openings. Exact where the level lines of the pattern are known, else refined until it is within 1 % of each stretch. Source: methods 11.
 */
export function areasOfColours(zone: ZoneField, laid: LaidField): Mm2[] {
	const joins = joinsOf(zone, laid.region);
	const whole = areaOfShape(laid.own);
	if (joins.length === 0) return [whole];
	if (laid.flat !== null && zone.field.pattern === 'bands')
		return sharesAtDepth(joins, depthOnPart(zone.field, laid, 0, 0)).map((share) => share * whole);
	return isKnown(zone, laid) ? areasByLevel(zone.field, joins, laid) : areasByRefining(zone.field, joins, laid);
}

/** Length of the lines along which two colours meet on one part, mm: one for each join. For brushes and time. */
export function lengthsOfJoins(zone: ZoneField, laid: LaidField): Mm[] {
	const joins = joinsOf(zone, laid.region);
	if (joins.length === 0) return [];
	return isKnown(zone, laid) ? lengthsByLevel(zone.field, joins, laid) : lengthsOnGrid(zone.field, joins, laid);
}

/** A level face meets a pattern that climbs the piece at one height: there its level lines are none. */
function isKnown({ field }: ZoneField, { flat }: LaidField): boolean {
	return patternOf(field).level !== undefined && flat === null;
}

type ZoneField = Pick<Zone, 'field' | 'colours' | 'leaves' | 'softness'>;
