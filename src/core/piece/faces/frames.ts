import type { Hole, PlacedHardware } from '../hardware/placeHardware';
import { isOfFrame, isOwnSurface, type MeasuredFace, type Part } from './parts';

/** What is fixed to a face or a part, from the left and top edge of the face. */
export interface Fixed {
	readonly hardware: readonly PlacedHardware[];
	readonly filled: readonly Hole[];
}

/** The frame of a face and what is left of it beside all its parts, and what is left of each part that others lie on. `fixedTo`: what some of them bear. */
export function framesOf(
	bare: Part,
	whole: Part,
	parts: readonly Part[],
	fixedTo: (parts: readonly Part[]) => Fixed
): Pick<MeasuredFace, 'frame' | 'rest' | 'rests'> {
	const own = parts.filter(isOwnSurface);
	const members = own.filter(isOfFrame);
	const left = (name: 'frame' | 'rest', kept: readonly Part[]): Part => ({
		...whole,
		id: `${whole.id}/${name}`,
		role: 'frame',
		name: name === 'frame' ? `${whole.name}, frame` : `${whole.name}, what is left`,
		within: [whole.id, ...kept.map(({ id }) => id)],
		...fixedTo([bare, ...kept])
	});
	const frame = own.length === members.length ? whole : left('frame', members);
	const rest = members.length === 0 ? frame : left('rest', []);
	const rests = own
		.filter(({ id }) => own.some(({ on }) => on === id))
		.map((part): Part => ({ ...part, id: `${part.id}/rest`, role: 'frame', name: `${part.name}, what is left`, within: [part.id] }));
	return { frame, rest, rests };
}

const KNOWN = new WeakMap<MeasuredFace, readonly Part[]>();

/** Everything on a face that decoration can lie on: all of it, its frame, what is left of it and of its parts, and the parts. */
export function partsOnFace(face: MeasuredFace): readonly Part[] {
	const { whole, frame, rest, rests, parts } = face;
	const all = KNOWN.get(face) ?? [...new Set([whole, frame, rest, ...parts, ...rests])];
	KNOWN.set(face, all);
	return all;
}

/** One of them by its id. */
export function partOnFace(face: MeasuredFace, id: string): Part | undefined {
	return partsOnFace(face).find((part) => part.id === id);
}

/** Whatever decoration can lie on, anywhere on a piece, by its id. Throws RangeError for one that is not there. */
export function partOfPiece(faces: readonly MeasuredFace[], id: string): Part {
	for (const face of faces) {
		const part = partOnFace(face, id);
		if (part) return part;
	}
	throw new RangeError(`no part ${id}`);
}
