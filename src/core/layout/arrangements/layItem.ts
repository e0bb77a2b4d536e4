import {
	areaOfRings,
	boundsOfRings,
	clipToBox,
	distanceToOutline,
	flattenOutline,
	intersectRings,
	isInsideOutline,
	lengthOfRings,
	subtractRings,
	type Ring,
	type RingBounds
} from '../../geometry';
import {
	doBoxesMeet,
	holesIn,
	isBoxOutline,
	ringOfBox,
	ringOfCutout,
	type Box,
	type Cutout,
	type MeasuredFace,
	type Part
} from '../../piece';
import { type Mm, SAME } from '../../units';
import { LazyItem, type Placed } from './LazyItem';
import { areaOfChords, boundsForScale, ringsForScale } from '../measureMotif';
import type { Motif } from '../motif';
import type { LaidItem, MotifInUse, Side } from './types';

const RADIANS = Math.PI / 180;

/** What an arrangement says of one item. */
export interface ItemPlace {
	readonly arrangement: string;
	readonly place: string;
	readonly index: number;
	readonly centre: { readonly x: Mm; readonly y: Mm };
	readonly scale: number;
	readonly turn?: number;
	readonly mirrored?: boolean;
	readonly half?: LaidItem['half'];
	readonly byHand?: boolean;
	readonly role?: string;
	/** Nothing of it is laid outside of this: the mitre of a corner. */
	readonly within?: Ring;
}

/** Sets one motif in place on a part (mm), cut by the true outline of the part, by its openings and gaps, and by the end of its row. */
export function layItem(spec: ItemPlace, { motif, shape }: MotifInUse, part: Part, face: MeasuredFace): LazyItem {
	const { centre, scale, turn = 0, mirrored = false, half = 'none' } = spec;
	const put = { centre, scale, turn, mirrored };
	const frame = frameOf(motif, put);
	let rings: readonly Ring[] | null = null;
	let cutBy: readonly Side[] = NOTHING;
	const placed = new PlacedMotif(motif, put);
	if (half !== 'none' || spec.within !== undefined || !shape.isWithin || !isClear(frame, part, face)) {
		const cut = cutToPart({ whole: placed.rings, part, face, half, middle: centre.x });
		({ rings, cutBy } = spec.within === undefined ? cut : cutToMitre(cut, spec.within));
	}
	const isWhole = cutBy.length === 0 && half === 'none';
	/** Of what is cut by its share of the chords: they are a little smaller than the curves. */
	const whole = shape.openArea * scale * scale;
	const openArea = isWhole ? whole : whole * Math.min(1, areaOfRings(rings!) / areaOfChords(motif, scale));
	const seen =
		half === 'none' ? frame : half === 'left' ? { ...frame, x: centre.x, width: frame.width / 2 } : { ...frame, width: frame.width / 2 };
	const item = {
		/** Not spread from elsewhere: a literal that begins with a spread is forty times as slow to make. */
		key: `${part.id} ${spec.place}`,
		arrangement: spec.arrangement,
		part: part.id,
		place: spec.place,
		index: spec.index,
		left: frame.x,
		top: frame.y,
		right: part.width - frame.x - frame.width,
		bottom: part.height - frame.y - frame.height,
		width: frame.width,
		height: frame.height,
		motif: motif.id,
		role: spec.role ?? 'motif',
		centre,
		turn,
		mirrored,
		scale,
		cutBy,
		half,
		openArea,
		tips: shape.tips,
		edge: isWhole ? shape.edge * scale : lengthOfRings(rings!),
		lost: Math.max(0, whole - openArea),
		byHand: spec.byHand ?? false,
		touches: touchedBy(seen, part)
	};
	return new LazyItem(item, rings === null ? placed : { rings });
}

/** Knobs and pulls that need room and are touched by a box, by their place on the part. */
function touchedBy(box: Box, { hardware }: Part): readonly number[] {
	const touched = hardware.flatMap(({ footprint, room }, at) => (room === 'clear' && doBoxesMeet(box, footprint) ? [at] : []));
	return touched.length > 0 ? touched : NOTHING;
}

/** One for all that is cut by nothing and touches nothing. */
const NOTHING: readonly never[] = [];

/** What an arrangement says of a shape of its own. */
export interface ShapePlace {
	readonly arrangement: string;
	readonly place: string;
	readonly index: number;
	readonly role: string;
	/** From the left and the top edge of the part, mm; outer rings one way round, holes the other. */
	readonly rings: readonly Ring[];
}

