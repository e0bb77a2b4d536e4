import { areaPaths, FillRule as ClipperRule, makePath, union, type Path64 } from 'clipper2-ts';
import type { Ring } from './flattenPath';

export type FillRule = 'nonzero' | 'evenodd';
export interface Shape {
	readonly rings: readonly Ring[];
	readonly rule: FillRule;
}

/** Clipper counts in whole numbers: ten thousand to the millimetre. */
const PER_MM = 1e4;

/**
 * Each shape by its own fill rule, then all together: rings (mm) with outer rings one way round and holes the other,
 * none overlapping. A plain union of raw paths would lose paint where windings oppose. Source: methods 6.
 */
export function uniteShapes(shapes: readonly Shape[]): Ring[] {
	const resolved = shapes.flatMap((shape) =>
		union(shape.rings.map(toClipper), shape.rule === 'evenodd' ? ClipperRule.EvenOdd : ClipperRule.NonZero)
	);
	return union(resolved, ClipperRule.NonZero).map(fromClipper);
}

/** Area (mm2) of rings as `uniteShapes` returns them: holes count against it. */
export function areaOfRings(rings: readonly Ring[]): number {
	return Math.abs(areaPaths(rings.map(toClipper))) / (PER_MM * PER_MM);
}

export function toClipper(ring: Ring): Path64 {
	return makePath(ring.map((value) => Math.round(value * PER_MM)));
}

export function fromClipper(path: Path64): Ring {
	/** Pushed one by one, so that the numbers stand bare in the array: what reads them reads them ten times as fast. */
	const ring: number[] = [];
	for (const point of path) ring.push(point.x / PER_MM, point.y / PER_MM);
	return ring;
}
