import type { Surface } from '../faces/surfaces';
import type { MeasuredPiece } from '../measurePiece';
import { HARDWARE } from './kinds';

/** All hardware that comes off, as one surface that is painted beside the piece. No part is called so. */
export const HARDWARE_SURFACE = 'hardware';

/** Front, rim and what is seen from the side, by the front. A starting figure of ours. */
const ROUND = 1.8;

/**
 * The hardware of a piece as a surface of its own, with the area (mm2) of what may be painted: what has to work takes no film. Null where
 * nothing comes off. Source: craft 2.
 */
export function hardwareSurface({ faces }: Pick<MeasuredPiece, 'faces'>): Surface | null {
	const all = faces.filter(({ idle }) => !idle).flatMap((face) => face.whole.hardware.filter(({ kind }) => !HARDWARE[kind].stays));
	if (all.length === 0) return null;
	const painted = all.filter(({ kind }) => !HARDWARE[kind].works);
	const sizes = painted.map(({ footprint: { width, height }, round }) => ({
		area: (round ? Math.PI / 4 : 1) * width * height,
		edge: round ? (Math.PI * (width + height)) / 2 : 2 * (width + height)
	}));
	return {
		id: HARDWARE_SURFACE,
		name: 'Hardware',
		face: faces[0]!.id,
		part: null,
		area: ROUND * sizes.reduce((sum, { area }) => sum + area, 0),
		edge: sizes.reduce((sum, { edge }) => sum + edge, 0),
		hardware: painted,
		filled: []
	};
}
