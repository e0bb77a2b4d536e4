import { doBoxesMeet } from './box';
import { flattenOutline, isInsideOutline, distanceToOutline, type Outline } from '../../geometry';
import type { Issue, Mm } from '../../units';
import type { BarePart } from '../readings/chain';
import type { LengthInput } from '../readings/lengths';
import type { LengthReader } from '../readings/readLengths';
import { readSetOff } from '../readings/readSetOff';
import type { Face, PlacedPart } from '../schema';
import { shapeOutline } from './shapeOutline';
/** A part may touch the edge of what it lies on, within what a tape can tell, mm. */
const TOUCH: Mm = 0.5;
/** While a margin has not been read: this, or a quarter of the room. */
const GUESS: Mm = 50;
/** These cannot lie on each other; mouldings and carving may. */
const SOLID: ReadonlySet<PlacedPart['role']> = new Set(['panel', 'door', 'drawer', 'leg', 'board']);

/**
 * Sets the parts that lie on others in place on the face (mm). One that is larger than what it lies on, or lies on a
 * neighbour, is reported beside its figures and still drawn. Source: craft 2.
 */
export function placeParts({
	face,
	whole,
	divided,
	path,
	read,
	issues
}: {
	readonly face: Face;
	readonly whole: BarePart;
	readonly divided: readonly BarePart[];
	readonly path: string;
	readonly read: LengthReader;
	readonly issues: Issue[];
}): BarePart[] {
	const placed: BarePart[] = [];
	for (const [i, part] of face.parts.entries()) {
		const at = `${path}.parts[${i}]`;
		const under = part.on === face.id ? whole : (divided.find(({ id }) => id === part.on) ?? placed.find(({ id }) => id === part.on));
		if (!under) {
			issues.push({ code: 'part.no-parent', path: `${at}.on`, values: { id: part.on } });
			continue;
		}
		const box = placeBox({ part, under, path: `${at}.place`, read, issues });
		if (box === null) continue;
		const outline = shapeOutline({ input: part.outline, width: box.width, height: box.height, path: `${at}.outline`, read, issues });
		const set: BarePart = {
			...box,
			id: part.id,
			name: part.name,
			role: part.role,
			face: face.id,
			on: under === whole ? null : under.id,
			setOff: readSetOff(part.setOff, `${at}.setOff`, read),
			outline
		};
		if (isOff(set, under)) issues.push({ code: 'part.off', path: `${at}.place`, values: { on: under.name } });
		const twin = placed.find(
			(other) => other.on === set.on && SOLID.has(part.role) && SOLID.has(other.role as PlacedPart['role']) && doBoxesMeet(other, set)
		);
		if (twin) issues.push({ code: 'part.overlap', path: `${at}.place`, values: { other: twin.name } });
		placed.push(set);
	}
	return placed;
}

function placeBox({
	part,
	under,
	path,
	read,
	issues
}: {
	readonly part: PlacedPart;
	readonly under: BarePart;
	readonly path: string;
	readonly read: LengthReader;
	readonly issues: Issue[];
}) {
	const { place } = part;
	let estimated = false;
	const figure = (value: LengthInput, name: string, guess: Mm, least: 'zero' | 'positive' = 'zero') => {
		const reading = read(value, `${path}.${name}`, least);
		if (reading === null) estimated = true;
		return reading?.mm ?? guess;
	};
	const margin = (side: Mm) => Math.min(GUESS, side / 4);
	const left = figure(place.left, 'left', margin(under.width));
	const top = figure(place.top, 'top', margin(under.height));
	const size =
		place.rule === 'inset'
			? {
					width: under.width - left - figure(place.right, 'right', margin(under.width)),
					height: under.height - top - figure(place.bottom, 'bottom', margin(under.height))
				}
			: {
					width: figure(place.width, 'width', under.width / 2, 'positive'),
					height: figure(place.height, 'height', under.height / 2, 'positive')
				};
	const height = part.outline.shape === 'circle' ? size.width : size.height;
	if (size.width <= 0 || height <= 0) {
		issues.push({ code: 'part.no-room', path, values: { on: under.name } });
		return null;
	}
	return { x: under.x + left, y: under.y + top, width: size.width, height, estimated };
}

function isOff(part: BarePart, under: BarePart): boolean {
	const [dx, dy] = [part.x - under.x, part.y - under.y];
	if (dx < -TOUCH || dy < -TOUCH || dx + part.width > under.width + TOUCH || dy + part.height > under.height + TOUCH) return true;
	return pointsOf(part.outline).some(
		({ x, y }) =>
			!isInsideOutline(under.outline, { x: x + dx, y: y + dy }) && distanceToOutline(under.outline, { x: x + dx, y: y + dy }) > TOUCH
	);
}

function pointsOf(outline: Outline): { x: number; y: number }[] {
	const ring = flattenOutline(outline, 0.5);
	return Array.from({ length: ring.length / 2 }, (_, i) => ({ x: ring[2 * i]!, y: ring[2 * i + 1]! }));
}
