import { areaInCommon, areaOfOutline, flattenOutline, perimeterOfOutline, uniteRings, type Outline, type Ring } from '../../geometry';
import { type Mm, type Mm2, SAME } from '../../units';
import type { Hole, PlacedHardware } from '../hardware/placeHardware';
import { partsOnFace } from './frames';
import { isOwnSurface, surfaceOf, type MeasuredFace, type Part } from './parts';
import type { Box } from './box';
import type { MeasuredPiece } from '../measurePiece';
import { isBoxOutline } from './shapeOutline';

/** Something that is painted by itself: a part, or what is left of a face beside its parts. */
export interface Surface {
	/** Of the part, or of the face. */
	readonly id: string;
	readonly name: string;
	readonly face: string;
	/** Null for what is left of a face. */
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

/** Every surface of a piece, face by face, what is left of it first; faces that are not measured have none. */
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

/** Where nothing of a part is painted: a box from its left and top edge, and the outline in it where that is none. */
export interface Cutout extends Box {
	/** From the left and top edge of the box. */
	readonly outline?: Outline;
}

/** Gaps, openings that have no surface, and, of a frame, whatever else lies in it, where they lie on a part: from its left and top edge. */
export function holesIn(part: Part, face: Pick<MeasuredFace, 'gaps' | 'parts'>): Cutout[] {
	const gaps: Cutout[] = face.gaps.flatMap(({ boxes }) => boxes);
	const openings: Cutout[] = face.parts.filter(({ role, id }) => role === 'open' && id !== part.id);
	const isWithin = (box: Box) =>
		box.x >= part.x - SAME &&
		box.y >= part.y - SAME &&
		box.x + box.width <= part.x + part.width + SAME &&
		box.y + box.height <= part.y + part.height + SAME;
	return [...[...gaps, ...openings].filter(isWithin).map(boxOnly), ...othersIn(part, face)]
		.filter((box) => box.width > 0 && box.height > 0)
		.map((cutout) => ({ ...cutout, x: cutout.x - part.x, y: cutout.y - part.y }));
}

const boxOnly = ({ x, y, width, height }: Box): Cutout => ({ x, y, width, height });

/** What lies in the outline of a frame and is none of it; what lies on such a part goes with it. */
function othersIn({ within, id }: Part, { parts }: Pick<MeasuredFace, 'parts'>): Cutout[] {
	if (!within) return [];
	const own = parts.filter(isOwnSurface);
	const base = id.replace(/\/.*$/, '');
	const others = own.filter(
		(other) => !within.includes(other.id) && (own.some((part) => part.id === base) ? other.on === base : isOnFace(other, own))
	);
	return others.map(cutoutOf);
}

/** Directly: what it lies on is no surface of its own. */
const isOnFace = ({ on }: Part, own: readonly Part[]) => on === null || !own.some((part) => part.id === on);

/** A part as a hole in what it lies on, from the left and top edge of the face. */
export function cutoutOf(part: Part): Cutout {
	return { ...boxOnly(part), ...(isBoxOutline(part.outline) ? {} : { outline: part.outline }) };
}

/** How much of an outline is taken by holes in it, mm2. */
export function areaOfHoles(outline: Outline, holes: readonly Cutout[]): Mm2 {
	if (holes.length === 0) return 0;
	const apart = holes.every((a, i) =>
		holes.slice(i + 1).every((b) => a.x + a.width <= b.x || b.x + b.width <= a.x || a.y + a.height <= b.y || b.y + b.height <= a.y)
	);
	/** As nearly always: asked anew with every edit. */
	if (apart && isBoxOutline(outline)) return holes.reduce((sum, hole) => sum + areaOfCutout(hole), 0);
	return areaInCommon([flattenOutline(outline, 0.002)], uniteRings(holes.map((hole) => [ringOfCutout(hole)])));
}

function areaOfCutout({ width, height, outline }: Cutout): Mm2 {
	return outline ? areaOfOutline(outline) : width * height;
}

export function ringOfCutout({ x, y, outline, ...box }: Cutout): Ring {
	return outline ? flattenOutline(outline, 0.002).map((value, i) => value + (i % 2 === 0 ? x : y)) : ringOfBox({ x, y, ...box });
}

export function ringOfBox({ x, y, width, height }: Box): Ring {
	return [x, y, x + width, y, x + width, y + height, x, y + height];
}

/** The ids of the surfaces that lie on a part, itself first; of a whole face, all of them; of a frame, what it is. */
export function surfacesWithin(part: Part, face: MeasuredFace): readonly string[] {
	if (part.within) return part.within;
	const own = face.parts.filter(isOwnSurface);
	if (part.role === 'face') return [face.id, ...own.map(({ id }) => id)];
	const nested = (id: string, above: readonly string[] = [id]): string[] =>
		face.parts
			.filter((child) => child.on === id && !above.includes(child.id))
			.flatMap((child) => [child.id, ...nested(child.id, [...above, child.id])]);
	return [isOwnSurface(part) ? part.id : face.id, ...nested(part.id).filter((id) => own.some((other) => other.id === id))];
}

/** All surfaces that lie on any of these parts, each once. */
export function surfacesUnder(parts: readonly string[], piece: MeasuredPiece): string[] {
	const found = piece.faces.flatMap((face) =>
		partsOnFace(face)
			.filter(({ id }) => parts.includes(id))
			.flatMap((part) => surfacesWithin(part, face))
	);
	return [...new Set(found)];
}
