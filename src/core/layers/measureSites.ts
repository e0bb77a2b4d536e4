import {
	crossesGap,
	gatherWholes,
	measureMotif,
	sharesInOpenings,
	volumeOfMould,
	type ArrangementPlan,
	type Layout,
	type LaidItem,
	type LaysPlan,
	type ZoneAreas
} from '../layout';
import { HARDWARE_SURFACE, hardwareSurface, partsOnFace, surfacesOfPiece, type MeasuredPiece } from '../piece';
import type { Ml } from '../units';
import { colourOf, whereOf } from './kinds';
import type { Site, Where } from './kinds/types';
import type { Layer, Stack } from './stackLayers';

const M2 = 1e6;
const MM_PER_M = 1000;
/** Old holes are filled so deep, mm: a board mostly. */
const DEEP = 20;
/** More than the hole: it is laid proud, and some stays on the knife. */
const PROUD = 1.5;

export interface SiteMeasures {
	readonly piece: MeasuredPiece;
	readonly layout: Layout;
	/** Areas of every zone on each part. */
	readonly zones: readonly ZoneAreas[];
	readonly laid: readonly ArrangementPlan[];
	/** Of coats that are worked sheet by sheet, by their id. */
	readonly lays: ReadonlyMap<string, LaysPlan>;
}

/** How much there is where each coat goes, by its id: what it takes, and how long it is worked at, follow from that. Only of the faces of the piece that is given. */
export function measureSites(stack: Stack, measures: SiteMeasures): ReadonlyMap<string, Site> {
	const surfaces = new Map(measureSurfaces(measures.piece));
	const parts = new Set(measures.piece.faces.flatMap((face) => partsOnFace(face).map(({ id }) => id)));
	return new Map(stack.layers.map((layer) => [layer.coat.id, siteOf(layer, surfaces, parts, measures)]));
}

interface OnSurface {
	readonly area: number;
	readonly edge: number;
	readonly hardware: number;
	readonly holes: Ml;
}

function measureSurfaces(piece: MeasuredPiece): [string, OnSurface][] {
	const beside = hardwareSurface(piece);
	return [...surfacesOfPiece(piece), ...(beside ? [beside] : [])].map(({ id, area, edge, hardware, filled }) => {
		const volume = filled.reduce((sum, { diameter }) => sum + (Math.PI / 4) * diameter ** 2 * DEEP, 0);
		return [id, { area: area / M2, edge: edge / MM_PER_M, hardware: hardware.length, holes: (volume * PROUD) / MM_PER_M }];
	});
}

function siteOf(
	{ coat, surfaces: on, openings, masked }: Layer,
	surfaces: ReadonlyMap<string, OnSurface>,
	parts: ReadonlySet<string>,
	measures: SiteMeasures
): Site {
	const sum = (of: (surface: OnSurface) => number) =>
		[...on].reduce((total, id) => total + (surfaces.has(id) ? of(surfaces.get(id)!) : 0), 0);
	const items = new Set<LaidItem>();
	if (openings !== null)
		for (const surface of on) for (const { item } of openings.get(surface) ?? []) if (parts.has(item.part)) items.add(item);
	const open = openings === null ? null : openOf([...items]);
	const covered = new Set<LaidItem>();
	for (const mask of masked)
		for (const surface of on) for (const { item } of mask.openings.get(surface) ?? []) if (parts.has(item.part)) covered.add(item);
	return {
		area: Math.max(0, sum(({ area }) => area) - areaOf([...covered]) / M2),
		edge: sum(({ edge }) => edge),
		on: shareWork(
			[...on].filter((id) => surfaces.has(id)),
			(id) => (openings === null ? weightOf(surfaces.get(id)!, whereOf(coat).only) : openAreaOn(openings.get(id) ?? []))
		),
		/** What is told by its own surface is not counted on the fronts again. */
		hardware: [...on].reduce((total, id) => total + (id === HARDWARE_SURFACE && on.size > 1 ? 0 : (surfaces.get(id)?.hardware ?? 0)), 0),
		holes: sum(({ holes }) => holes),
		...sharesFor(coat, openings === null ? null : [...items], parts, measures),
		open,
		...mouldedOf([...items], measures.layout),
		lays: laysOf(measures.lays.get(coat.id))
	};
}

/** By what the work on a surface grows with: its hardware, its holes, else its area. */
function weightOf({ area, hardware, holes }: OnSurface, only: Where['only']): number {
	return only === 'hardware' ? hardware : only === 'holes' ? holes : area;
}

/** An item that lies on several surfaces counts on each. */
function openAreaOn(openings: readonly { readonly item: LaidItem }[]): number {
	return areaOf([...new Set(openings.map(({ item }) => item))]);
}

/** What share of the work falls on each surface; none where there is nothing to do. */
function shareWork(surfaces: readonly string[], weigh: (id: string) => number): ReadonlyMap<string, number> {
	const weights = surfaces.map((id): [string, number] => [id, weigh(id)]).filter(([, weight]) => weight > 0);
	const all = weights.reduce((sum, [, weight]) => sum + weight, 0);
	return new Map(weights.map(([id, weight]) => [id, weight / all]));
}

function mouldedOf(items: readonly LaidItem[], { motifs }: Layout): Pick<Site, 'moulded' | 'crossing'> {
	const motifOf = new Map(motifs.map((motif) => [motif.id, motif]));
	const wholes = gatherWholes(items);
	const moulded = wholes.reduce((sum, [item]) => {
		const one = item!.motif === null ? undefined : motifOf.get(item!.motif);
		return sum + (one?.mould ? volumeOfMould(one, measureMotif(one).openArea) : 0);
	}, 0);
	return { moulded, crossing: wholes.filter(crossesGap).length };
}

function laysOf(plan: LaysPlan | undefined): Site['lays'] {
	return plan ? { count: plan.lays.length, rounds: Math.max(0, ...plan.lays.map(({ round }) => round)) } : null;
}

function openOf(items: readonly LaidItem[]): NonNullable<Site['open']> {
	const area = areaOf(items);
	const edge = items.reduce((sum, item) => sum + item.edge, 0);
	const tips = items.reduce((sum, item) => sum + item.openArea * item.tips, 0);
	return { area: area / M2, motifs: gatherWholes(items).length, edge: edge / MM_PER_M, tips: area > 0 ? tips / area : 1 };
}

function areaOf(items: readonly LaidItem[]): number {
	return items.reduce((sum, { openArea }) => sum + openArea, 0);
}

function sharesFor(
	coat: Layer['coat'],
	items: readonly LaidItem[] | null,
	parts: ReadonlySet<string>,
	{ piece, layout, zones }: SiteMeasures
): Pick<Site, 'shares' | 'colours'> {
	const source = colourOf(coat);
	const id = source !== null && typeof source !== 'string' ? source.zone : whereOf(coat).zone;
	const zone = layout.zones.find((other) => other.id === id);
	if (!zone) return { shares: [], colours: 0 };
	const rows = items === null ? zones.filter((one) => one.zone === zone.id && parts.has(one.part)) : sharesInOpenings(zone, items, piece);
	const sums = new Map<string, number>();
	for (const { areas } of rows) for (const { colour, area } of areas) sums.set(colour, (sums.get(colour) ?? 0) + area);
	return { shares: [...sums].map(([colour, area]) => ({ colour, area })), colours: zone.colours.length };
}
