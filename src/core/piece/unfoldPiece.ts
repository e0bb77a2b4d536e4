import { type Mm, MEETING } from '../units';
import type { MeasuredPiece } from './measurePiece';
import type { MeasuredFace } from './faces/parts';
import type { Box } from './faces/box';
import { EDGE_SIDES, type EdgeSide, type Seam } from './schema';

/** Where a face lies in the piece laid out flat: its box after so many quarter turns clockwise, mm. */
export interface LaidFace extends Box {
	readonly face: string;
	readonly turns: 0 | 1 | 2 | 3;
	/** Joined to a face beside it; else it lies by itself below. */
	readonly joined: boolean;
}

export interface LaidSeam {
	readonly seam: Seam;
	/** The two edges lie on each other; else they are cut apart, and marked with the same letter. */
	readonly closed: boolean;
	readonly ends: readonly [LaidEdge, LaidEdge];
}
export interface LaidEdge {
	readonly x1: Mm;
	readonly y1: Mm;
	readonly x2: Mm;
	readonly y2: Mm;
}

export interface UnfoldedPiece {
	readonly width: Mm;
	readonly height: Mm;
	readonly faces: readonly LaidFace[];
	readonly seams: readonly LaidSeam[];
}

/** Between what lies by itself, mm. */
const APART: Mm = 60;
/**
 * Lays the faces of a piece flat at one scale, joined at their edges, from the first one outwards; upright neighbours
 * stand on one floor. A face that meets none, or would lie on another, is laid below. Source: craft 2, product (the unfolded piece).
 */
export function unfoldPiece(piece: MeasuredPiece, seams: readonly Seam[]): UnfoldedPiece {
	const faces = new Map(piece.faces.map((face) => [face.id, face]));
	const first = piece.faces[0]!;
	const laid: LaidFace[] = [{ face: first.id, x: 0, y: 0, width: first.width, height: first.height, turns: 0, joined: true }];
	for (let at = 0; at < laid.length; at++) {
		const here = laid[at]!;
		for (const { own, other } of seams.flatMap((seam) => meetings(seam, here.face))) {
			const next = faces.get(other.face);
			if (!next || laid.some(({ face }) => face === next.id)) continue;
			const placed = layBeside({ here, own, from: faces.get(here.face)!, next, side: other.side });
			if (!laid.some((one) => overlaps(one, placed))) laid.push(placed);
		}
	}
	layBelow(laid, piece.faces);
	const [left, top] = [Math.min(...laid.map(({ x }) => x)), Math.min(...laid.map(({ y }) => y))];
	const moved = laid.map((one) => ({ ...one, x: one.x - left, y: one.y - top }));
	return {
		width: Math.max(...moved.map(({ x, width }) => x + width)),
		height: Math.max(...moved.map(({ y, height }) => y + height)),
		faces: piece.faces.flatMap(({ id }) => moved.find(({ face }) => face === id) ?? []),
		seams: seams.flatMap((seam) => laySeam(seam, moved))
	};
}

/** A point of a face (mm from its left and top) in the unfolded piece. */
export function toUnfolded(laid: LaidFace, x: Mm, y: Mm): { readonly x: Mm; readonly y: Mm } {
	switch (laid.turns) {
		case 0:
			return { x: laid.x + x, y: laid.y + y };
		case 1:
			return { x: laid.x + laid.width - y, y: laid.y + x };
		case 2:
			return { x: laid.x + laid.width - x, y: laid.y + laid.height - y };
		case 3:
			return { x: laid.x + y, y: laid.y + laid.height - x };
	}
}

/** Height above the floor of a point of a face (mm from its top edge); null where it is not known. A band that climbs the piece meets at the same height on all its faces. */
export function heightAboveFloor(face: MeasuredFace, y: Mm): Mm | null {
	if (face.floor === null) return null;
	return face.lies === 'level' ? face.floor : face.floor + face.height - y;
}

