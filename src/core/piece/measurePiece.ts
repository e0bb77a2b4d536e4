import { readLength, type Issue, type LengthUnit, type Mm } from '../units';
import { checkChain, type ChainCheck, type ChainReading } from './checkChain';
import { OVERALL } from './findSuspects';
import { placeHardware, type PlacedHardware } from './placeHardware';
import type { Face, LengthInput, Piece, ReadingRole } from './schema';

export interface Box {
	/** From the left and from the top edge of the face, mm. */
	readonly x: Mm;
	readonly y: Mm;
	readonly width: Mm;
	readonly height: Mm;
}

export interface Part extends Box {
	/** The id of its reading. */
	readonly id: string;
	readonly name: string;
	readonly role: Exclude<ReadingRole, 'gap'>;
	/** True while its reading has not been taken: the drawing is a guess. */
	readonly estimated: boolean;
	readonly hardware: readonly PlacedHardware[];
}

/** Room between two surfaces that move past each other. */
export interface Gap {
	readonly id: string;
	/** In the chain, or at both sides of a drawer. */
	readonly at: 'chain' | 'side';
	readonly mm: Mm;
	/** Parts at its two sides; `frame` for the carcass. */
	readonly between: readonly [string, string];
	readonly estimated: boolean;
}

export interface MeasuredFace {
	readonly id: string;
	readonly name: string;
	readonly width: Mm;
	readonly height: Mm;
	readonly parts: readonly Part[];
	readonly gaps: readonly Gap[];
	/** Null until every reading is there. */
	readonly check: ChainCheck | null;
	/** The readings as they are used, after sharing, mm; in the order of the chain. */
	readonly readings: readonly {
		readonly id: string;
		readonly role: ReadingRole;
		readonly mm: Mm;
		readonly from: Mm;
		readonly estimated: boolean;
	}[];
	readonly estimated: boolean;
}

export interface MeasuredPiece {
	readonly name: string;
	readonly faces: readonly MeasuredFace[];
	readonly issues: readonly Issue[];
}

/** All that belongs to the carcass on a face (rails, stiles, plinth), as one surface. */
export const FRAME = 'frame';
export const MOST_DRAWERS = 12;

/** What a reading is taken for while it has not been made, so that the drawing can follow. Drawers share what is left. */
const GUESS: Readonly<Record<ReadingRole, Mm>> = { rail: 25, gap: 3, drawer: 120, plinth: 60 };

/**
 * Turns the readings of a piece into parts in place (mm), and says what is wrong with them.
 * A face with faulty readings is still drawn, from what could be read. Source: methods 1.
 */
export function measurePiece(piece: Piece, unit: LengthUnit): MeasuredPiece {
	const issues: Issue[] = [];
	const faces = piece.faces.map((face, at) => measureFace(face, unit, `piece.faces[${at}]`, issues));
	return { name: piece.name, faces, issues };
}

function measureFace(face: Face, unit: LengthUnit, path: string, issues: Issue[]): MeasuredFace {
	const read = createReader(unit, issues);
	const readings = face.chain.map((entry, i) => read(entry.reading, `${path}.chain[${i}].reading`, 'positive'));
	const width = read(face.width, `${path}.width`, 'positive');
	const height = read(face.height, `${path}.height`, 'positive');
	const stile = read(face.stile, `${path}.stile`, 'zero')?.mm ?? 0;
	const sideGap = read(face.sideGap, `${path}.sideGap`, 'zero')?.mm ?? 0;

	const drawers = face.chain.filter((entry) => entry.role === 'drawer').length;
	if (drawers < 1 || drawers > MOST_DRAWERS)
		issues.push({ code: 'chain.drawers', path: `${path}.chain`, values: { drawers, most: MOST_DRAWERS } });
	reportTwins(face, path, issues);

	const check = checkFaceChain(face, height, readings, unit, path, issues);
	const faceWidth = width?.mm ?? 800;
	const lengths = fillChain(face, height?.mm ?? null, readings, check);
	const faceHeight = height?.mm ?? lengths.reduce((sum, { mm }) => sum + mm, 0);
	const drawerWidth = faceWidth - 2 * (stile + sideGap);
	if (drawerWidth <= 0) issues.push({ code: 'face.no-room', path: `${path}.stile`, values: { width: faceWidth } });

	const placed = placeParts(face, lengths, { faceWidth, left: stile + sideGap, drawerWidth: Math.max(1, drawerWidth) });
	const parts = placed.map((part) => {
		if (part.role !== 'drawer') return { ...part, hardware: [] };
		const own = Object.hasOwn(face.exceptions, part.id) ? face.exceptions[part.id] : undefined;
		const where = own ? `${path}.exceptions.${part.id}` : `${path}.hardware`;
		return { ...part, hardware: placeHardware(own ?? face.hardware, part, where, read, issues) };
	});
	for (const id of Object.keys(face.exceptions))
		if (!placed.some((part) => part.id === id && part.role === 'drawer'))
			issues.push({ code: 'hardware.no-part', path: `${path}.exceptions.${id}` });

	return {
		id: face.id,
		name: face.name,
		width: faceWidth,
		height: faceHeight,
		parts,
		gaps: findGaps(face, lengths, parts, sideGap),
		check,
		readings: lengths,
		estimated: width === null || height === null || lengths.some(({ estimated }) => estimated)
	};
}

