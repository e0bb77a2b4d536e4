import { isRenewedByMist, kindOfCoat, wetPartner, type Coat, type Layer, type Overrun, type Rates, type Site, type Stack } from '../layers';
import { joinsOf, layZone, patternOf, type LaidPart, type Layout, type Zone, type ZoneAreas } from '../layout';
import { faceOf, isOfFrame, surfacesOfPiece, type MeasuredFace, type MeasuredPiece } from '../piece';
import { ROUNDED, type Minutes } from '../units';
import { cutSections, type Section, type TooLarge, type WetPart } from './cutSections';
import type { DryingTimes } from './dryMaterial';

/** What is kept wet until it is done, a pass of it: of one coat, or of several that are worked one into the other. */
export interface WetWork extends Pick<Overrun, 'layers' | 'most' | 'isMisted'> {
	readonly parts: readonly WorkedPart[];
	/** Minutes that it can be worked; Infinity: it need not be kept wet. */
	readonly open: Minutes;
	readonly list: readonly WorkedSection[];
	readonly tooLarge: readonly TooLarge[];
}

export interface WorkedPart extends WetPart {
	readonly surfaces: readonly string[];
	/** It has joins, or an edge, that have to be worked wet. */
	readonly isSoft: boolean;
	/** Of its minutes, and of what is painted on it (m2), those of each layer. */
	readonly by: readonly Minutes[];
	readonly areas: readonly number[];
}

export interface WorkedSection extends Section {
	readonly by: readonly Minutes[];
	/** How often it is misted again before it is done. */
	readonly mists: number;
}

export interface WetContext {
	readonly piece: MeasuredPiece;
	readonly zones: readonly ZoneAreas[];
	readonly layout: Layout;
	readonly sites: ReadonlyMap<string, Site>;
}

/**
 * All that is worked in sections, each done within its open time in this workshop: coats by themselves, and sittings of coats
 * that are worked one into the other. Source: methods 11.
 */
export function cutWetWork(stack: Stack, drying: readonly DryingTimes[], context: WetContext, rates: Rates): readonly WetWork[] {
	const { layers } = stack;
	const sittings = togetherOf(layers, context.sites);
	const alone = layers.filter(
		(layer) => kindOfCoat(layer.coat).sections(layer.coat, rates) !== null && hasOwnPass(layer, sittings, context.sites)
	);
	return [...alone.map((layer) => [layer]), ...sittings]
		.sort((a, b) => a[0]!.at - b[0]!.at)
		.flatMap((group) => {
			const parts = partsOfWork(group, context, rates);
			return parts ? [workOf(group, parts, drying, rates)] : [];
		});
}

/** What the cutting of sections hangs on besides the coats. */
export interface WetSetting {
	readonly drying: readonly DryingTimes[];
	readonly context: WetContext;
	readonly rates: Rates;
}

/** The same work as it would be with other coats in place of its own. */
export function recutWork(work: WetWork, coats: readonly Coat[], { drying, context, rates }: WetSetting): WetWork {
	const layers = work.layers.map((layer, i) => ({ ...layer, coat: coats[i]! }));
	const ratios = layers.map((layer, i) => workOn(layer, context.sites, rates) / workOn(work.layers[i]!, context.sites, rates));
	const longer = drying.map((times, at) => {
		const i = layers.findIndex((layer) => layer.at === at);
		return i < 0 ? times : extended(times, extenderOf(coats[i]!) - extenderOf(work.layers[i]!.coat), layers[i]!);
	});
	const parts = work.parts.map((part) => {
		const by = part.by.map((minutes, i) => (Number.isFinite(ratios[i]) ? minutes * ratios[i]! : minutes));
		return { ...part, by, minutes: sum(by) };
	});
	return workOf(layers, parts, longer, rates);
}

const extenderOf = (coat: Coat): Minutes => ('extender' in coat ? (coat.extender ?? 0) : 0);

function extended(times: DryingTimes, minutes: Minutes, { material }: Layer): DryingTimes {
	if (!Number.isFinite(times.open)) return times;
	const open = times.open + minutes;
	return { ...times, open, set: material && isRenewedByMist(material) ? (times.set / times.open) * open : open };
}

function workOn({ coat, material }: Layer, sites: ReadonlyMap<string, Site>, rates: Rates): Minutes {
	const site = sites.get(coat.id);
	return site ? kindOfCoat(coat).work(coat, site, rates, material) : 0;
}

function passesOf({ coat }: Layer, sites: ReadonlyMap<string, Site>): number {
	return kindOfCoat(coat).passes(coat, sites.get(coat.id) ?? { lays: null }).count;
}

