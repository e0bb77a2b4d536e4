import type { LengthInput } from '../piece';
import { readLength, type LengthUnit } from '../units';
import type { Project } from './project';

/**
 * Another unit for the painter, with every reading kept as long as it was: a text without a unit is given the one in
 * which it was read, or a chest of 860 mm would turn into one of 860 inches.
 */
export function changeUnits(project: Project, units: LengthUnit): Project {
	if (units === project.units) return project;
	const faces = project.piece.faces.map((face) => keepLengths(face, project.units, units) as Project['piece']['faces'][0]);
	return { ...project, units, piece: { ...project.piece, faces } };
}

/** Words and names, never lengths, though a name may look like one. */
const WORDS: ReadonlySet<string> = new Set(
	'id name kind of ground grounds grain shape side way rule old room on role along picture'.split(' ')
);

/** Every length in a value, to any depth. */
function keepLengths(value: unknown, from: LengthUnit, to: LengthUnit): unknown {
	if (typeof value === 'string') return keepLength(value, from, to);
	if (Array.isArray(value)) return value.map((inner) => keepLengths(inner, from, to));
	if (typeof value !== 'object' || value === null) return value;
	return Object.fromEntries(Object.entries(value).map(([key, inner]) => [key, WORDS.has(key) ? inner : keepLengths(inner, from, to)]));
}

function keepLength(value: LengthInput, from: LengthUnit, to: LengthUnit): LengthInput {
	const [before, after] = [readLength(value, from), readLength(value, to)];
	if (!before.ok || (after.ok && Math.abs(after.mm - before.mm) < 1e-9)) return value;
	return `${value} ${from}`;
}
