import type { Mm } from '../../units';
import type { Zone } from '../schema';
import { patternOf } from './index';
import { clampTo, softenJoins } from './joins';
import { countStretches, joinsOf } from './layZone';
import type { Axis, Grip, LaidField } from './types';

/** Something of a zone that can be taken hold of on the piece. */
export interface Handle {
	readonly id: string;
	readonly name: string;
	/** From the left and top edge of the part, mm. */
	readonly x: Mm;
	readonly y: Mm;
	readonly along: Grip<never>['along'];
	/** The figure that it sets: mm, or a share from 0 to 1 for softness; null where it is none. */
	readonly value: number | null;
	readonly measures: 'length' | 'share' | 'side';
	/** The zone with it at another point. */
	readonly moveTo: (x: Mm, y: Mm) => Zone;
}

/** The softness handle stands so far beside the line of the joins, mm, so that neither hides the other. */
const ASIDE = 26;

/** The handles of a zone on one of its parts: each join that has a place, the softness of the first, and what else its pattern offers. */
export function handlesOf(zone: Zone, laid: LaidField): Handle[] {
	const { field } = zone;
	const pattern = patternOf(field);
	const { region } = laid;
	const place = (x: Mm, y: Mm) => ({ x: x - laid.x, y: y - laid.y });
	const grips = (pattern.grips?.(field, region) ?? []).map((grip): Handle => ({
		...grip,
		...place(grip.x, grip.y),
		measures: grip.along === 'side' ? 'side' : 'length',
		moveTo: (x, y) => ({ ...zone, field: grip.moveTo(x + laid.x, y + laid.y) })
	}));
	const axis = pattern.axis?.(field, region);
	if (!axis || !pattern.moveJoin || laid.flat !== null) return grips;
	const stretches = countStretches(zone);
	const joins = joinsOf(zone, region);
	const depthAt = (x: Mm, y: Mm) => Math.max(0, (x + laid.x - axis.x) * axis.dx + (y + laid.y - axis.y) * axis.dy);
	const along = axis.dx === 0 ? ('down' as const) : ('across' as const);
	const movable = pattern.moves === 'all' ? joins : joins.slice(0, 1);
	return [
		...movable.map(({ at }, i): Handle => ({
			id: `join-${i}`,
			name: i === 0 && pattern.moves === 'first' ? 'Where the first colours meet' : `Where colours ${i + 1} and ${i + 2} meet`,
			...place(...pointOn(axis, at)),
			along,
			value: at,
			measures: 'length',
			moveTo: (x, y) => ({ ...zone, field: pattern.moveJoin!(field, { join: i, depth: depthAt(x, y), colours: stretches, region }) })
		})),
		...joins.slice(0, 1).map(({ at, half }): Handle => {
			const most = softenJoins(
				joins.map((join) => join.at),
				pattern.reach(field, region),
				1
			)[0]!.half;
			const [x, y] = pointOn(axis, at + half);
			return {
				id: 'softness',
				name: 'Softness of the joins',
				...place(x + ASIDE * Math.abs(axis.dy), y + ASIDE * Math.abs(axis.dx)),
				along,
				value: zone.softness,
				measures: 'share',
				moveTo: (x, y) => ({
					...zone,
					softness: most <= 0 ? zone.softness : clampTo(Math.round((20 * (depthAt(x, y) - at)) / most) / 20, 0, 1)
				})
			};
		}),
		...grips
	];
}

function pointOn({ x, y, dx, dy }: Axis, depth: Mm): [Mm, Mm] {
	return [x + dx * depth, y + dy * depth];
}
