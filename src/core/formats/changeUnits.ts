import type { LengthInput } from '../piece';
import { readLength, type LengthUnit } from '../units';
import type { Project } from './project';

/**
 * Another unit for the painter, with every reading kept as long as it was: a text without a unit is given the one in
 * which it was read, or a chest of 860 mm would turn into one of 860 inches.
 */
export function changeUnits(project: Project, units: LengthUnit): Project {
	if (units === project.units) return project;
	const keep = <Value>(value: Value): Value => keepLengths(value, project.units, units) as Value;
	return { ...project, units, piece: { ...project.piece, faces: project.piece.faces.map((face) => keepFace(face, keep)) } };
}

type Face = Project['piece']['faces'][0];

function keepFace(face: Face, keep: <Value>(value: Value) => Value): Face {
	const { width, height, stile, sideGap, chain, hardware, exceptions, ...rest } = face;
	return {
		...rest,
		...keep({ width, height, stile, sideGap }),
		chain: chain.map((entry) => ({ ...entry, reading: keep(entry.reading) })),
		hardware: keep(hardware),
		exceptions: keep(exceptions)
	};
}

/** Every length in a value; words that are no length read the same in both units, and stay. */
function keepLengths(value: unknown, from: LengthUnit, to: LengthUnit): unknown {
	if (typeof value === 'string') return keepLength(value, from, to);
	if (typeof value !== 'object' || value === null || Array.isArray(value)) return value;
	return Object.fromEntries(Object.entries(value).map(([key, inner]) => [key, keepLengths(inner, from, to)]));
}

function keepLength(value: LengthInput, from: LengthUnit, to: LengthUnit): LengthInput {
	const [before, after] = [readLength(value, from), readLength(value, to)];
	if (!before.ok || (after.ok && Math.abs(after.mm - before.mm) < 1e-9)) return value;
	return `${value} ${from}`;
}