/** Coats that are worked one into the other, the last pass of one with the first of the next. */
function togetherOf(layers: readonly Layer[], sites: ReadonlyMap<string, Site>): Layer[][] {
	const coats = layers.map(({ coat }) => coat);
	const found: Layer[][] = [];
	layers.forEach((layer, at) => {
		if (!wetPartner(coats, at)) return;
		const before = layers[at - 1]!;
		const open = found.at(-1);
		/** A coat of several passes ends one sitting and begins another. */
		if (open?.at(-1) === before && passesOf(before, sites) === 1) open.push(layer);
		else found.push([before, layer]);
	});
	return found;
}

function hasOwnPass(layer: Layer, sittings: readonly (readonly Layer[])[], sites: ReadonlyMap<string, Site>): boolean {
	const shared = sittings.filter((group) => group.includes(layer)).length;
	return passesOf(layer, sites) > shared;
}

function workOf(layers: readonly Layer[], parts: readonly WorkedPart[], drying: readonly DryingTimes[], rates: Rates): WetWork {
	/** What is worked into must be wet to the end; the last only where its own joins are blended. */
	const binding = layers.filter(({ coat }, i) => i < layers.length - 1 || isBlendedWet(coat, parts, rates));
	const open = Math.min(Infinity, ...binding.map(({ at }) => drying[at]!.open));
	const isMisted = ({ coat, material }: Layer) =>
		material !== null && isRenewedByMist(material) && (kindOfCoat(coat).sections(coat, rates)?.misted ?? true);
	const most = Math.min(Infinity, ...binding.map((layer) => (isMisted(layer) ? drying[layer.at]!.set : drying[layer.at]!.open)));
	const { list, tooLarge } = cutSections(parts, open, most);
	const partOf = new Map(parts.map((part) => [part.part, part]));
	return {
		layers,
		parts,
		open,
		most,
		isMisted: binding.every(isMisted),
		list: list.map((section) => {
			const own = section.parts.map((id) => partOf.get(id)!);
			const share = section.minutes / sum(own.map(({ minutes }) => minutes));
			return {
				...section,
				by: layers.map((_, i) => share * sum(own.map(({ by }) => by[i]!))),
				mists: section.minutes > open + ROUNDED ? Math.ceil(section.minutes / open - ROUNDED) - 1 : 0
			};
		}),
		tooLarge
	};
}

/** A crisp zone has no join to be worked wet; a base coat by itself none at all. */
function isBlendedWet(coat: Coat, parts: readonly WorkedPart[], rates: Rates): boolean {
	return kindOfCoat(coat).sections(coat, rates)?.wet === true && parts.some(({ isSoft }) => isSoft);
}

/** A part of one coat by itself. */
type OwnPart = Omit<WorkedPart, 'by' | 'areas' | 'minutes'> & { readonly isZone: boolean };

/** What a sitting is worked on: what its coats share is one part, as large as the largest of theirs. Null where a zone is not known. */
function partsOfWork(layers: readonly Layer[], context: WetContext, rates: Rates): WorkedPart[] | null {
	const own = layers.map((layer) => partsOfCoat(layer, context));
	if (own.some((parts) => parts === null)) return null;
	const minutes = layers.map((layer, i) => {
		const area = sum(own[i]!.map((part) => part.area));
		const { coat } = layer;
		const rate = kindOfCoat(coat).sections(coat, rates)?.rate;
		return rate === undefined ? workOn(layer, context.sites, rates) / passesOf(layer, context.sites) / area : 1 / rate;
	});
	const pieces = own.flatMap((parts, i) => parts!.map((part) => ({ part, i })));
	return groupBySurface(pieces).map((group) => {
		const largest = group.reduce((a, b) => (b.part.width * b.part.height > a.part.width * a.part.height + ROUNDED ? b : a)).part;
		const areas = layers.map((_, i) => sum(group.filter((one) => one.i === i).map(({ part }) => part.area)));
		const by = areas.map((area, i) => (area > 0 ? area * minutes[i]! : 0));
		const zones = group.filter(({ part }) => part.isZone && part.isSoft);
		const [one] = zones;
		return {
			...largest,
			surfaces: [...new Set(group.flatMap(({ part }) => part.surfaces))],
			area: Math.max(...areas),
			isSoft: group.some(({ part }) => part.isSoft),
			flats: zones.length === 1 && one!.part.part === largest.part ? one!.part.flats : null,
			by,
			areas,
			minutes: sum(by)
		};
	});
}

