import { formatLength, readLength, SAME_EDGE, type Issue, type LengthUnit, type Mm } from '../units';
import { howItLies, measureFace, type Given, type Measured } from './faces/measureFace';
import type { MeasuredFace } from './faces/parts';
import { isRest } from './readings/restOfChain';
import { partIdsOf, walkReadings } from './readings/walkReadings';
import type { EdgeSide, Face, Piece, Reading } from './schema';

export interface MeasuredPiece {
	readonly name: string;
	readonly faces: readonly MeasuredFace[];
	readonly issues: readonly Issue[];
	/** Worth a look: edges that differ, faces out of square, gaps that taper. */
	readonly hints: readonly Issue[];
}

export const MOST_DRAWERS = 12;

/**
 * Turns the readings of a piece into faces and parts in place (mm), and says what is wrong with them. Where two faces
 * meet, a length that one lacks is that of the other. Source: methods 1, craft 2.
 */
export function measurePiece(piece: Piece, unit: LengthUnit): MeasuredPiece {
	return createMeasurer()(piece, unit);
}

/** As `measurePiece`, and keeps each face until something it hangs on has changed: of many, only one is measured again while it is typed. */
export function createMeasurer(): (piece: Piece, unit: LengthUnit) => MeasuredPiece {
	let kept = new Map<string, { readonly face: Face; readonly key: string; readonly measured: Measured }>();
	return (piece, unit) => {
		const given = takeFromNeighbours(piece, unit);
		const main = mainFace(piece);
		const now = new Map<string, { readonly face: Face; readonly key: string; readonly measured: Measured }>();
		const measureOne = (face: Face, i: number, take: Given): Measured => {
			const key = `${i} ${i === main} ${unit} ${JSON.stringify(take)}`;
			const old = kept.get(face.id);
			const measured =
				old?.face === face && old.key === key
					? old.measured
					: measureFace({ face, unit, path: `piece.faces[${i}]`, given: take, isMain: i === main });
			now.set(face.id, { face, key, measured });
			return measured;
		};
		const first = piece.faces.map((face, i) => (face.of === null ? measureOne(face, i, given[i]!) : null));
		const owners = first.flatMap((measured) => measured?.face ?? []);
		const faces = piece.faces.map((face, i) => first[i] ?? measureOne(face, i, edgeOf(face.of!, owners, given[i]!)));
		kept = now;
		const measured = faces.map(({ face }) => face);
		return {
			name: piece.name,
			faces: measured,
			issues: [...reportTwins(piece), ...reportSeams(piece), ...faces.flatMap(({ issues }) => issues)],
			hints: [...faces.flatMap(({ hints }) => hints), ...edgesThatDiffer(piece, unit)]
		};
	};
}

/** The face that is asked for: the first, as long as nothing is read on it and on no other; else whichever are read, and no other is missed. */
function mainFace({ faces }: Piece): number | null {
	/** Gaps are as they mostly are until they are read. */
	const isReading = ({ role, reading }: Reading) => role !== 'gap' && reading !== '' && !isRest(reading);
	const isRead = ({ width, height, chain }: Face) =>
		width !== '' || height !== '' || walkReadings(chain).some(({ entry }) => isReading(entry));
	return faces.length > 0 && (isRead(faces[0]!) || !faces.some(isRead)) ? 0 : null;
}

/** The top edge of a drawer is as wide as the drawer, and lies as high as its top. */
function edgeOf(part: string, faces: readonly MeasuredFace[], given: Given): Given {
	const face = faces.find((other) => other.parts.some(({ id }) => id === part));
	const owner = face?.parts.find(({ id }) => id === part);
	if (!face || !owner) return given;
	const floor = face.floor === null || face.lies === 'level' ? null : face.floor + face.height - owner.y;
	return { width: given.width ?? owner.width, height: given.height, floor: given.floor ?? floor };
}

interface Lengths {
	width: Mm | null;
	height: Mm | null;
	floor: Mm | null;
}

