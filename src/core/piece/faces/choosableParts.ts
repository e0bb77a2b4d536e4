import type { Box } from './box';
import { doesMove, type MeasuredFace, type Part } from './parts';

/** What decoration can be put on by itself on a face: its drawers, doors and panels, and last the face as a whole. */
export function choosableParts(face: Pick<MeasuredFace, 'parts' | 'whole'>): Part[] {
	return [...face.parts.filter((part) => doesMove(part) || part.role === 'panel'), face.whole];
}

/** Those of them that a frame (mm, from the left and the top of the face) touches; the face itself only where it has no other. */
export function partsInFrame(face: Pick<MeasuredFace, 'parts' | 'whole'>, frame: Box): Part[] {
	const touched = choosableParts(face).filter(
		({ x, y, width, height }) => x < frame.x + frame.width && x + width > frame.x && y < frame.y + frame.height && y + height > frame.y
	);
	const parts = touched.filter(({ role }) => role !== 'face');
	return parts.length > 0 || choosableParts(face).length > 1 ? parts : touched;
}
