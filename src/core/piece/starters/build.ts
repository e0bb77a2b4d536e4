import { formatLength, type LengthUnit, type Mm } from '../../units';
import type { SomeHardware } from '../hardware/schema';
import type { OutlineInput } from '../faces/outlineSchema';
import type { EdgeSide, Face, FaceKind, PlacedPart, Reading, ReadingRole, Seam } from '../schema';

/** A length of ours as the painter would have written it. */
export function tape(mm: Mm, unit: LengthUnit): string {
	return formatLength(mm, unit)
		.text.replace(/ (mm|in)$/, '')
		.replace(/"$/, '');
}

/** A face that waits to be measured: drawn at its typical size (mm), undivided, bare. */
export function newFace({
	id,
	name,
	kind,
	typical,
	more = {}
}: {
	readonly id: string;
	readonly name: string;
	readonly kind: FaceKind;
	readonly typical: readonly [Mm, Mm];
	readonly more?: Partial<Face> | undefined;
}): Face {
	return {
		id,
		name,
		kind,
		of: null,
		ground: 'solid-wood',
		grain: kind === 'left' || kind === 'right' || kind === 'leg' ? 'upright' : 'level',
		outline: { shape: 'rectangle' },
		width: '',
		height: '',
		typical: { width: typical[0], height: typical[1] },
		floor: '',
		diagonals: { falling: '', rising: '' },
		stile: '0',
		sideGap: '0',
		fronts: { way: 'level', by: '0' },
		sizes: { rule: 'readings' },
		chain: [],
		parts: [],
		hardware: { kind: 'none' },
		exceptions: {},
		fittings: [],
		photograph: null,
		...more
	};
}

/** One link; gaps and rails begin with what they usually are. */
export function link(role: ReadingRole, id: string, reading = '', split?: Reading['split']): Reading {
	return split ? { id, role, reading, split } : { id, role, reading };
}

function seam(a: string, sideA: EdgeSide, b: string, sideB: EdgeSide): Seam {
	return { a: { face: a, side: sideA }, b: { face: b, side: sideB } };
}

/** The seams of a front with its two sides and its top, where they are there. */
export function seamsOfCase(top = 'top'): Seam[] {
	return [
		seam('front', 'left', 'left', 'right'),
		seam('front', 'right', 'right', 'left'),
		seam('front', 'top', top, 'bottom'),
		seam('left', 'top', top, 'left'),
		seam('right', 'top', top, 'right')
	];
}

/** Two sides and a top, as deep as each other. */
export function sidesAndTop(width: Mm, height: Mm, depth: Mm): Face[] {
	return [
		newFace({ id: 'left', name: 'Left side', kind: 'left', typical: [depth, height] }),
		newFace({ id: 'right', name: 'Right side', kind: 'right', typical: [depth, height] }),
		newFace({ id: 'top', name: 'Top', kind: 'top', typical: [width, depth] })
	];
}

/** A part so far in from the edges of what it lies on. */
export function insetPart({
	id,
	name,
	on,
	by,
	more = {}
}: {
	readonly id: string;
	readonly name: string;
	readonly on: string;
	readonly by: string;
	readonly more?: Partial<PlacedPart> | undefined;
}): PlacedPart {
	return {
		id,
		name,
		role: 'panel',
		on,
		place: { rule: 'inset', left: by, top: by, right: by, bottom: by },
		outline: { shape: 'rectangle' } as OutlineInput,
		setOff: { way: 'level', by: '0' },
		...more
	};
}

export function newKnob(unit: LengthUnit, across: 'middle' | 'quarter' = 'quarter'): SomeHardware {
	return {
		kind: 'knob',
		across: { rule: across },
		down: { rule: 'middle' },
		holes: { old: 'keep' },
		room: 'clear',
		hole: tape(5, unit),
		diameter: tape(32, unit)
	};
}
