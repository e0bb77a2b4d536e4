import type { Mm } from '../../units';
import type { MeasuredFace, Part } from './parts';

/** How far a part stands before its face (mm), not what it lies on; behind it where it is less than nothing. */
export function standOf(part: Part, face: Pick<MeasuredFace, 'parts'>): Mm {
	const under = face.parts.find(({ id }) => id === part.on);
	return part.setOff + (under ? standOf(under, face) : 0);
}
