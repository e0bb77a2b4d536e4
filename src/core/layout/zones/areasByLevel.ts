import { areaInCommon, areaOfRing, lengthOfLine, lengthWithin } from '../../geometry';
import type { Mm, Mm2 } from '../../units';
import type { Field } from './fieldSchema';
import { patternOf } from './index';
import { areaOfShape, ringsOfShape, shiftRings } from './ownShape';
import type { Join, LaidField, Level } from './types';

/** The sum over a join is halved in on until it moves by no more than this share of the area that the join covers. */
const TOLERANCE = 1e-3;
const MOST_STEPS = 64;

/**
 * Area (mm2) of each stretch from the level lines of its pattern. With A(d) the area at less than depth d, a join lets through
 * what is not before it: whole - integral of A over the join, weighted by its slope (by parts; Simpson's rule).
 */
export function areasByLevel(field: Field, joins: readonly Join[], laid: LaidField): Mm2[] {
	const pattern = patternOf(field);
	const whole = areaOfShape(laid.own);
	const measure = createMeasure(laid);
	const before = (depth: Mm) => measure(pattern.level!(field, depth, laid.region));
	const passed = joins.map((join) => Math.min(whole, Math.max(0, whole - areaBeforeJoin(join, before))));
	return [whole, ...passed].map((reached, i) => Math.max(0, reached - (passed[i] ?? 0)));
}

/** The area of what lies before a level line on a part. Chords cut a hair off curves; in all it is made good. */
function createMeasure(laid: LaidField): (level: Level) => Mm2 {
	const whole = areaOfShape(laid.own);
	const own = shiftRings(ringsOfShape(laid.own), laid.x, laid.y);
	const fair = whole / (own.length === 1 ? areaOfRing(own[0]!) : areaInCommon(own, own) || 1);
	return ({ within, nested }) => {
		if (!nested || !fillsRegion(laid)) return fair * areaInCommon(within, own);
		const [edge, ...inner] = within.map(areaOfRing);
		return edge === undefined ? 0 : (whole * (edge - inner.reduce((sum, area) => sum + area, 0))) / edge;
	};
}

/** Length of each join on a part, mm, by its level line. */
export function lengthsByLevel(field: Field, joins: readonly Join[], laid: LaidField): Mm[] {
	const own = shiftRings(ringsOfShape(laid.own), laid.x, laid.y);
	return joins.map(({ at }) => {
		const { line, nested } = patternOf(field).level!(field, at, laid.region);
		return line.reduce((sum, one) => sum + (nested && fillsRegion(laid) ? lengthOfLine(one) : lengthWithin(one, own)), 0);
	});
}

function fillsRegion({ own, region }: LaidField): boolean {
	return own === region && own.holes.length === 0;
}

/** What lies before a join, each place by how much of it the join has not let through. */
function areaBeforeJoin({ at, half }: Join, before: (depth: Mm) => Mm2): Mm2 {
	if (half <= 0) return before(at);
	const known = new Map<number, number>();
	const areaAt = (t: number) => {
		if (!known.has(t)) known.set(t, before(at + half * t));
		return known.get(t)!;
	};
	const covers = areaAt(1) - areaAt(-1);
	let last = Infinity;
	for (let steps = 4; ; steps *= 2) {
		const sum = sumOverJoin(areaAt, steps);
		if (Math.abs(sum - last) <= TOLERANCE * covers || steps >= MOST_STEPS) return sum;
		last = sum;
	}
}

/** Simpson's rule over t from -1 to 1 of area times the slope of an even S, 3/4 (1 - t2), which is 0 at both ends. */
function sumOverJoin(areaAt: (t: number) => number, steps: number): number {
	let sum = 0;
	for (let i = 1; i < steps; i++) {
		const t = -1 + (2 * i) / steps;
		sum += (i % 2 === 1 ? 4 : 2) * areaAt(t) * 0.75 * (1 - t * t);
	}
	return (sum * 2) / steps / 3;
}
