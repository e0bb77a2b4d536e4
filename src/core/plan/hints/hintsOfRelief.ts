import { wordCoat, type Layer, type Stack } from '../../layers';
import { partOnFace, standOf, type MeasuredFace, type MeasuredPiece, type Part } from '../../piece';
import type { Project } from '../../project';
import { UM_PER_MM, type Issue, type Mm } from '../../units';
import { hintsOfCasts } from './hintsOfCasts';
import { itemsOf, partsById, pathOf } from './itemsOfLayer';

type Faces = Pick<MeasuredPiece, 'faces'>;

/** What stands up from the piece and is in the way: of hardware, of a door, of a round front, or of its own weight. Source: craft 8. */
export function hintsOfRelief(project: Project, stack: Stack, piece: Faces): Issue[] {
	const raised = stack.layers.filter(({ traits, openings }) => traits.raised && openings !== null);
	return [
		...underHardware(project, raised, piece),
		...doorsHeld(project, raised, piece),
		...raised.flatMap((layer) => hintsOfCasts(layer, project, piece))
	];
}

/** The plate of a knob or a pull does not sit on relief: said for what lies under it. */
function underHardware(project: Project, raised: readonly Layer[], piece: Faces): Issue[] {
	const parts = partsById(piece);
	return raised.flatMap((layer): Issue[] => {
		const under = new Set(itemsOf(layer).filter(({ touches }) => touches.length > 0));
		const [first] = under;
		if (!first) return [];
		const values = { name: wordCoat(layer.coat).toLowerCase(), count: under.size, part: parts.get(first.part)?.name ?? first.part };
		return [{ code: 'relief.under-hardware', path: pathOf(project, first.arrangement), values }];
	});
}

/** What stands up beside the line that a door turns about: from so far to so far away from it, where down the face, and how high, mm. */
interface Ridge {
	readonly from: Mm;
	readonly to: Mm;
	readonly top: Mm;
	readonly bottom: Mm;
	readonly height: Mm;
	readonly arrangement: string;
}

const DEGREES = 180 / Math.PI;
/** Nearer to the line than this nothing is looked at, mm: there the hinge itself stands. */
const NEAREST: Mm = 3;
/** A door that lacks less than this of lying flat is told nothing, degrees. */
const FLAT = 2;

/** A door that is turned right round meets what stands up on it, or on the frame beside it: said how far it opens then. */
function doorsHeld(project: Project, raised: readonly Layer[], { faces }: Faces): Issue[] {
	return faces.flatMap((face) => face.parts.flatMap((door) => (door.role === 'door' ? doorHeld(project, raised, face, door) : [])));
}

function doorHeld(project: Project, raised: readonly Layer[], face: MeasuredFace, door: Part): Issue[] {
	const hinge = door.hardware.find(({ kind }) => kind === 'hinge');
	if (!hinge) return [];
	const isLeft = hinge.centre.x < door.width / 2;
	const line = isLeft ? door.x : door.x + door.width;
	const towards = (way: 1 | -1) => raised.flatMap((layer) => ridgesOn({ layer, face, door, line, way }));
	const worst = leastOpen(towards(isLeft ? 1 : -1), towards(isLeft ? -1 : 1));
	if (worst === null || worst.lacks * DEGREES <= FLAT) return [];
	const values = { part: door.name, degrees: Math.floor(180 - worst.lacks * DEGREES) };
	return [{ code: 'relief.door', path: pathOf(project, worst.arrangement), values }];
}

/** What a layer raises on a face, beside a door as far as that is wide and high, to one side of an upright line. */
function ridgesOn({
	layer,
	face,
	door,
	line,
	way
}: {
	readonly layer: Layer;
	readonly face: MeasuredFace;
	readonly door: Part;
	readonly line: Mm;
	readonly way: 1 | -1;
}): Ridge[] {
	const ridges: Ridge[] = [];
	let part: Part | undefined;
	for (const { part: id, left, top, width, height: tall, arrangement } of itemsOf(layer)) {
		/** Those of a part follow one another. */
		if (part?.id !== id) part = partOnFace(face, id);
		if (!part) continue;
		const [first, last] = [(part.x + left - line) * way, (part.x + left + width - line) * way];
		const [from, to] = [Math.max(0, Math.min(first, last)), Math.max(first, last)];
		const ridge = { from, to, top: part.y + top, bottom: part.y + top + tall };
		if (to <= 0 || from >= door.width || !overlap(ridge, { top: door.y, bottom: door.y + door.height })) continue;
		const height = layer.film / UM_PER_MM + standOf(part, face) - standOf(door, face);
		if (height > 0) ridges.push({ ...ridge, height, arrangement });
	}
	return ridges;
}

const overlap = (a: Pick<Ridge, 'top' | 'bottom'>, b: Pick<Ridge, 'top' | 'bottom'>) => a.top < b.bottom && b.top < a.bottom;

interface Held {
	/** Of lying flat, radians. */
	readonly lacks: number;
	readonly arrangement: string;
}

const worse = (a: Held | null, b: Held): Held => (a !== null && a.lacks >= b.lacks ? a : b);

/** What keeps two faces that turn about one line furthest from lying on each other: a ridge of either, or two that meet. */
function leastOpen(on: readonly Ridge[], beside: readonly Ridge[]): Held | null {
	const lacksOf = ({ from, height }: Ridge, at: Mm = from) => Math.atan(height / Math.max(NEAREST, at));
	const held = ({ arrangement }: Ridge, lacks: number): Held => ({ lacks, arrangement });
	let worst: Held | null = null;
	for (const one of [...on, ...beside]) worst = worse(worst, held(one, lacksOf(one)));
	/** Two that meet lack no more than both by themselves: most pairs need no second look. */
	const most = Math.max(0, ...beside.map((other) => lacksOf(other)));
	for (const one of on)
		if (lacksOf(one) + most > worst!.lacks)
			for (const other of beside) {
				const at = Math.max(one.from, other.from);
				if (at > Math.min(one.to, other.to) || !overlap(one, other)) continue;
				worst = worse(worst, held(one, lacksOf(one, at) + lacksOf(other, at)));
			}
	return worst;
}
