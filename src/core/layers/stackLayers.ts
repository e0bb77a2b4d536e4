import type { Colour } from '../colour';
import {
	itemsOfRole,
	heightThrough,
	openingsOn,
	partsOf,
	placesFor,
	type ArrangementPlan,
	type LaidItem,
	type Layout,
	type OpeningsOn,
	type Places
} from '../layout';
import {
	doesMove,
	faceOf,
	groundOn,
	HARDWARE,
	HARDWARE_SURFACE,
	hardwareSurface,
	surfacesOfPiece,
	surfacesWithin,
	type MeasuredPiece,
	type PieceUse
} from '../piece';
import type { Um } from '../units';
import { surfacesInCommon, type Area } from './area';
import type { Material } from './material';
import { colourOf, filmOfCoat, kindOfCoat, materialOf, whereOf } from './kinds';
import { type Coat } from './kinds/schema';
import type { CoatSetting, Where } from './kinds/types';
import type { Schools } from './schools';
import { NO_TRAITS, type Traits } from './traits';

/** One coat as it lies on the piece: what it is made of, where, how thick, and what it is to others. It knows no clock. */
export interface Layer extends Area {
	readonly coat: Coat;
	/** Place in the order, from 0. */
	readonly at: number;
	/** Null for steps without a material, and where the material is not known. */
	readonly material: Material | null;
	/** All its coats together. */
	readonly film: Um;
	readonly traits: Traits;
	/** Of the palette: its own colour, or those of its zone; none where it brings none. */
	readonly colours: readonly string[];
	/** What masks keep it off, where they cover what an arrangement lays; whole surfaces are not among its own. */
	readonly masked: readonly { readonly arrangement: string; readonly openings: OpeningsOn }[];
}

export interface Stack {
	readonly layers: readonly Layer[];
	readonly condition: 'new' | 'bare' | 'finished';
	/** Every surface of the piece, face by face, the carcass first. */
	readonly surfaces: readonly string[];
	/** Those with hardware that can come off, and those with old holes to fill. */
	readonly withHardware: ReadonlySet<string>;
	/** Some of it may be painted: it does not have to work. */
	readonly hasPaintedHardware: boolean;
	readonly withHoles: ReadonlySet<string>;
	/** Of faces that are tops; and those that move. */
	readonly tops: ReadonlySet<string>;
	readonly moving: ReadonlySet<string>;
	/** What the piece is for, as far as that asks for something. */
	readonly uses: ReadonlySet<PieceUse>;
	/** What this workshop does where painters disagree. */
	readonly schools: Schools;
	/** Of the room, °C. */
	readonly temperature: number;
	/** The places that name some of them, and no others. */
	readonly placesFor: (surfaces: Iterable<string>) => Places;
	/** What each of them is made of. */
	readonly groundOf: (surface: string) => string;
	readonly palette: readonly Colour[];
	/** All that are known, by their id. */
	readonly materials: ReadonlyMap<string, Material>;
}

export interface StackContext {
	readonly piece: MeasuredPiece;
	readonly condition: Stack['condition'];
	readonly uses?: readonly PieceUse[] | undefined;
	readonly schools?: Schools | undefined;
	/** Of the room, °C; as on a label where it is not given. */
	readonly temperature?: number | undefined;
	readonly layout: Layout;
	readonly laid: readonly ArrangementPlan[];
	readonly palette: readonly Colour[];
	readonly materials: ReadonlyMap<string, Material>;
}

/** Labels speak of a room of so many °C. Source: methods 14. */
const LABEL_ROOM = 20;