/** Goes over the seams until nothing follows any more. */
function takeFromNeighbours(piece: Piece, unit: LengthUnit): Given[] {
	const own = (value: Face['width']): Mm | null => {
		const read = readLength(value, unit);
		return read.ok && read.mm > 0 ? read.mm : null;
	};
	const lengths = piece.faces.map((face): Lengths => {
		const width = own(face.width);
		const floor = face.floor === '' ? null : readLength(face.floor, unit);
		return { width, height: face.outline.shape === 'circle' ? width : own(face.height), floor: floor?.ok ? floor.mm : null };
	});
	const at = (id: string) => piece.faces.findIndex((face) => face.id === id);
	for (let changed = true; changed;) {
		changed = false;
		for (const { a, b } of piece.seams)
			for (const [one, other] of [
				[a, b],
				[b, a]
			] as const) {
				const [i, k] = [at(one.face), at(other.face)];
				if (i < 0 || k < 0) continue;
				const length = lengths[k]![along(other.side)];
				if (lengths[i]![along(one.side)] === null && length !== null) {
					lengths[i]![along(one.side)] = length;
					changed = true;
				}
				const floor = floorFrom({
					from: piece.faces[k]!,
					side: other.side,
					known: lengths[k]!,
					to: piece.faces[i]!,
					toSide: one.side,
					own: lengths[i]!
				});
				if (lengths[i]!.floor === null && floor !== null) {
					lengths[i]!.floor = floor;
					changed = true;
				}
			}
	}
	return lengths;
}

function along(side: EdgeSide): 'width' | 'height' {
	return side === 'left' || side === 'right' ? 'height' : 'width';
}

/** Faces that meet along an upright edge stand on the same floor; a level one lies as high as the edge that it meets. */
function floorFrom({
	from,
	side,
	known,
	to,
	toSide,
	own
}: {
	readonly from: Face;
	readonly side: EdgeSide;
	readonly known: Lengths;
	readonly to: Face;
	readonly toSide: EdgeSide;
	readonly own: Lengths;
}): Mm | null {
	if (known.floor === null) return null;
	const [a, b] = [howItLies(from.kind), howItLies(to.kind)];
	if (a === 'upright' && b === 'upright') return along(side) === 'height' && along(toSide) === 'height' ? known.floor : null;
	if (a === 'upright')
		return side === 'top' ? (known.height === null ? null : known.floor + known.height) : side === 'bottom' ? known.floor : null;
	if (b === 'level') return known.floor;
	return toSide === 'top' ? (own.height === null ? null : known.floor - own.height) : toSide === 'bottom' ? known.floor : null;
}

/** Both read, and not the same: a board that stands over, or a slip. */
function edgesThatDiffer(piece: Piece, unit: LengthUnit): Issue[] {
	return piece.seams.flatMap(({ a, b }) => {
		const ends = [a, b].map(({ face, side }) => {
			const at = piece.faces.findIndex((other) => other.id === face);
			const value = piece.faces[at]?.[along(side)] ?? '';
			const read = readLength(value, unit);
			return { at, side, name: piece.faces[at]?.name ?? face, mm: read.ok ? read.mm : null };
		});
		const [one, other] = ends as [(typeof ends)[0], (typeof ends)[0]];
		if (one.mm === null || other.mm === null || Math.abs(one.mm - other.mm) <= SAME_EDGE) return [];
		const write = (mm: Mm) => formatLength(mm, unit).text;
		return [
			{
				code: 'edge.differs',
				path: `piece.faces[${other.at}].${along(other.side)}`,
				values: { one: one.name, other: other.name, first: write(one.mm), second: write(other.mm) }
			}
		];
	});
}

function reportSeams(piece: Piece): Issue[] {
	const parts = new Set(piece.faces.flatMap((face) => partIdsOf(face)));
	const strays = piece.faces.flatMap((face, i) =>
		face.of === null || parts.has(face.of)
			? []
			: [{ code: 'ref.unknown', path: `piece.faces[${i}].of`, values: { id: face.of, what: 'part' } }]
	);
	const seams = piece.seams.flatMap((seam, i) =>
		(['a', 'b'] as const).flatMap((end) =>
			piece.faces.some((face) => face.id === seam[end].face)
				? []
				: [{ code: 'ref.unknown', path: `piece.seams[${i}].${end}.face`, values: { id: seam[end].face, what: 'face' } }]
		)
	);
	return [...strays, ...seams];
}

/** Ids of faces, readings and parts are one family: coats and layouts name them without saying of which face. */
function reportTwins(piece: Piece): Issue[] {
	const seen = new Set<string>();
	const issues: Issue[] = [];
	const note = (id: string, path: string) => {
		if (seen.has(id)) issues.push({ code: 'id.twice', path, values: { id } });
		seen.add(id);
	};
	const noteChain = (chain: readonly Reading[], path: string) =>
		chain.forEach((entry, i) => {
			note(entry.id, `${path}[${i}].id`);
			if (entry.split) noteChain(entry.split.chain, `${path}[${i}].split.chain`);
		});
	piece.faces.forEach((face, i) => note(face.id, `piece.faces[${i}].id`));
	piece.faces.forEach((face, i) => {
		noteChain(face.chain, `piece.faces[${i}].chain`);
		face.parts.forEach((part, p) => note(part.id, `piece.faces[${i}].parts[${p}].id`));
	});
	return issues;
}