/** Those that share a surface, directly or through others, stand together. */
function groupBySurface<Piece extends { readonly part: OwnPart; readonly i: number }>(pieces: readonly Piece[]): Piece[][] {
	let groups: Piece[][] = [];
	for (const piece of pieces) {
		const met = groups.filter((group) =>
			group.some(({ part, i }) => i !== piece.i && part.surfaces.some((id) => piece.part.surfaces.includes(id)))
		);
		groups = [...groups.filter((group) => !met.includes(group)), [...met.flat(), piece]];
	}
	return groups;
}

/** Of a zone the parts that it colours, of any other coat its surfaces. Null where its zone is not known. */
function partsOfCoat(layer: Layer, { piece, zones, layout }: WetContext): OwnPart[] | null {
	const id = kindOfCoat(layer.coat).where(layer.coat).zone;
	const zone = layout.zones.find((other) => other.id === id);
	if (id !== undefined && !zone) return null;
	const parts = zone ? layZone(zone, piece).map((one) => ofZone(one, zone, zones)) : surfacesOf(layer, piece);
	return parts
		.filter(({ area }) => area > 0)
		.map((part) => ({ ...part, surfaces: part.surfaces.filter((surface) => layer.surfaces.has(surface)) }));
}

/** A frame that is gone over as a whole by its own name; one member of it by its. */
function nameOfFrame({ frame, rest, whole }: MeasuredFace, surfaces: readonly string[]): string {
	if (surfaces.length > 1 || frame === rest) return frame.id;
	return surfaces[0] === whole.id ? rest.id : surfaces[0]!;
}

const WITHOUT_JOINS = { flats: null, isSoft: true, isZone: false } as const;

function surfacesOf({ surfaces }: Layer, piece: MeasuredPiece): OwnPart[] {
	const own = surfacesOfPiece(piece).filter(({ id }) => surfaces.has(id));
	const framed = new Set(own.flatMap(({ id, part, face }) => (part === null || isOfFrame(part) ? [`${face} ${id}`] : [])));
	const faces = [...new Set(own.map(({ face }) => face))];
	/** Rails and stiles are gone over with what is left of their face. */
	const frames = faces.flatMap((id): OwnPart[] => {
		const some = own.filter((surface) => surface.face === id && framed.has(`${id} ${surface.id}`));
		const { x, y, width, height } = some.length === 1 && some[0]!.part ? some[0]!.part : faceOf(piece.faces, id).whole;
		if (some.length === 0) return [];
		const area = sum(some.map((one) => one.area)) / 1e6;
		return [
			{
				...WITHOUT_JOINS,
				part: nameOfFrame(
					faceOf(piece.faces, id),
					some.map((one) => one.id)
				),
				face: id,
				surfaces: some.map((one) => one.id),
				x,
				y,
				width,
				height,
				area
			}
		];
	});
	const parts = own.flatMap(({ id, face, part, area }): OwnPart[] => {
		if (part === null || framed.has(`${face} ${id}`)) return [];
		const { x, y, width, height } = part;
		return [{ ...WITHOUT_JOINS, part: id, face, surfaces: [id], x, y, width, height, area: area / 1e6 }];
	});
	return [...frames, ...parts];
}

function ofZone({ part, face, laid, surfaces }: LaidPart, zone: Zone, zones: readonly ZoneAreas[]): OwnPart {
	const areas = zones.find((plan) => plan.zone === zone.id && plan.part === part.id)?.areas ?? [];
	return {
		part: part.id,
		face: face.id,
		surfaces,
		x: part.x,
		y: part.y,
		width: part.width,
		height: part.height,
		area: sum(areas.map(({ area }) => area)),
		flats: flatsOf(zone, part, laid),
		isSoft: zone.softness > 0,
		isZone: true
	};
}

/** The middles of the bands that cross a part, from its left or top edge: there it may be cut without cutting a join. */
function flatsOf(zone: Zone, part: LaidPart['part'], laid: LaidPart['laid']): WetPart['flats'] {
	const { field } = zone;
	if (field.pattern !== 'bands' || laid.flat !== null) return null;
	const reach = patternOf(field).reach(field, laid.region);
	const ends = [0, ...joinsOf(zone, laid.region).map(({ at }) => at), reach];
	const isLevel = field.from === 'bottom' || field.from === 'top';
	const isTurned = field.from === 'bottom' || field.from === 'right';
	const [offset, length] = isLevel ? [laid.y, part.height] : [laid.x, part.width];
	const at = ends
		.slice(1)
		.map((end, i) => (end + ends[i]!) / 2)
		.map((depth) => (isTurned ? reach - depth : depth) - offset)
		.filter((place) => place > 0 && place < length)
		.sort((a, b) => a - b);
	return at.length > 0 ? { along: isLevel ? 'down' : 'across', at } : null;
}

function sum(values: readonly number[]): number {
	return values.reduce((a, b) => a + b, 0);
}