/** Lays the coats on the piece in the painter's order. */
export function stackLayers(finish: { readonly coats: readonly Coat[] }, context: StackContext): Stack {
	const { piece, condition, palette, materials, layout } = context;
	const beside = finish.coats.some(namesHardware) ? hardwareSurface(piece) : null;
	const all = [...surfacesOfPiece(piece), ...(beside ? [beside] : [])];
	const surfaces = all.map(({ id }) => id);
	const grounds = new Map(all.map(({ id, face }) => [id, id === HARDWARE_SURFACE ? 'metal' : groundOn(faceOf(piece.faces, face), id)]));
	const colours = new Map(palette.map((colour) => [colour.id, colour]));
	const withHardware = new Set(
		all.filter(({ id, hardware }) => id === HARDWARE_SURFACE || hardware.some(({ kind }) => !HARDWARE[kind].stays)).map(({ id }) => id)
	);
	const withHoles = new Set(all.filter(({ filled }) => filled.length > 0).map(({ id }) => id));
	const placeCoat = createPlacer(context, { all: surfaces, hardware: [...withHardware], holes: [...withHoles] });
	const masks = masksOver(finish.coats);
	const placed = new Map<string, Area>();
	const layers = finish.coats.map((coat, at): Layer => {
		const material = materialOf(coat, materials) ?? null;
		const where = whereOf(coat);
		const area = where.like === undefined ? placeCoat(where) : (placed.get(where.like) ?? NOWHERE);
		placed.set(coat.id, area);
		const { masked, ...kept } = keepOff(
			area,
			masks[at]!.map((mask) => ({ where: whereOf(mask), area: placed.get(mask.id)! }))
		);
		const source = colourOf(coat);
		const zoneId = where.zone ?? (source !== null && typeof source !== 'string' ? source.zone : undefined);
		const zone = layout.zones.find(({ id }) => id === zoneId) ?? null;
		const setting: CoatSetting = { material, zone, colourOf: (id) => colours.get(id) };
		return {
			coat,
			at,
			material,
			...kept,
			masked,
			film: filmOfCoat(coat, material, heightThrough(layout, where.through)),
			traits: { ...NO_TRAITS, ...kindOfCoat(coat).traits(coat, setting) },
			colours: typeof source === 'string' ? [source] : source === null ? [] : (zone?.colours ?? [])
		};
	});
	return {
		layers,
		surfaces,
		tops: new Set(all.filter(({ face }) => isTop(faceOf(piece.faces, face).kind)).map(({ id }) => id)),
		moving: movingSurfaces(piece),
		uses: new Set(context.uses),
		schools: context.schools ?? {},
		temperature: context.temperature ?? LABEL_ROOM,
		condition,
		palette,
		materials,
		placesFor: (some) => placesBeside([...some], piece),
		groundOf: (surface) => grounds.get(surface) ?? 'solid-wood',
		withHardware,
		hasPaintedHardware: (beside?.hardware.length ?? 0) > 0,
		withHoles
	};
}

/** Places that name the hardware, alone or beside others. */
const isBeside = (places: Places): boolean => typeof places !== 'string' && places.includes(HARDWARE_SURFACE);
const namesHardware = (coat: Coat): boolean => 'on' in coat && isBeside(coat.on);

function placesBeside(surfaces: readonly string[], piece: MeasuredPiece): Places {
	const places = placesFor(
		surfaces.filter((surface) => surface !== HARDWARE_SURFACE),
		piece
	);
	if (!surfaces.includes(HARDWARE_SURFACE)) return places;
	const own = typeof places === 'string' ? partsOf(places, piece).map(({ id }) => id) : places;
	return [...own, HARDWARE_SURFACE];
}

const isTop = (kind: string) => kind === 'top' || kind === 'lid';

function movingSurfaces({ faces }: MeasuredPiece): Set<string> {
	return new Set(faces.flatMap((face) => face.parts.filter(doesMove).flatMap((part) => surfacesWithin(part, face))));
}

const NOTHING: readonly LaidItem[] = [];

type SurfaceLists = Readonly<Record<'all' | 'hardware' | 'holes', readonly string[]>>;

const NOWHERE: Area = { surfaces: new Set(), openings: null };

/** For each coat the masks that are on the piece when it is laid. */
function masksOver(coats: readonly Coat[]): Coat[][] {
	let on: Coat[] = [];
	return coats.map((coat) => {
		const { masks, unmasks } = kindOfCoat(coat).traits(coat, { material: null, zone: null, colourOf: () => undefined });
		if (masks === 'off') on = on.filter(({ id }) => id !== unmasks);
		const now = masks === 'off' ? [] : on;
		if (masks === 'on') on = [...on, coat];
		return now;
	});
}

/** An area without what masks cover: whole surfaces, or what lies in the openings of an arrangement. */
function keepOff(area: Area, masks: readonly { readonly where: Where; readonly area: Area }[]): Area & Pick<Layer, 'masked'> {
	const whole = new Set(masks.flatMap((mask) => (mask.area.openings === null ? [...mask.area.surfaces] : [])));
	const surfaces = whole.size === 0 ? area.surfaces : new Set([...area.surfaces].filter((surface) => !whole.has(surface)));
	const masked = masks.flatMap((mask) =>
		mask.area.openings === null || mask.where.through === undefined
			? []
			: [{ arrangement: mask.where.through, openings: mask.area.openings }]
	);
	return { surfaces, openings: area.openings, masked };
}

