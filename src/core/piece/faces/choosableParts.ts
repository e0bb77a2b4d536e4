import type { Box } from './box';
import { doesMove, isOwnSurface, type MeasuredFace, type Part } from './parts';

/** What can be picked by itself on a face: drawers, doors and panels first, then all else that is painted by itself, and last the face as a whole. */
export function choosableParts(face: Pick<MeasuredFace, 'parts' | 'whole'>): Part[] {
	const own = face.parts.filter(isOwnSurface);
	return [...own.filter(isFront), ...own.filter((part) => !isFront(part)), face.whole];
}

const isFront = (part: Part) => doesMove(part) || part.role === 'panel';

/** Those of them that a frame (mm, from the left and the top of the face) touches: drawers, doors and panels, or else what else there is; the face itself only where it has no other. */
export function partsInFrame(face: Pick<MeasuredFace, 'parts' | 'whole'>, frame: Box): Part[] {
	const choosable = choosableParts(face);
	const touched = choosable.filter(
		({ x, y, width, height }) => x < frame.x + frame.width && x + width > frame.x && y < frame.y + frame.height && y + height > frame.y
	);
	const fronts = touched.filter(isFront);
	const parts = touched.filter(({ role }) => role !== 'face');
	return fronts.length > 0 ? fronts : parts.length > 0 || choosable.length > 1 ? parts : touched;
}
