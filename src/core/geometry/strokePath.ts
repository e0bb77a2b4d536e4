import { EndType, inflatePaths, JoinType } from 'clipper2-ts';
import type { Polyline } from './clipRings';
import { FLATNESS, walkPath, type Ring } from './flattenPath';
import { fromClipper, toClipper } from './uniteShapes';

export interface StrokeStyle {
	readonly width: number;
	readonly cap: 'butt' | 'round' | 'square';
	readonly join: 'miter' | 'round' | 'bevel';
	readonly miterLimit: number;
}

const PER_MM = 1e4;
const ENDS = { butt: EndType.Butt, round: EndType.Round, square: EndType.Square };
const JOINS = { miter: JoinType.Miter, round: JoinType.Round, bevel: JoinType.Bevel };

/** The open and closed lines of SVG path data (mm) as chords. Null where it cannot be read. */
export function flattenLines(d: string, flatness = FLATNESS): Polyline[] | null {
	const lines: Polyline[] = [];
	const read = walkPath(d, flatness, (points, closed) => {
		if (points.length >= 4 || closed) lines.push({ points, closed });
	});
	return read ? lines : null;
}

/** A line drawn with a pen turned into the outline of what it covers: rings in mm, outer ones one way round and holes the other. */
export function strokeLines(lines: readonly Polyline[], { width, cap, join, miterLimit }: StrokeStyle): Ring[] {
	return lines.flatMap(({ points, closed }) =>
		inflatePaths(
			[toClipper(points)],
			(width / 2) * PER_MM,
			JOINS[join],
			closed ? EndType.Joined : ENDS[cap],
			miterLimit,
			FLATNESS * PER_MM
		).map(fromClipper)
	);
}
