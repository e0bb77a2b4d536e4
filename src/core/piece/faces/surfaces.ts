import { areaInCommon, areaOfOutline, flattenOutline, perimeterOfOutline, uniteRings, type Outline, type Ring } from '../../geometry';
import { type Mm, type Mm2, SAME } from '../../units';
import type { Hole, PlacedHardware } from '../hardware/placeHardware';
import { doesMove, isOwnSurface, surfaceOf, type MeasuredFace, type Part } from './parts';
import type { Box } from './box';
import type { MeasuredPiece } from '../measurePiece';
import { isBoxOutline } from './shapeOutline';

/** Something that is painted by itself: the carcass of a face, or a part that is not of the carcass. */
export interface Surface {
	/** Of the part, or of the face. */
	readonly id: string;
	readonly name: string;
	readonly face: string;
	/** Null for a carcass. */
	readonly part: Part | null;
	/** Without what lies on it, mm2. */
	readonly area: Mm2;
	/** Length of its outline, mm. */
	readonly edge: Mm;
	readonly hardware: readonly PlacedHardware[];
	/** Old holes that are filled. */
	readonly filled: readonly Hole[];
}

/** Whether there are old holes to be filled anywhere on a piece. */
export function hasOldHoles({ faces }: Pick<MeasuredPiece, 'faces'>): boolean {
	return faces.some(({ idle, whole }) => !idle && whole.filled.length > 0);
}

/** Every surface of a piece, face by face, the carcass first; faces that are not measured have none. */
export function surfacesOfPiece(piece: MeasuredPiece): Surface[] {
	return piece.faces.filter(({ idle }) => !idle).flatMap(surfacesOfFace);
}

function surfacesOfFace(face: MeasuredFace): Surface[] {
	const own = face.parts.filter(isOwnSurface);
	const areaOf = (part: Part | null): Mm2 => {
		const on = own.filter((other) => (part === null ? other.on === null || !own.some(({ id }) => id === other.on) : other.on === part.id));
		const whole = areaOfOutline(part?.outline ?? face.outline);
		const taken = on.reduce((sum, other) => sum + areaOfOutline(other.outline), 0);
		const gone = part === null ? areaOfHoles(face.outline, holesIn(face.whole, face)) : 0;
		return Math.max(0, whole - taken - gone);
	};
	const surface = (part: Part | null): Surface => ({
		id: part?.id ?? face.id,
		name: part?.name ?? face.name,
		face: face.id,
		part,
		area: areaOf(part),
		edge: perimeterOfOutline(part?.outline ?? face.outline),
		hardware: listOn(face, part, ({ hardware }) => hardware),
		filled: listOn(face, part, ({ filled }) => filled)
	});
	return [surface(null), ...own.map(surface)];
}

/** What is on a surface. The face as a whole bears what is on its parts too; its own, which comes first, is on the carcass. */
function listOn<Thing>(face: MeasuredFace, part: Part | null, of: (part: Part) => readonly Thing[]): Thing[] {
	const onParts = face.parts.filter((other) => surfaceOf(other) === (part?.id ?? face.id)).flatMap(of);
	if (part !== null) return onParts;
	const own = of(face.whole).length - face.parts.reduce((sum, other) => sum + of(other).length, 0);
	return [...of(face.whole).slice(0, own), ...onParts];
}

/** Gaps, and openings that have no surface, where they lie on a part: from its left and top edge. Nothing is painted there. */
export function holesIn(part: Part, face: Pick<MeasuredFace, 'gaps' | 'parts'>): Box[] {
	const gaps = face.gaps.flatMap(({ boxes }) => boxes);
	const openings = face.parts.filter(({ role, id }) => role === 'open' && id !== part.id);
	const isWithin = (box: Box) =>
		box.x >= part.x - SAME &&
		box.y >= part.y - SAME &&
		box.x + box.width <= part.x + part.width + SAME &&
		box.y + box.height <= part.y + part.height + SAME;
	return [...gaps, ...openings]
		.filter((box) => box.width > 0 && box.height > 0 && isWithin(box))
		.map(({ x, y, width, height }) => ({ x: x - part.x, y: y - part.y, width, height }));
}

/** How much of an outline is taken by holes in it, mm2. */
export function areaOfHoles(outline: Outline, holes: readonly Box[]): Mm2 {
	if (holes.length === 0) return 0;
	const apart = holes.every((a, i) =>
		holes.slice(i + 1).every((b) => a.x + a.width <= b.x || b.x + b.width <= a.x || a.y + a.height <= b.y || b.y + b.height <= a.y)
	);
	/** As nearly always: asked anew with every edit. */
	if (apart && isBoxOutline(outline)) return holes.reduce((sum, { width, height }) => sum + width * height, 0);
	return areaInCommon([flattenOutline(outline, 0.002)], uniteRings(holes.map((box) => [ringOfBox(box)])));
}

export function ringOfBox({ x, y, width, height }: Box): Ring {
	return [x, y, x + width, y, x + width, y + height, x, y + height];
}

/** The ids of the surfaces that lie on a part, itself first; of a whole face, all of them. */
export function surfacesWithin(part: Part, face: MeasuredFace): string[] {
	if (part.role === 'face') return [face.id, ...face.parts.filter(isOwnSurface).map(({ id }) => id)];
	const nested = (id: string, above: readonly string[] = [id]): string[] =>
		face.parts
			.filter((child) => child.on === id && !above.includes(child.id))
			.flatMap((child) => [child.id, ...nested(child.id, [...above, child.id])]);
	return [
		isOwnSurface(part) ? part.id : face.id,
		...nested(part.id).filter((id) => face.parts.some((other) => other.id === id && isOwnSurface(other)))
	];
}

/** All surfaces that lie on any of these parts, each once. */
export function surfacesUnder(parts: readonly string[], piece: MeasuredPiece): string[] {
	const found = piece.faces.flatMap((face) =>
		[face.whole, ...face.parts].filter(({ id }) => parts.includes(id)).flatMap((part) => surfacesWithin(part, face))
	);
	return [...new Set(found)];
}

/** Those that words like "every drawer" stand for, with all that lies on them. */
export function surfacesNamed(word: 'all' | 'drawers' | 'doors' | 'fronts' | 'panels' | 'frame', piece: MeasuredPiece): string[] {
	return piece.faces.flatMap((face) => {
		if (face.idle) return [];
		if (word === 'all') return surfacesWithin(face.whole, face);
		if (word === 'frame') return [face.id];
		const is = (part: Part) =>
			word === 'fronts' ? doesMove(part) : part.role === ({ drawers: 'drawer', doors: 'door', panels: 'panel' } as const)[word];
		return face.parts.filter(is).flatMap((part) => surfacesWithin(part, face));
	});
}