/** Sets a shape of its own in place on a part (mm): a stripe, a line, a diamond; cut as a motif is. Null where nothing of it lies on the part. */
export function layShape(spec: ShapePlace, part: Part, face: MeasuredFace): LaidItem | null {
	const { rings, cutBy } = cutToPart({ whole: spec.rings, part, face, half: 'none', middle: 0 });
	if (rings.length === 0) return null;
	const openArea = areaOfRings(rings);
	const frame = boxOfRings(rings);
	const item = {
		key: `${part.id} ${spec.place}`,
		arrangement: spec.arrangement,
		part: part.id,
		place: spec.place,
		index: spec.index,
		left: frame.x,
		top: frame.y,
		right: part.width - frame.x - frame.width,
		bottom: part.height - frame.y - frame.height,
		width: frame.width,
		height: frame.height,
		motif: null,
		role: spec.role,
		centre: { x: frame.x + frame.width / 2, y: frame.y + frame.height / 2 },
		turn: 0,
		mirrored: false,
		scale: 1,
		cutBy,
		half: 'none' as const,
		openArea,
		tips: 1,
		edge: lengthOfRings(rings),
		lost: Math.max(0, areaOfRings(spec.rings) - openArea),
		byHand: false,
		/** Paint goes on under a knob. */
		touches: NOTHING
	};
	return new LazyItem(item, { rings });
}

/** Whether anything of it is seen: what falls wholly into an opening, or beyond an outline, is not laid. One that was put there by hand stays, so that it can be taken hold of. */
export function isSeen({ openArea, byHand }: Pick<LaidItem, 'openArea' | 'byHand'>): boolean {
	return openArea > 0 || byHand;
}

/** Over the edge of what it lies on, but for the half that a row leaves off at its own end; one that only crosses gaps and openings is not. */
export function goesOverEdge({ cutBy, half }: Pick<LaidItem, 'cutBy' | 'half'>): boolean {
	return cutBy.some((side) => side !== half && side !== 'opening');
}

type Put = Pick<LaidItem, 'centre' | 'scale' | 'turn' | 'mirrored'>;

/** From the motif's own mm to those of the part: about its centre, mirrored first, then turned. Hundreds of thousands of points pass here at every pixel of a drag, so nothing is made for a point. */
function placer(motif: Motif, { centre, scale, turn, mirrored }: Put) {
	const cos = Math.cos(turn * RADIANS);
	const sin = Math.sin(turn * RADIANS);
	const cx = motif.width / 2;
	const cy = motif.height / 2;
	const { x: toX, y: toY } = centre;
	const way = mirrored ? -scale : scale;
	return (ring: Ring): Ring => {
		/** A copy is written over: of all ways to make one this asks least of the memory. */
		const out = ring.slice();
		for (let i = 0; i < ring.length; i += 2) {
			const x = (ring[i]! - cx) * way;
			const y = (ring[i + 1]! - cy) * scale;
			out[i] = toX + x * cos - y * sin;
			out[i + 1] = toY + x * sin + y * cos;
		}
		return out;
	};
}

/** A motif as it lies: hundreds are laid at every pixel of a drag, and few are asked for their points. */
class PlacedMotif implements Placed {
	readonly #motif: Motif;
	readonly #put: Put;

	constructor(motif: Motif, put: Put) {
		this.#motif = motif;
		this.#put = put;
	}