export type LengthReader = ReturnType<typeof createReader>;

/** Reads lengths and writes each fault down beside the field where it stands; null where there is nothing to use. */
function createReader(unit: LengthUnit, issues: Issue[]) {
	return (value: LengthInput, path: string, least: 'zero' | 'positive'): ChainReading | null => {
		const parsed = readLength(value, unit);
		if (!parsed.ok) {
			issues.push({ code: parsed.code, path, values: { typed: String(value) } });
			return null;
		}
		if (least === 'positive' && parsed.mm === 0) {
			issues.push({ code: 'length.zero', path });
			return null;
		}
		return { ...parsed, text: String(value), unit: typeof value === 'number' ? 'mm' : unit, role: 'drawer' };
	};
}

/** Lengths in order, with guesses where a reading is missing, each with its place from the top. */
function fillChain(
	face: Face,
	overall: Mm | null,
	readings: readonly (ChainReading | null)[],
	check: ChainCheck | null
): MeasuredFace['readings'] {
	const known = face.chain.reduce((sum, entry, i) => sum + (readings[i]?.mm ?? (entry.role === 'drawer' ? 0 : GUESS[entry.role])), 0);
	const openDrawers = face.chain.filter((entry, i) => entry.role === 'drawer' && readings[i] === null).length;
	const share = overall === null || openDrawers === 0 ? 0 : (overall - known) / openDrawers;
	let from = 0;
	return face.chain.map((entry, i) => {
		const guess = entry.role === 'drawer' && share > 20 ? share : GUESS[entry.role];
		const mm = (readings[i]?.mm ?? guess) + (check?.shares[i] ?? 0);
		const row = { id: entry.id, role: entry.role, mm, from, estimated: readings[i] === null };
		from += mm;
		return row;
	});
}

function checkFaceChain(
	face: Face,
	height: ChainReading | null,
	readings: readonly (ChainReading | null)[],
	unit: LengthUnit,
	path: string,
	issues: Issue[]
): ChainCheck | null {
	if (height === null || readings.some((reading) => reading === null)) return null;
	const chain = readings.map((reading, i) => ({ ...reading!, role: face.chain[i]!.role }));
	const check = checkChain(height, chain);
	if (check.verdict !== 'beyond') return check;
	const first = check.suspects[0];
	const at = first === undefined ? `${path}.chain` : first.index === OVERALL ? `${path}.height` : `${path}.chain[${first.index}].reading`;
	issues.push({
		code: first === undefined ? 'chain.beyond' : `chain.${first.kind}`,
		path: at,
		values: { residual: check.residual, allowed: check.allowed, instead: first?.instead ?? '', left: first?.residual ?? '', unit }
	});
	return check;
}

function placeParts(
	face: Face,
	lengths: MeasuredFace['readings'],
	room: { faceWidth: Mm; left: Mm; drawerWidth: Mm }
): Omit<Part, 'hardware'>[] {
	const counts: Partial<Record<ReadingRole, number>> = {};
	const totals = (role: ReadingRole) => face.chain.filter((entry) => entry.role === role).length;
	return lengths.flatMap(({ id, role, mm, from, estimated }) => {
		if (role === 'gap') return [];
		const count = (counts[role] = (counts[role] ?? 0) + 1);
		const across = role === 'drawer' ? { x: room.left, width: room.drawerWidth } : { x: 0, width: room.faceWidth };
		return [{ id, name: namePart(role, count, totals(role)), role, y: from, height: mm, estimated, ...across }];
	});
}

function namePart(role: ReadingRole, count: number, total: number): string {
	const word = { rail: 'Rail', gap: 'Gap', drawer: 'Drawer', plinth: 'Plinth' }[role];
	return total === 1 && role !== 'drawer' ? word : `${word} ${count}`;
}

function findGaps(face: Face, lengths: MeasuredFace['readings'], parts: readonly Part[], sideGap: Mm): Gap[] {
	const surface = (at: number) => (face.chain[at]?.role === 'drawer' ? face.chain[at].id : FRAME);
	const between = lengths.flatMap(({ id, role, mm, estimated }, at) =>
		role === 'gap' ? [{ id, at: 'chain' as const, mm, between: [surface(at - 1), surface(at + 1)] as const, estimated }] : []
	);
	if (sideGap === 0) return between;
	const beside = parts
		.filter((part) => part.role === 'drawer')
		.map((part) => ({ id: `side-of-${part.id}`, at: 'side' as const, mm: sideGap, between: [FRAME, part.id] as const, estimated: false }));
	return [...between, ...beside];
}

function reportTwins(face: Face, path: string, issues: Issue[]): void {
	face.chain.forEach((entry, i) => {
		if (entry.id === FRAME || face.chain.findIndex((other) => other.id === entry.id) < i)
			issues.push({ code: 'id.twice', path: `${path}.chain[${i}].id`, values: { id: entry.id } });
	});
}
