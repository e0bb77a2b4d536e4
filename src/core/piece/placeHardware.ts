import type { Issue, Mm } from '../units';
import type { Box, LengthReader } from './measurePiece';
import type { Hardware } from './schema';

export interface PlacedHardware {
	readonly kind: 'knob' | 'pull';
	/** Centre, from the left and the top edge of its part, mm. */
	readonly centre: { readonly x: Mm; readonly y: Mm };
	/** Centres and diameters of the holes to drill, same origin, mm. */
	readonly holes: readonly { readonly x: Mm; readonly y: Mm; readonly diameter: Mm }[];
	/** What it covers, same origin, mm. */
	readonly footprint: Box;
}

/**
 * Places the knobs or pulls of one drawer front by rule: in the middle, at the quarter points, or measured from the
 * side edges. One that would stand off its front, or on its twin, is reported at `path` and left out.
 */
export function placeHardware(
	hardware: Hardware,
	part: Pick<Box, 'width' | 'height'>,
	path: string,
	read: LengthReader,
	issues: Issue[]
): PlacedHardware[] {
	if (hardware.kind === 'none') return [];
	const size = readSize(hardware, path, read);
	const columns = placeAcross(hardware, part.width, path, read);
	const down = hardware.down;
	const y = down.rule === 'middle' ? part.height / 2 : read(down.distance, `${path}.down.distance`, 'zero')?.mm;
	if (size === null || columns === null || y === undefined) return [];

	const placed = columns.map((x) => ({
		kind: hardware.kind,
		centre: { x, y },
		holes: size.holes.map((offset) => ({ x: x + offset, y, diameter: size.hole })),
		footprint: { x: x - size.width / 2, y: y - size.height / 2, width: size.width, height: size.height }
	}));
	if (placed.some(({ footprint }) => !isInside(footprint, part))) {
		issues.push({ code: 'hardware.off-part', path: hardware.across.rule === 'edge' ? `${path}.across.distance` : path });
		return [];
	}
	if (placed.length === 2 && placed[1]!.footprint.x < placed[0]!.footprint.x + size.width) {
		issues.push({ code: 'hardware.overlap', path: hardware.across.rule === 'edge' ? `${path}.across.distance` : path });
		return [];
	}
	return placed;
}

function placeAcross(hardware: Exclude<Hardware, { kind: 'none' }>, width: Mm, path: string, read: LengthReader): Mm[] | null {
	const across = hardware.across;
	if (across.rule === 'middle') return [width / 2];
	if (across.rule === 'quarter') return [width / 4, (width * 3) / 4];
	const distance = read(across.distance, `${path}.across.distance`, 'zero');
	if (distance === null) return null;
	return across.count === 1 ? [distance.mm] : [distance.mm, width - distance.mm];
}

function readSize(hardware: Exclude<Hardware, { kind: 'none' }>, path: string, read: LengthReader) {
	const hole = read(hardware.hole, `${path}.hole`, 'positive');
	if (hardware.kind === 'knob') {
		const diameter = read(hardware.diameter, `${path}.diameter`, 'positive');
		if (hole === null || diameter === null) return null;
		return { hole: hole.mm, holes: [0], width: diameter.mm, height: diameter.mm };
	}
	const spacing = read(hardware.spacing, `${path}.spacing`, 'positive');
	const width = read(hardware.width, `${path}.width`, 'positive');
	const height = read(hardware.height, `${path}.height`, 'positive');
	if (hole === null || spacing === null || width === null || height === null) return null;
	return { hole: hole.mm, holes: [-spacing.mm / 2, spacing.mm / 2], width: width.mm, height: height.mm };
}

function isInside(box: Box, part: Pick<Box, 'width' | 'height'>): boolean {
	return box.x >= 0 && box.y >= 0 && box.x + box.width <= part.width && box.y + box.height <= part.height;
}