function createPlacer({ piece, layout, laid }: StackContext, surfaces: SurfaceLists): (where: Where) => Area {
	const under = (places: Places): string[] => {
		const on = new Set(partsOf(places, piece).flatMap((part) => surfacesWithin(part, faceOf(piece.faces, part.face))));
		if (isBeside(places)) on.add(HARDWARE_SURFACE);
		return surfaces.all.filter((surface) => on.has(surface));
	};
	return ({ on, through, role, zone, only }) => {
		const limits: (readonly string[])[] = [];
		if (on !== undefined) limits.push(under(on));
		if (zone !== undefined) limits.push(under(layout.zones.find(({ id }) => id === zone)?.parts ?? []));
		if (only !== undefined) limits.push(surfaces[only]);
		const plan = through === undefined ? null : laid.find(({ arrangement }) => arrangement === through);
		const openings = through === undefined ? null : openingsOn(itemsOfRole(plan?.items ?? NOTHING, role), piece);
		if (openings !== null) limits.push([...openings.keys()]);
		const [first, ...rest] = limits;
		return { surfaces: new Set((first ?? []).filter((surface) => rest.every((other) => other.includes(surface)))), openings };
	};
}

/** A layer that another meets, and on which surfaces. */
export interface Meeting {
	readonly layer: Layer;
	readonly where: readonly string[];
}

const MEETINGS = new WeakMap<Stack, { readonly under: Meeting[][]; readonly over: Meeting[][] }>();

/** What still lies under a layer when it is laid, where the two really overlap: what was taken off down to the bare ground in between is gone. Bottom up. */
export function layersUnder(stack: Stack, layer: Layer): readonly Meeting[] {
	return meetingsOf(stack).under[layer.at]!;
}

/** What comes to lie over a layer while it is still there, where the two really overlap. Bottom up. */
export function layersOver(stack: Stack, layer: Layer): readonly Meeting[] {
	return meetingsOf(stack).over[layer.at]!;
}

function meetingsOf(stack: Stack) {
	const known = MEETINGS.get(stack);
	if (known) return known;
	const under: Meeting[][] = stack.layers.map(() => []);
	const over: Meeting[][] = stack.layers.map(() => []);
	stack.layers.forEach((lower, a) => {
		const there = new Set(lower.surfaces);
		for (const upper of stack.layers.slice(a + 1)) {
			if (there.size === 0) return;
			const where = surfacesInCommon(lower, upper).filter((surface) => there.has(surface));
			if (where.length > 0) {
				under[upper.at]!.push({ layer: lower, where });
				over[a]!.push({ layer: upper, where });
			}
			if (upper.traits.bares) for (const surface of upper.surfaces) there.delete(surface);
		}
	});
	const meetings = { under, over };
	MEETINGS.set(stack, meetings);
	return meetings;
}

/** Where a later step takes a layer off again, down to the bare ground, and which. */
export function takenOff(stack: Stack, layer: Layer): { readonly surface: string; readonly by: string }[] {
	return layersOver(stack, layer).flatMap(({ layer: { traits, coat }, where }) =>
		traits.bares ? where.map((surface) => ({ surface, by: coat.id })) : []
	);
}

/** What lies on a surface when so many steps are done, bottom up: all since it was last taken down to the bare ground. */
export function layersOn(stack: Stack, surface: string, steps = stack.layers.length): Layer[] {
	const on: Layer[] = [];
	const end = Math.min(steps, stack.layers.length);
	for (let at = (baredBy(stack, surface, steps)?.at ?? -1) + 1; at < end; at++)
		if (stack.layers[at]!.surfaces.has(surface)) on.push(stack.layers[at]!);
	return on;
}

/** Whether a surface was taken down to its bare ground before a step. */
export function isBared(stack: Stack, surface: string, steps: number): boolean {
	return baredBy(stack, surface, steps) !== undefined;
}

function baredBy(stack: Stack, surface: string, steps: number): Layer | undefined {
	for (let at = Math.min(steps, stack.layers.length) - 1; at >= 0; at--) {
		const layer = stack.layers[at]!;
		if (layer.traits.bares && layer.surfaces.has(surface)) return layer;
	}
	return undefined;
}