function meetings({ a, b }: Seam, face: string): { own: EdgeSide; other: Seam['a'] }[] {
	return [...(a.face === face ? [{ own: a.side, other: b }] : []), ...(b.face === face ? [{ own: b.side, other: a }] : [])];
}

function layBeside({
	here,
	own,
	from,
	next,
	side
}: {
	readonly here: LaidFace;
	readonly own: EdgeSide;
	readonly from: MeasuredFace;
	readonly next: MeasuredFace;
	readonly side: EdgeSide;
}): LaidFace {
	const way = (EDGE_SIDES.indexOf(own) + here.turns) % 4;
	const turns = ((way + 2 - EDGE_SIDES.indexOf(side) + 4) % 4) as LaidFace['turns'];
	const [width, height] = turns % 2 === 0 ? [next.width, next.height] : [next.height, next.width];
	const bothStand = from.lies === 'upright' && next.lies === 'upright' && here.turns === 0 && turns === 0;
	const level = bothStand ? here.y + here.height - height + ((from.floor ?? 0) - (next.floor ?? 0)) : here.y + (here.height - height) / 2;
	const middle = here.x + (here.width - width) / 2;
	const box = [
		{ x: middle, y: here.y - height },
		{ x: here.x + here.width, y: level },
		{ x: middle, y: here.y + here.height },
		{ x: here.x - width, y: level }
	][way]!;
	return { face: next.id, ...box, width, height, turns, joined: true };
}

/** In rows below the rest, no wider than it. */
function layBelow(laid: LaidFace[], faces: readonly MeasuredFace[]): void {
	const loose = faces.filter(({ id }) => !laid.some(({ face }) => face === id));
	const left = Math.min(...laid.map(({ x }) => x));
	const right = Math.max(...laid.map(({ x, width }) => x + width));
	let x = left;
	let y = Math.max(...laid.map((one) => one.y + one.height)) + APART;
	let row = 0;
	for (const { id, width, height } of loose) {
		if (x > left && x + width > right) {
			x = left;
			y += row + APART;
			row = 0;
		}
		laid.push({ face: id, x, y, width, height, turns: 0, joined: false });
		x += width + APART;
		row = Math.max(row, height);
	}
}

function laySeam(seam: Seam, laid: readonly LaidFace[]): LaidSeam[] {
	const [a, b] = [seam.a, seam.b].map(({ face, side }) => {
		const one = laid.find((other) => other.face === face);
		return one && edgeOf(one, side);
	});
	if (!a || !b) return [];
	const upright = Math.abs(a.x1 - a.x2) < MEETING && Math.abs(b.x1 - b.x2) < MEETING && Math.abs(a.x1 - b.x1) < MEETING;
	const level = Math.abs(a.y1 - a.y2) < MEETING && Math.abs(b.y1 - b.y2) < MEETING && Math.abs(a.y1 - b.y1) < MEETING;
	const meet = upright ? Math.min(a.y2, b.y2) > Math.max(a.y1, b.y1) : level && Math.min(a.x2, b.x2) > Math.max(a.x1, b.x1);
	return [{ seam, closed: meet, ends: [a, b] }];
}

function edgeOf({ x, y, width, height, turns }: LaidFace, side: EdgeSide): LaidEdge {
	const way = (EDGE_SIDES.indexOf(side) + turns) % 4;
	return [
		{ x1: x, y1: y, x2: x + width, y2: y },
		{ x1: x + width, y1: y, x2: x + width, y2: y + height },
		{ x1: x, y1: y + height, x2: x + width, y2: y + height },
		{ x1: x, y1: y, x2: x, y2: y + height }
	][way]!;
}

function overlaps(a: Box, b: Box): boolean {
	return a.x < b.x + b.width - MEETING && b.x < a.x + a.width - MEETING && a.y < b.y + b.height - MEETING && b.y < a.y + a.height - MEETING;
}
