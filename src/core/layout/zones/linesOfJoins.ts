import { stretchesWithin, type Stretch } from '../../geometry';
import type { Zone } from '../schema';
import { patternOf } from './index';
import { joinsOf } from './layZone';
import { ringsOfShape, shiftRings } from './ownShape';
import type { LaidField } from './types';

/** The lines along which colours meet on a part, mm from its left and top edge: for each join its stretches; null where its pattern has no lines that could be drawn. */
export function linesOfJoins(zone: Pick<Zone, 'field' | 'colours' | 'leaves' | 'softness'>, laid: LaidField): Stretch[][] | null {
	const { level } = patternOf(zone.field);
	if (!level || laid.flat !== null) return null;
	const own = ringsOfShape(laid.own);
	return joinsOf(zone, laid.region).map(({ at }) =>
		level(zone.field, at, laid.region).line.flatMap(({ points, closed }) =>
			stretchesWithin({ points: shiftRings([points], -laid.x, -laid.y)[0]!, closed }, own)
		)
	);
}