	get rings(): readonly Ring[] {
		return ringsForScale(this.#motif, this.#put.scale).map(placer(this.#motif, this.#put));
	}

	get bounds(): RingBounds {
		const { centre, scale, turn, mirrored } = this.#put;
		if (turn !== 0) return boundsOfRings(this.rings);
		const { left, top, right, bottom } = boundsForScale(this.#motif, scale);
		const { width, height } = this.#motif;
		const [from, to] = mirrored ? [width - right, width - left] : [left, right];
		return {
			left: centre.x + (from - width / 2) * scale,
			top: centre.y + (top - height / 2) * scale,
			right: centre.x + (to - width / 2) * scale,
			bottom: centre.y + (bottom - height / 2) * scale
		};
	}
}

/** The box of the whole frame of a motif as it lies. */
function frameOf(motif: Motif, { centre, scale, turn }: Put): Box {
	const cos = Math.abs(Math.cos(turn * RADIANS));
	const sin = Math.abs(Math.sin(turn * RADIANS));
	const width = scale * (motif.width * cos + motif.height * sin);
	const height = scale * (motif.width * sin + motif.height * cos);
	return { x: centre.x - width / 2, y: centre.y - height / 2, width, height };
}

/** What an item is cut by on a part; the same for all that lie on it. */
interface Bounds {
	readonly isBox: boolean;
	/** Its outline as points. */
	readonly edge: Ring;
	readonly holes: readonly Cutout[];
}

const BOUNDS = new WeakMap<Part, { readonly face: MeasuredFace; readonly bounds: Bounds }>();

function boundsOn(part: Part, face: MeasuredFace): Bounds {
	const known = BOUNDS.get(part);
	if (known?.face === face) return known.bounds;
	const isBox = isBoxOutline(part.outline);
	const edge = isBox ? ringOfBox({ x: 0, y: 0, width: part.width, height: part.height }) : flattenOutline(part.outline, 0.01);
	const bounds = { isBox, edge, holes: holesIn(part, face) };
	BOUNDS.set(part, { face, bounds });
	return bounds;
}

/** Well inside a part, with no opening under it: nothing can cut what lies in this frame. */
function isClear(frame: Box, part: Part, face: MeasuredFace): boolean {
	const { isBox, holes } = boundsOn(part, face);
	const { x, y, width, height } = frame;
	if (x < 0 || y < 0 || x + width > part.width || y + height > part.height) return false;
	if (holes.some((hole) => doBoxesMeet(frame, hole))) return false;
	if (isBox) return true;
	const centre = { x: x + width / 2, y: y + height / 2 };
	return isInsideOutline(part.outline, centre) && distanceToOutline(part.outline, centre) > Math.sqrt(width * width + height * height) / 2;
}

function cutToPart({
	whole,
	part,
	face,
	half,
	middle
}: {
	readonly whole: readonly Ring[];
	readonly part: Part;
	readonly face: MeasuredFace;
	readonly half: LaidItem['half'];
	readonly middle: Mm;
}): { rings: readonly Ring[]; cutBy: Side[] } {
	const { isBox, edge } = boundsOn(part, face);
	const box = boxOfRings(whole);
	const { cutBy, holes } = cutsOn({ whole, box, part, face, half });
	if (cutBy.length === 0) return { rings: whole, cutBy };
	if (holes.some((hole) => !hole.outline && isBoxWithin(box, hole))) return { rings: [], cutBy };
	const inside = !isBox
		? intersectRings(whole, [edge])
		: cutBy.length === 1 && holes.length > 0
			? whole
			: clipToBox(whole, { x: 0, y: 0, width: part.width, height: part.height });
	const cut = holes.length === 0 ? inside : subtractRings(inside, holes.map(ringOfCutout));
	if (half === 'none') return { rings: cut, cutBy };
	const far = {
		x: half === 'left' ? middle : box.x - 1,
		y: box.y - 1,
		width: half === 'left' ? box.x + box.width - middle + 1 : middle - box.x + 1,
		height: box.height + 2
	};
	return { rings: far.width > 0 ? intersectRings(cut, [ringOfBox(far)]) : [], cutBy };
}

function isBoxWithin(box: Box, { x, y, width, height }: Box): boolean {
	return box.x >= x && box.y >= y && box.x + box.width <= x + width && box.y + box.height <= y + height;
}

/** What takes something off some rings (in a box) on a part, before anything is cut; and the openings that they meet. */
function cutsOn({
	whole,
	box,
	part,
	face,
	half
}: {
	readonly whole: readonly Ring[];
	readonly box: Box;
	readonly part: Part;
	readonly face: MeasuredFace;
	readonly half: LaidItem['half'];
}): { readonly cutBy: Side[]; readonly holes: readonly Cutout[] } {
	const { isBox, holes: all } = boundsOn(part, face);
	const holes = all.filter((hole) => doBoxesMeet(box, hole));
	const sides: Side[] = [
		...(box.x < -SAME || half === 'left' ? (['left'] as const) : []),
		...(box.y < -SAME ? (['top'] as const) : []),
		...(box.x + box.width > part.width + SAME || half === 'right' ? (['right'] as const) : []),
		...(box.y + box.height > part.height + SAME ? (['bottom'] as const) : [])
	];
	const outside = !isBox && sides.length === 0 && whole.some((ring) => isPartlyOutside(ring, part));
	const cutBy: Side[] = [...sides, ...(outside ? (['outline'] as const) : []), ...(holes.length > 0 ? (['opening'] as const) : [])];
	return { cutBy, holes };
}

/** What would take something off a motif that is put so on a part: asked of a field of which only whole ones are wanted. */
export function cutsOf(
	spec: Pick<ItemPlace, 'centre' | 'scale' | 'mirrored'>,
	{ motif, shape }: MotifInUse,
	part: Part,
	face: MeasuredFace
): readonly Side[] {
	const put = { centre: spec.centre, scale: spec.scale, turn: 0, mirrored: spec.mirrored ?? false };
	if (shape.isWithin && isClear(frameOf(motif, put), part, face)) return NOTHING;
	const whole = ringsForScale(motif, spec.scale).map(placer(motif, put));
	return cutsOn({ whole, box: boxOfRings(whole), part, face, half: 'none' }).cutBy;
}

function cutToMitre(
	{ rings, cutBy }: { readonly rings: readonly Ring[]; readonly cutBy: Side[] },
	within: Ring
): { rings: readonly Ring[]; cutBy: Side[] } {
	const kept = intersectRings(rings, [within]);
	const lost = areaOfRings(rings) - areaOfRings(kept);
	return lost > A_HAIR ? { rings: kept, cutBy: [...cutBy, 'mitre'] } : { rings, cutBy };
}

/** Less than this is nothing cut off, mm2. */
const A_HAIR = 0.01;

function isPartlyOutside(ring: Ring, part: Part): boolean {
	for (let i = 0; i < ring.length; i += 2) if (!isInsideOutline(part.outline, { x: ring[i]!, y: ring[i + 1]! })) return true;
	return false;
}

function boxOfRings(rings: readonly Ring[]): Box {
	const { left, top, right, bottom } = boundsOfRings(rings);
	return { x: left, y: top, width: right - left, height: bottom - top };
}
