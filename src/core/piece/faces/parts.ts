import type { Box } from './box';
import { isInsideOutline, type Outline } from '../../geometry';
import type { Mm } from '../../units';
import type { ChainCheck } from '../readings/checkChain';
import type { Hole, PlacedHardware } from '../hardware/placeHardware';
import type { FaceKind, GroundId, PART_ROLES, ReadingRole } from '../schema';
import type { SquareCheck } from '../readings/checkSquare';

export type PartRole = Exclude<ReadingRole, 'gap' | 'row'> | (typeof PART_ROLES)[number] | 'face' | 'frame';

export interface Part extends Box {
	/** The id of its reading, or its own; of a whole face, the id of the face. */
	readonly id: string;
	readonly name: string;
	readonly role: PartRole;
	readonly face: string;
	/** The part it lies on; null: the face itself. */
	readonly on: string | null;
	/** Of a frame, or what is left of a face or a part beside its parts: the surfaces that it is; all else in its outline is none of it. */
	readonly within?: readonly string[];
	/** Before (+) or behind (-) what it lies in, mm. */
	readonly setOff: Mm;
	/** From the left and the top edge of the part, mm. */
	readonly outline: Outline;
	/** True while its reading has not been taken: the drawing is a guess. */
	readonly estimated: boolean;
	readonly hardware: readonly PlacedHardware[];
	readonly filled: readonly Hole[];
}

/** Room between two surfaces that move past each other. */
export interface Gap {
	readonly id: string;
	/** In a chain, or at both sides of a drawer. */
	readonly at: 'chain' | 'side';
	/** At its narrower end. */
	readonly mm: Mm;
	/** At its two ends: left and right, or top and bottom. */
	readonly ends: readonly [Mm, Mm];
	/** The surfaces at its two sides; the id of the face for its carcass. */
	readonly between: readonly [string, string];
	/** Where it lies on the face. */
	readonly boxes: readonly Box[];
	readonly estimated: boolean;
}

/** One chain of a face, as it is used. */
export interface MeasuredChain {
	/** The reading that it divides; null: the face. */
	readonly of: string | null;
	/** Where it stands in the project: `piece.faces[0].chain`. */
	readonly path: string;
	readonly along: 'across' | 'down';
	/** What it must add up to, from the tape or from what it lies in; null: not known. */
	readonly overall: Mm | null;
	/** Null until every reading is there. */
	readonly check: ChainCheck | null;
	/** The finest step in which one of its readings was taken, mm. */
	readonly finest: Mm;
	/** After sharing, mm, each with its place from the left or the top of the face; and where the chain runs across that, for its dimension lines. */
	readonly readings: readonly MeasuredReading[];
	readonly box: Box;
}

export interface MeasuredReading {
	readonly id: string;
	readonly role: ReadingRole;
	readonly mm: Mm;
	readonly from: Mm;
	readonly estimated: boolean;
}

export interface MeasuredFace {
	readonly id: string;
	readonly name: string;
	readonly kind: FaceKind;
	readonly ground: GroundId;
	/** Of parts that are of something else, by their id. */
	readonly grounds: Readonly<Record<string, GroundId>>;
	readonly lies: 'upright' | 'level';
	readonly width: Mm;
	readonly height: Mm;
	/** Height of its bottom edge above the floor, mm; null where nobody knows. */
	readonly floor: Mm | null;
	/** Radius that a round front is bent to, about an upright line, mm; null: flat. */
	readonly bent: Mm | null;
	readonly outline: Outline;
	/** The face itself as a part, so that decoration may lie on all of it; with all the hardware of the face, from its edges. */
	readonly whole: Part;
	/** Its frame, with rails, stiles, plinth and apron, and what is left beside all its parts: the whole where nothing else lies on it. */
	readonly frame: Part;
	readonly rest: Part;
	/** Of each part that others lie on, what is left of it. */
	readonly rests: readonly Part[];
	/** Those that lie on others after them. */
	readonly parts: readonly Part[];
	readonly gaps: readonly Gap[];
	readonly chains: readonly MeasuredChain[];
	/** Of the first chain, that of the face; null until every reading is there. */
	readonly check: ChainCheck | null;
	/** Of the first chain. */
	readonly readings: readonly MeasuredReading[];
	readonly square: SquareCheck | null;
	/** Not measured at all, and not the first: drawn by guess, and left out of coats and quantities until it is. */
	readonly idle: boolean;
	readonly estimated: boolean;
}

/** The face that a piece is shown by: the first that is measured, or asked for. */
export function firstFace<F extends { readonly idle: boolean }>(faces: readonly F[]): F {
	return faces.find(({ idle }) => !idle) ?? faces[0]!;
}

/** What a surface of a face is made of: a part as it says itself, or else as its face. */
export function groundOn({ ground, grounds }: Pick<MeasuredFace, 'ground' | 'grounds'>, surface: string): GroundId {
	/** An id may be called as what every object has. */
	return Object.hasOwn(grounds, surface) ? grounds[surface]! : ground;
}

/** One of some faces, which is among them. @throws RangeError where it is not. */
export function faceOf<F extends { readonly id: string }>(faces: readonly F[], id: string): F {
	const face = faces.find((other) => other.id === id);
	if (!face) throw new RangeError(`there is no face ${id}`);
	return face;
}

/** What makes up the frame of a face, beside what is left of it: each a surface of its own. */
const MEMBERS: ReadonlySet<PartRole> = new Set(['rail', 'stile', 'plinth', 'apron']);
/** Nothing is painted there by itself. */
const NO_SURFACE: ReadonlySet<PartRole> = new Set(['open', 'face', 'frame']);
const MOVING: ReadonlySet<PartRole> = new Set(['drawer', 'door']);

/** The surface that a part is painted as: itself, or what is left of its face beside its parts (which bears the id of the face). */
export function surfaceOf(part: Pick<Part, 'id' | 'role' | 'face'>): string {
	return NO_SURFACE.has(part.role) ? part.face : part.id;
}

export function isOwnSurface(part: Pick<Part, 'role'>): boolean {
	return !NO_SURFACE.has(part.role);
}

/** Rails, stiles, plinths, aprons. */
export function isOfFrame(part: Pick<Part, 'role'>): boolean {
	return MEMBERS.has(part.role);
}

/** Drawers and doors. */
export function doesMove(part: Pick<Part, 'role'>): boolean {
	return MOVING.has(part.role);
}

/** The part on top at a point of a face (mm from its left and its top edge); the face itself where there is none. */
export function partAt(face: Pick<MeasuredFace, 'parts' | 'whole'>, x: Mm, y: Mm): Part {
	return (
		face.parts.findLast(
			(part) =>
				x >= part.x &&
				y >= part.y &&
				x <= part.x + part.width &&
				y <= part.y + part.height &&
				isInsideOutline(part.outline, { x: x - part.x, y: y - part.y })
		) ?? face.whole
	);
}
