import { type Issue, type Mm, SAME } from '../../units';
import { doBoxesMeet, type Box } from '../faces/box';
import type { LengthReader } from '../readings/readLengths';
import { isInsideOutline, type Outline } from '../../geometry';
import { HARDWARE, type SizeName } from './kinds';
import type { AcrossRule, DownRule, Hardware, HardwareKind, SomeHardware } from './schema';

export interface PlacedHardware {
	readonly kind: HardwareKind;
	/** Centre, from the left and the top edge of its part, mm. */
	readonly centre: { readonly x: Mm; readonly y: Mm };
	/** Centres and diameters of the holes to drill or to keep, same origin, mm. */
	readonly holes: readonly Hole[];
	/** What it covers, same origin, mm. */
	readonly footprint: Box;
	/** Motifs keep clear of it, or may run over it. */
	readonly room: 'clear' | 'over';
	readonly round: boolean;
}

export interface Hole {
	readonly x: Mm;
	readonly y: Mm;
	readonly diameter: Mm;
}

export interface PlacedSet {
	readonly hardware: readonly PlacedHardware[];
	/** Old holes that are filled, from the left and the top edge of the part, mm. */
	readonly filled: readonly Hole[];
}

const NOTHING: PlacedSet = { hardware: [], filled: [] };

/**
 * Places the hardware of one part by rule: in the middle, at the quarter points, or measured from its edges. What would
 * stand off its part, or on its twin, is reported at `path` and left out. Source: craft 2.
 */
export function placeHardware({
	hardware,
	part,
	path,
	read,
	issues
}: {
	readonly hardware: Hardware;
	readonly part: Pick<Box, 'width' | 'height'> & { readonly outline: Outline };
	readonly path: string;
	readonly read: LengthReader;
	readonly issues: Issue[];
}): PlacedSet {
	if (hardware.kind === 'none') return NOTHING;
	const size = readSizes(hardware, path, read);
	const spots = placeSpots(hardware, part, path, read);
	if (size === null || spots === null) return NOTHING;
	const form = HARDWARE[hardware.kind];
	const { width, height } = form.footprint(size);
	const holesAt = (spot: HolePlace) => form.holes(size).map((hole) => ({ ...hole, x: spot.x + hole.x, y: spot.y + hole.y }));

	const { holes } = hardware;
	const old = holes.old === 'move' ? placeSpots(holes, part, `${path}.holes`, read) : null;
	const filled = holes.old === 'fill' ? spots.flatMap(holesAt) : (old ?? []).flatMap(holesAt);
	if (holes.old === 'fill') return { hardware: [], filled };

	const placed = spots.map((centre): PlacedHardware => ({
		kind: hardware.kind,
		centre,
		holes: holesAt(centre),
		footprint: { x: centre.x - width / 2, y: centre.y - height / 2, width, height },
		room: hardware.room,
		round: form.round
	}));
	const measured = hardware.across.rule === 'edge' || hardware.across.rule === 'right';
	const at = measured ? `${path}.across.distance` : hardware.down.rule === 'middle' ? path : `${path}.down.distance`;
	if (placed.some(({ footprint }) => !isInside(footprint, part))) {
		issues.push({ code: 'hardware.off-part', path: at });
		return { hardware: [], filled };
	}
	if (placed.some((a, i) => placed.slice(i + 1).some((b) => doBoxesMeet(a.footprint, b.footprint)))) {
		issues.push({ code: 'hardware.overlap', path: at });
		return { hardware: [], filled };
	}
	return { hardware: placed, filled };
}

interface HolePlace {
	readonly x: Mm;
	readonly y: Mm;
}

function placeSpots(
	{ across, down }: { readonly across: AcrossRule; readonly down: DownRule },
	part: Pick<Box, 'width' | 'height'>,
	path: string,
	read: LengthReader
): HolePlace[] | null {
	const xs = placeAcross(across, part.width, path, read);
	const ys = placeDown(down, part.height, path, read);
	if (xs === null || ys === null) return null;
	return ys.flatMap((y) => xs.map((x) => ({ x, y })));
}

function placeAcross(across: AcrossRule, width: Mm, path: string, read: LengthReader): Mm[] | null {
	if (across.rule === 'middle') return [width / 2];
	if (across.rule === 'quarter') return [width / 4, (width * 3) / 4];
	const distance = read(across.distance, `${path}.across.distance`, 'zero');
	if (distance === null) return null;
	if (across.rule === 'right') return [width - distance.mm];
	return across.count === 1 ? [distance.mm] : [distance.mm, width - distance.mm];
}

function placeDown(down: DownRule, height: Mm, path: string, read: LengthReader): Mm[] | null {
	if (down.rule === 'middle') return [height / 2];
	const distance = read(down.distance, `${path}.down.distance`, 'zero');
	if (distance === null) return null;
	if (down.rule === 'both') return [distance.mm, height - distance.mm];
	return [down.rule === 'top' ? distance.mm : height - distance.mm];
}

function readSizes(hardware: SomeHardware, path: string, read: LengthReader): Record<SizeName, Mm> | null {
	const sizes: Record<SizeName, Mm> = { hole: 0, diameter: 0, spacing: 0, width: 0, height: 0 };
	const given = hardware as unknown as Record<SizeName, number | string>;
	const read1 = HARDWARE[hardware.kind].sizes.map(({ size }) => ({ size, mm: read(given[size], `${path}.${size}`, 'positive')?.mm }));
	for (const { size, mm } of read1) if (mm !== undefined) sizes[size] = mm;
	return read1.some(({ mm }) => mm === undefined) ? null : sizes;
}

function isInside(box: Box, part: Pick<Box, 'width' | 'height'> & { readonly outline: Outline }): boolean {
	if (box.x < -SAME || box.y < -SAME || box.x + box.width > part.width + SAME || box.y + box.height > part.height + SAME) return false;
	const corners = [0.02, 0.98].flatMap((u) => [0.02, 0.98].map((v) => ({ x: box.x + u * box.width, y: box.y + v * box.height })));
	return corners.every((corner) => isInsideOutline(part.outline, corner));
}
