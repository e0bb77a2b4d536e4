import {
	areaInBox,
	areaInCommon,
	boundsOfRings,
	distanceToOutline,
	flattenOutline,
	isInsideOutline,
	type Ring,
	type RingBounds
} from '../../geometry';
import { isBoxOutline, isOwnSurface, partsOnFace, surfacesWithin, type MeasuredFace, type MeasuredPiece, type Part } from '../../piece';
import type { Mm, Mm2 } from '../../units';
import { LazyItem } from './LazyItem';
import type { LaidItem } from './types';

/** The openings of laid motifs by the surface they lie on; rings in mm from the left and the top edge of its face. */
export type OpeningsOn = ReadonlyMap<string, readonly Opening[]>;

/** Where it lies on the face is worked out when it is asked for: most openings lie on one surface alone and are never compared. */
class Opening {
	readonly item: LaidItem;
	readonly #part: Part;
	#rings: readonly Ring[] | null = null;
	#box: RingBounds | null = null;

	constructor(item: LaidItem, part: Part) {
		this.item = item;
		this.#part = part;
	}

	get rings(): readonly Ring[] {
		const { x, y } = this.#part;
		return (this.#rings ??=
			x === 0 && y === 0 ? this.item.rings : this.item.rings.map((ring) => ring.map((value, i) => value + (i % 2 === 0 ? x : y))));
	}

	get box(): RingBounds {
		if (this.#box) return this.#box;
		const { x, y } = this.#part;
		const { left, top, right, bottom } = this.item instanceof LazyItem ? this.item.bounds : boundsOfRings(this.item.rings);
		return (this.#box = { left: left + x, top: top + y, right: right + x, bottom: bottom + y });
	}
}

/** Less than this is no overlap: outlines that touch, mm2. */
const A_TOUCH: Mm2 = 0.5;

const KNOWN = new WeakMap<readonly LaidItem[], { readonly faces: MeasuredPiece['faces']; readonly openings: OpeningsOn }>();

const ROLES = new WeakMap<readonly LaidItem[], Map<string, readonly LaidItem[]>>();

/** Those of one role; the same list for the same question, so that what follows from it is kept. */
export function itemsOfRole<I extends LaidItem>(items: readonly I[], role: string | undefined): readonly I[] {
	if (role === undefined) return items;
	const known = ROLES.get(items) ?? new Map<string, readonly LaidItem[]>();
	ROLES.set(items, known);
	if (!known.has(role))
		known.set(
			role,
			items.filter((item) => item.role === role)
		);
	return known.get(role)! as readonly I[];
}

/** Which surfaces laid motifs really lie on: an item on a whole face may lie on its frame, on a drawer, or on both. */
export function openingsOn(items: readonly LaidItem[], { faces }: Pick<MeasuredPiece, 'faces'>): OpeningsOn {
	const known = KNOWN.get(items);
	if (known?.faces === faces) return known.openings;
	const openings = new Map<string, Opening[]>();
	for (const face of faces)
		for (const part of partsOnFace(face)) {
			const here = items.filter((item) => item.part === part.id && item.openArea > 0);
			if (here.length === 0) continue;
			const within = surfacesWithin(part, face);
			for (const item of here) {
				const opening = new Opening(item, part);
				for (const surface of within.length === 1 ? within : surfacesUnder(opening, within, face)) {
					const here = openings.get(surface);
					if (here) here.push(opening);
					else openings.set(surface, [opening]);
				}
			}
		}
	KNOWN.set(items, { faces, openings });
	return openings;
}

/** Of some surfaces of a face, those that an opening lies on; what lies on another takes its place. */
function surfacesUnder(opening: Opening, within: readonly string[], face: MeasuredFace): string[] {
	const { box } = opening;
	const whole = opening.item.openArea;
	const own = face.parts.filter((part) => isOwnSurface(part) && within.includes(part.id));
	const covered = new Map(own.map((part) => [part.id, areaOn(part, opening, box)]));
	return within.filter((surface) => {
		const on = own.filter((part) =>
			surface === face.id ? part.on === null || !own.some(({ id }) => id === part.on) : part.on === surface
		);
		const taken = on.reduce((sum, part) => sum + covered.get(part.id)!, 0);
		return (covered.get(surface) ?? whole) - taken > A_TOUCH;
	});
}

function areaOn(part: Part, { item, rings }: Opening, box: RingBounds): Mm2 {
	/** It is cut by its own part already. */
	if (item.part === part.id) return item.openArea;
	const edge = { left: part.x, top: part.y, right: part.x + part.width, bottom: part.y + part.height };
	if (!meets(box, edge)) return 0;
	/** Most lie all on a part, or all beside it. */
	const isWithin = box.left >= edge.left && box.top >= edge.top && box.right <= edge.right && box.bottom <= edge.bottom;
	if (isBoxOutline(part.outline)) return isWithin ? item.openArea : areaInBox(rings, part);
	const middle = { x: (box.left + box.right) / 2 - part.x, y: (box.top + box.bottom) / 2 - part.y };
	if (distanceToOutline(part.outline, middle) >= Math.hypot(box.right - box.left, box.bottom - box.top) / 2)
		return isInsideOutline(part.outline, middle) ? item.openArea : 0;
	return areaInCommon(rings, [ringOnFace(part)]);
}

const ON_FACE = new WeakMap<Part, Ring>();

/** The outline of a part, from the left and the top edge of its face; worked out once. */
function ringOnFace(part: Part): Ring {
	const ring = ON_FACE.get(part) ?? flattenOutline(part.outline).map((value, i) => value + (i % 2 === 0 ? part.x : part.y));
	ON_FACE.set(part, ring);
	return ring;
}

/** Whether openings of two arrangements overlap on a surface. */
export function openingsOverlap(a: OpeningsOn, b: OpeningsOn, surface: string): boolean {
	const others = b.get(surface) ?? [];
	return (a.get(surface) ?? []).some((one) =>
		others.some((other) => meets(one.box, other.box) && areaInCommon(one.rings, other.rings) > A_TOUCH)
	);
}

/** Whether openings of two arrangements lie within a reach (mm) of each other on a surface, by their boxes. */
export function openingsNear(a: OpeningsOn, b: OpeningsOn, surface: string, reach: Mm): boolean {
	const others = b.get(surface) ?? [];
	return (a.get(surface) ?? []).some(({ box: { left, top, right, bottom } }) =>
		others.some(({ box }) => meets({ left: left - reach, top: top - reach, right: right + reach, bottom: bottom + reach }, box))
	);
}

function meets(a: RingBounds, b: RingBounds): boolean {
	return a.left < b.right && b.left < a.right && a.top < b.bottom && b.top < a.bottom;
}

export type { Opening };
