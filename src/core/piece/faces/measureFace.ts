import type { Issue, Mm } from '../../units';
import type { ChainReading } from '../readings/chainReading';
import { checkSquare, type SquareCheck } from '../readings/checkSquare';
import { divideFace, GUESS, LEAST_GUESS } from './divideFace';
import type { BarePart } from '../readings/chain';
import { fitHardware } from '../hardware/fitHardware';
import { framesOf, type Fixed } from './frames';
import { type MeasuredFace, type Part } from './parts';
import type { Box } from './box';
import { placeParts } from './placeParts';
import { createReader, type LengthReader } from '../readings/readLengths';
import type { Face, FaceKind } from '../schema';
import { shapeOutline } from './shapeOutline';
import { walkReadings } from '../readings/walkReadings';
import type { LengthUnit } from '../../units';

/** What a face takes from the faces that it meets, where it has no reading of its own, mm. */
export interface Given {
	readonly width: Mm | null;
	readonly height: Mm | null;
	readonly floor: Mm | null;
}

const LEVEL: ReadonlySet<FaceKind> = new Set(['top', 'lid', 'edge', 'board']);

export function howItLies(kind: FaceKind): 'upright' | 'level' {
	return LEVEL.has(kind) ? 'level' : 'upright';
}

export interface Measured {
	readonly face: MeasuredFace;
	readonly issues: readonly Issue[];
	readonly hints: readonly Issue[];
}

/** Turns the readings of one face into parts in place (mm), and says what is wrong with them; it is still drawn, from what could be read. */
export function measureFace({
	face,
	unit,
	path,
	given,
	isMain
}: {
	readonly face: Face;
	readonly unit: LengthUnit;
	readonly path: string;
	readonly given: Given;
	/** Asked for though nothing of it is read. */
	readonly isMain: boolean;
}): Measured {
	const issues: Issue[] = [];
	const hints: Issue[] = [];
	const read = createReader(unit, issues);
	const width = readOrTake(face.width, `${path}.width`, given.width, read);
	const height = face.outline.shape === 'circle' ? width : readOrTake(face.height, `${path}.height`, given.height, read);
	const tall = Math.max(face.typical.height, leastOfChain(face, unit));
	const box: Box = {
		x: 0,
		y: 0,
		width: width?.mm ?? face.typical.width,
		height: height?.mm ?? (face.outline.shape === 'circle' ? face.typical.width : tall)
	};

	const divided = divideFace({ face, size: { width, height, box }, path, read, issues });
	const outline = shapeOutline({ input: face.outline, width: box.width, height: box.height, path: `${path}.outline`, read, issues });
	const bare: BarePart = {
		...box,
		id: face.id,
		name: face.name,
		role: 'face',
		face: face.id,
		on: null,
		setOff: 0,
		outline,
		estimated: width === null || height === null
	};
	const placed = placeParts({ face, whole: bare, divided: divided.parts, path, read, issues });
	const [own, ...parts] = fitHardware({ face, parts: [bare, ...divided.parts, ...placed], path, read, issues }) as [Part, ...Part[]];
	const square = readSquare({ face, width, height, path, read, issues, hints });
	hints.push(...taperHints(divided.gaps, face, path));
	const idle = !isMain && face.width === '' && face.height === '' && (width === null || height === null);
	const floor = face.floor === '' ? given.floor : (read(face.floor, `${path}.floor`, 'zero')?.mm ?? null);
	const bent = (face.bent ?? '') === '' ? null : (read(face.bent!, `${path}.bent`, 'positive')?.mm ?? null);
	const whole: Part = { ...own, ...fixedTo([own, ...parts]) };
	return {
		face: {
			id: face.id,
			name: face.name,
			kind: face.kind,
			ground: face.ground,
			grounds: face.grounds ?? NONE,
			lies: howItLies(face.kind),
			width: box.width,
			height: box.height,
			floor,
			bent,
			outline,
			whole,
			...framesOf(own, whole, parts, fixedTo),
			parts,
			gaps: divided.gaps,
			chains: divided.chains,
			check: divided.chains[0]?.check ?? null,
			readings: divided.chains[0]?.readings ?? [],
			square,
			idle,
			estimated: bare.estimated || divided.estimated || placed.some(({ estimated }) => estimated)
		},
		issues: idle ? issues.filter(({ code }) => code !== 'length.empty') : issues,
		hints
	};
}

/** An empty reading that follows from a neighbour is none that is missing. */
function readOrTake(value: Face['width'], path: string, given: Mm | null, read: LengthReader): ChainReading | null {
	if (value === '' && given !== null) return { mm: given, text: '', unit: 'mm', resolution: 1, role: 'rail' };
	return read(value, path, 'positive');
}

/** While only the chain is read, the drawing is at least as tall as what is known of it. */
function leastOfChain(face: Face, unit: LengthUnit): Mm {
	const silent = createReader(unit, []);
	return face.chain.reduce((sum, { role, reading }) => sum + (silent(reading, '', 'positive')?.mm ?? GUESS[role] ?? LEAST_GUESS), 0);
}

function readSquare({
	face,
	width,
	height,
	path,
	read,
	issues,
	hints
}: {
	readonly face: Face;
	readonly width: ChainReading | null;
	readonly height: ChainReading | null;
	readonly path: string;
	readonly read: LengthReader;
	readonly issues: Issue[];
	readonly hints: Issue[];
}): SquareCheck | null {
	const { falling, rising } = face.diagonals;
	if (falling === '' && rising === '') return null;
	const [f, r] = [read(falling, `${path}.diagonals.falling`, 'positive'), read(rising, `${path}.diagonals.rising`, 'positive')];
	if (!f || !r || !width || !height) return null;
	const check = checkSquare(width, height, f, r);
	if (check.verdict === 'contradicts')
		issues.push({ code: 'square.contradicts', path: `${path}.diagonals.falling`, values: { expected: Math.hypot(width.mm, height.mm) } });
	if (check.verdict === 'out')
		hints.push({
			code: 'square.out',
			path: `${path}.diagonals.falling`,
			values: { lean: Math.abs(check.lean), degrees: Math.abs(check.degrees).toFixed(2), side: check.lean > 0 ? 'right' : 'left' }
		});
	return check;
}

/** A gap that is wide at one end and close at the other. */
const TAPER: Mm = 0.5;

function taperHints(gaps: MeasuredFace['gaps'], face: Face, path: string): Issue[] {
	const places = new Map(walkReadings(face.chain, `${path}.chain`).map(({ entry, path }) => [entry.id, path]));
	return gaps.flatMap(({ id, ends: [near, far] }) => {
		const at = places.get(id);
		return Math.abs(near - far) <= TAPER || !at ? [] : [{ code: 'gap.tapers', path: `${at}.far`, values: { near, far } }];
	});
}

/** What some parts bear, from the left and top edge of the face. */
function fixedTo(parts: readonly Part[]): Fixed {
	return {
		hardware: parts.flatMap(onFace),
		filled: parts.flatMap((part) => part.filled.map((hole) => ({ ...hole, x: part.x + hole.x, y: part.y + hole.y })))
	};
}

const NONE = {};

function onFace(part: Part): Part['hardware'] {
	return part.hardware.map((one) => ({
		...one,
		centre: { x: part.x + one.centre.x, y: part.y + one.centre.y },
		holes: one.holes.map((hole) => ({ ...hole, x: part.x + hole.x, y: part.y + hole.y })),
		footprint: { ...one.footprint, x: part.x + one.footprint.x, y: part.y + one.footprint.y }
	}));
}
