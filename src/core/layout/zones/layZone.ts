import {
	cutoutOf,
	faceOf,
	doesMove,
	heightAboveFloor,
	type Box,
	type MeasuredFace,
	type MeasuredPiece,
	surfacesWithin,
	type Part
} from '../../piece';
import type { Mm } from '../../units';
import type { LaidItem } from '../arrangements/types';
import type { Zone } from '../schema';
import { innerOf, ownSurfaces, partsOf } from '../partsOf';
import { patternOf } from './index';
import { softenJoins } from './joins';
import { regionOf } from './regionOf';
import type { Join, LaidField, Region, Touched } from './types';

export interface LaidPart {
	readonly part: Part;
	readonly face: MeasuredFace;
	readonly laid: LaidField;
	/** What of it this is laid on: not what is picked by itself beside it. */
	readonly surfaces: readonly string[];
}

/** A motif that lies on a part, from its left and top edge, mm. */
export type PlacedOnPart = Pick<LaidItem, 'part' | 'left' | 'top' | 'width' | 'height' | 'scale'>;

/** Each part of a zone in the region of its pattern: by itself, on its face, or in the height of the whole piece, where bands meet at one height on all faces. Source: methods 11. */
export function layZone(
	zone: Pick<Zone, 'parts' | 'over' | 'field'>,
	piece: Pick<MeasuredPiece, 'faces'>,
	placements: readonly PlacedOnPart[] = []
): LaidPart[] {
	const top = heightOfPiece(piece);
	const picked = partsOf(zone.parts, piece).filter((part, _, all) => !isInPicked(part, all, piece));
	return picked.map((part) => {
		const face = faceOf(piece.faces, part.face);
		const inner = innerOf(part, picked, face);
		return { part, face, laid: layPart({ zone, part, face, inner, top, placements }), surfaces: ownSurfaces(part, picked, face) };
	});
}

function layPart({
	zone: { over, field },
	part,
	face,
	inner,
	top,
	placements
}: {
	readonly zone: Pick<Zone, 'over' | 'field'>;
	readonly part: Part;
	readonly face: MeasuredFace;
	/** What lies on it and is laid by itself. */
	readonly inner: readonly Part[];
	readonly top: Mm;
	readonly placements: readonly PlacedOnPart[];
}): LaidField {
	const regionFor = (of: Part): Region => ({
		...regionOf(of, face, field.pattern === 'recess'),
		touched: touchedOn(of, face, field, placements)
	});
	const region = regionFor(part);
	const cut = inner.map((other) => ({ ...cutoutOf(other), x: other.x - part.x, y: other.y - part.y }));
	const own = cut.length === 0 ? region : { ...region, holes: [...region.holes, ...cut] };
	if (over === 'each') return { region: own, x: 0, y: 0, flat: null, own };
	const above = face.floor === null ? null : heightAboveFloor(face, 0);
	const climbs = field.pattern === 'runs' || (field.pattern === 'bands' && (field.from === 'bottom' || field.from === 'top'));
	if (over === 'face' || above === null || !climbs) return { region: regionFor(face.whole), x: part.x, y: part.y, flat: null, own };
	/** One for all that lies on the face: what runs goes on behind its gaps. */
	const climbing: Region = {
		...own,
		salt: regionOf(face.whole).salt,
		width: face.width,
		height: top,
		outline: null,
		deepest: Math.min(face.width, top) / 2
	};
	return { region: climbing, x: part.x, y: top - above + part.y, flat: face.lies === 'level' ? top - above : null, own };
}

/** A frame, or what is left of a face, that lies in another pick as a whole: that one goes over it. */
function isInPicked(part: Part, picked: readonly Part[], { faces }: Pick<MeasuredPiece, 'faces'>): boolean {
	if (!part.within) return false;
	return picked.some(
		(other) =>
			other !== part && other.face === part.face && part.within!.every((id) => surfacesWithin(other, faceOf(faces, part.face)).includes(id))
	);
}

/** What hands take hold of on a part, and the motifs on it, as far as the field asks for them; of a whole face, on all its parts. */
function touchedOn(part: Part, face: MeasuredFace, field: Zone['field'], placements: readonly PlacedOnPart[]): Touched[] {
	if (field.pattern !== 'ageing') return [];
	const on = part.role === 'face' ? [...face.parts.filter(doesMove), part] : [part];
	return on.flatMap((other) => {
		const [dx, dy] = [other.x - part.x, other.y - part.y];
		const place = (box: Box, radius: Mm): Touched => ({ box: { ...box, x: box.x + dx, y: box.y + dy }, radius });
		const hands = field.hands ? other.hardware.map(({ footprint }) => place(footprint, HAND)) : [];
		const motifs = field.motifs
			? placements
					.filter((placement) => placement.part === other.id)
					.map(({ left, top, width, height }) => place({ x: left, y: top, width, height }, 0))
			: [];
		return [...hands, ...motifs];
	});
}

/** Fingers reach so far beyond a knob, mm. */
const HAND = 8;

/** The region with the least depth of those that a zone lies in; null where it lies on nothing. */
export function leastRegion(laid: readonly LaidPart[]): Region | null {
	return laid.reduce<Region | null>((least, { laid: { region } }) => (least && least.deepest <= region.deepest ? least : region), null);
}

/** Of its highest face that stands on a known height, mm. */
function heightOfPiece({ faces }: Pick<MeasuredPiece, 'faces'>): Mm {
	return Math.max(1, ...faces.filter(({ idle }) => !idle).map((face) => heightAboveFloor(face, 0) ?? face.height));
}

/** How many stretches the field of a zone has: its colours, and what is left bare after them. */
export function countStretches({ colours, leaves }: Pick<Zone, 'colours' | 'leaves'>): number {
	return colours.length + (leaves ? 1 : 0);
}

/** Where the colours of a zone meet in a region: one fewer than its stretches. */
export function joinsOf(zone: Pick<Zone, 'field' | 'colours' | 'leaves' | 'softness'>, region: Region): Join[] {
	const pattern = patternOf(zone.field);
	const stretches = countStretches(zone);
	if (stretches < 2) return [];
	return softenJoins(pattern.meets(zone.field, stretches, region), pattern.reach(zone.field, region), zone.softness);
}

/** The field of a zone at a point from the left and the top edge of a part, mm. */
export function depthOnPart(field: Zone['field'], laid: LaidField, x: Mm, y: Mm): Mm {
	return patternOf(field).depthAt(field, laid.x + x, laid.flat ?? laid.y + y, laid.region);
}
