import {
	areaOfRing,
	boundsOfRings,
	deepestPoint,
	growRings,
	isInRings,
	nearestOnSegment,
	reverseRing,
	signedArea,
	type Outline,
	type Ring,
	type RingBounds
} from '../../geometry';
import type { Mm, Mm2 } from '../../units';
import type { MotifShape } from '../measureMotif';
import type { Motif } from '../motif';
import { narrowPlaces } from './narrowPlaces';

export interface Artwork {
	/** Share of its frame that takes paint. */
	readonly openShare: number;
	/** Thinnest opening and thinnest bridge at scale 1, mm: `Infinity` where it has none. */
	readonly opening: Thinnest;
	readonly bridge: Thinnest;
	/** Solid parts inside an opening: they fall out of a cut sheet. */
	readonly islands: readonly Island[];
}

export interface Thinnest {
	readonly width: Mm;
	/** About where, in the motif's own mm. */
	readonly at: { readonly x: Mm; readonly y: Mm } | null;
}

export interface Island {
	readonly ring: Ring;
	readonly area: Mm2;
	/** From its first to its last point, mm. */
	readonly length: Mm;
}

/** An opening with the solid parts in it. */
interface Component {
	readonly outer: Ring;
	readonly holes: readonly Ring[];
	readonly box: RingBounds;
}

/** Narrow places are looked for from here on, ever wider, mm. */
const NEAR: Mm = 2;
/** What is torn stays so for this much more, mm: half of what a knife may stray. */
const PERSISTS: Mm = 0.01;
/** The width of what only dwindles is known to this, mm. */
const PRECISION: Mm = 0.01;
/** It deepens towards one point, where nothing in it is narrow. */
const FEW_CELLS = 24;
/** Chords of the rounds of an offset, mm. */
const FLATNESS: Mm = 0.004;
const NONE: Thinnest = { width: Infinity, at: null };

/**
 * What a sheet can do with a motif, at scale 1 (mm). The thinnest opening is twice the least inward offset at which an opening disappears, splits or changes its
 * holes; the thinnest bridge the least distance between two openings, or twice the least outward offset at which one meets itself: the frame is left out. Both are
 * found where the outline faces itself (`narrowPlaces`), exact, and each is tried by an offset; a point that tapers to nothing is told apart (`findTips`).
 * Source: methods 6.
 */
export function readArtwork({ rings }: Pick<MotifShape, 'rings'>, motif: Pick<Motif, 'width' | 'height'>): Artwork {
	const components = componentsOf(rings);
	const area = rings.reduce((sum, ring) => sum + signedArea(ring), 0);
	return {
		openShare: Math.abs(area) / (motif.width * motif.height),
		opening: components.reduce<Thinnest>((best, one) => thinnerOpening(one, best), NONE),
		bridge: components.reduce<Thinnest>((best, one) => thinnerNeck(one, best), nearestOpenings(components)),
		islands: components.flatMap(({ holes }) => holes.map((ring) => ({ ring, area: areaOfRing(ring), length: lengthOfShape(ring) })))
	};
}

/** Openings as `uniteShapes` gives them: outer rings one way round, holes the other, each hole with the ring that is nearest round it. */
function componentsOf(rings: readonly Ring[]): Component[] {
	const largest = rings.reduce<Ring | null>((best, ring) => (best === null || areaOfRing(ring) > areaOfRing(best) ? ring : best), null);
	if (largest === null) return [];
	const way = Math.sign(signedArea(largest));
	const outers = rings.filter((ring) => Math.sign(signedArea(ring)) === way).sort((a, b) => areaOfRing(a) - areaOfRing(b));
	const holes = new Map<Ring, Ring[]>(outers.map((outer) => [outer, []]));
	for (const ring of rings) {
		if (Math.sign(signedArea(ring)) === way) continue;
		const around = outers.find((outer) => areaOfRing(outer) > areaOfRing(ring) && isInRings(ring[0]!, ring[1]!, [outer]));
		if (around) holes.get(around)!.push(ring);
	}
	return outers.map((outer) => ({ outer, holes: holes.get(outer)!, box: boundsOfRings([outer]) }));
}

/** Each opening by itself, with the solid parts in it: its outer ring first. */
export function openingsOf(rings: readonly Ring[]): Ring[][] {
	return componentsOf(rings).map(({ outer, holes }) => [outer, ...holes]);
}

/** The thinnest of an opening, where it is thinner than what is known. */
function thinnerOpening({ outer, holes }: Component, best: Thinnest): Thinnest {
	const own = [outer, ...holes];
	const isTorn = (by: Mm) => {
		const left = growRings(own, -by, FLATNESS);
		return left.length !== own.length || left.filter((ring) => signedArea(ring) * signedArea(outer) > 0).length !== 1;
	};
	/** No circle in a shape is wider than one of its area. */
	const area = areaOfRing(outer) - holes.reduce((sum, hole) => sum + areaOfRing(hole), 0);
	const most = Math.min(best.width, 2.02 * Math.sqrt(area / Math.PI));
	const torn = firstTornUpTo(most, own, 'within', isTorn);
	if (torn !== null) return torn;
	/** Without a narrow place it only dwindles, to its deepest point; one offset tells that it is not gone before what is known. */
	if (best.width < Infinity && !isTorn(best.width / 2)) return best;
	const { depth, ...at } = deepestPoint(outlineOf(own), PRECISION / 2, FEW_CELLS);
	return 2 * depth < best.width ? { width: 2 * depth, at } : best;
}

function outlineOf(rings: readonly Ring[]): Outline {
	return rings.flatMap((ring) =>
		Array.from({ length: ring.length / 2 }, (_, i) => {
			const j = (2 * i + 2) % ring.length;
			return { kind: 'line' as const, from: { x: ring[2 * i]!, y: ring[2 * i + 1]! }, to: { x: ring[j]!, y: ring[j + 1]! } };
		})
	);
}

/** Where an opening comes near to itself, as the two ends of a ring do, or what is solid in it is narrow. */
function thinnerNeck({ outer, holes }: Component, best: Thinnest): Thinnest {
	let found = best;
	for (const ring of [outer, ...holes]) {
		const isOuter = ring === outer;
		const shape = signedArea(ring) > 0 ? ring : reverseRing(ring);
		const tears = (by: Mm) => growRings([shape], isOuter ? by : -by, FLATNESS).length > 1;
		const box = boundsOfRings([ring]);
		const most = Math.min(found.width, Math.max(box.right - box.left, box.bottom - box.top));
		found = firstTornUpTo(most, [ring], isOuter ? 'outside' : 'within', tears) ?? found;
	}
	return found;
}

/** Ever wider: most that is found is narrow, and far less lies so near. */
function firstTornUpTo(most: Mm, rings: readonly Ring[], side: 'within' | 'outside', isTorn: (by: Mm) => boolean): Thinnest | null {
	let whole = 0;
	for (let limit = Math.min(most, NEAR); ; limit = Math.min(most, 4 * limit)) {
		const found = firstTorn({ rings, side, limit, isTorn, from: whole });
		if (found.torn !== null || limit >= most) return found.torn;
		whole = found.whole;
	}
}

/** The narrowest place at which something tears, and stays torn a hair further on: in what tapers to a point chords come near each other and part again, and nothing is lost but the point. */
function firstTorn({
	rings,
	side,
	limit,
	isTorn,
	from
}: {
	readonly rings: readonly Ring[];
	readonly side: 'within' | 'outside';
	readonly limit: Mm;
	readonly isTorn: (by: Mm) => boolean;
	readonly from: Mm;
}): { readonly torn: Thinnest | null; readonly whole: Mm } {
	let whole = from;
	for (const place of narrowPlaces(rings, limit, side)) {
		const by = place.width / 2 + PERSISTS;
		if (by <= whole) continue;
		if (isTorn(by)) return { torn: place, whole };
		whole = by;
	}
	return { torn: null, whole };
}

/** The least distance between two openings that do not touch: exact. What lies in a hole of another counts too. */
function nearestOpenings(components: readonly Component[]): Thinnest {
	let best = NONE;
	for (const [i, one] of components.entries())
		for (const other of components.slice(i + 1)) {
			if (boxesApart(one.box, other.box) >= best.width) continue;
			for (const [from, to] of [
				[one, other],
				[other, one]
			] as const)
				best = nearest(from.outer, [to.outer, ...to.holes], best);
		}
	return best;
}

function boxesApart(a: RingBounds, b: RingBounds): Mm {
	return Math.hypot(Math.max(0, a.left - b.right, b.left - a.right), Math.max(0, a.top - b.bottom, b.top - a.bottom));
}

function nearest(points: Ring, lines: readonly Ring[], known: Thinnest): Thinnest {
	let best = known;
	for (let i = 0; i < points.length; i += 2) {
		const [x, y] = [points[i]!, points[i + 1]!];
		for (const ring of lines)
			for (let j = 0, k = ring.length - 2; j < ring.length; k = j, j += 2) {
				const to = nearestOnSegment(x, y, ring[k]!, ring[k + 1]!, ring[j]!, ring[j + 1]!);
				const width = Math.hypot(to.x - x, to.y - y);
				if (width < best.width) best = { width, at: { x: (x + to.x) / 2, y: (y + to.y) / 2 } };
			}
	}
	return best;
}

/** Blunt corners lose no more than this, mm: nothing that anybody sees. */
const BLUNT: Mm = 0.05;

export interface Tip {
	/** How much of it is lost where nothing narrower than the limit is cut, mm. */
	readonly lost: Mm;
	readonly at: { readonly x: Mm; readonly y: Mm };
}

/** Points of openings that taper away: what an opening and a closing by the limit (mm, at scale 1) take off, longer than the limit itself. Source: methods 6. */
export function findTips(rings: readonly Ring[], limit: Mm): Tip[] {
	return componentsOf(rings).flatMap(({ outer, holes }): Tip[] => {
		const own = [outer, ...holes];
		const core = growRings(own, -limit / 2);
		if (core.length === 0) return [];
		const kept = growRings(core, limit / 2 + BLUNT);
		const tips: Tip[] = [];
		let tip: Tip | null = null;
		/** Round the outline, stretches that are not kept. */
		for (let i = 0; i < outer.length; i += 2) {
			const [x, y] = [outer[i]!, outer[i + 1]!];
			if (isInRings(x, y, kept)) {
				if (tip !== null && tip.lost > limit) tips.push(tip);
				tip = null;
				continue;
			}
			const lost = distanceTo(x, y, kept);
			if (tip === null || lost > tip.lost) tip = { lost, at: { x, y } };
		}
		if (tip !== null && tip.lost > limit) tips.push(tip);
		return tips;
	});
}

function distanceTo(x: Mm, y: Mm, rings: readonly Ring[]): Mm {
	let least = Infinity;
	for (const ring of rings) for (let i = 0; i < ring.length; i += 2) least = Math.min(least, Math.hypot(ring[i]! - x, ring[i + 1]! - y));
	return least;
}

/** The scale below which an opening clogs or a bridge tears, for these limits (mm). Source: methods 6. */
export function leastScale({ opening, bridge }: Artwork, limits: { readonly opening: Mm; readonly bridge: Mm }): number {
	return Math.max(limits.opening / opening.width, limits.bridge / bridge.width);
}

/** What paint and a bridge need at least, mm. Source: methods 6. */
export const PAINT_LIMITS = { opening: 1, bridge: 1.5 };

function lengthOfShape(ring: Ring): Mm {
	let longest = 0;
	for (let i = 0; i < ring.length; i += 2)
		for (let j = i + 2; j < ring.length; j += 2) longest = Math.max(longest, Math.hypot(ring[j]! - ring[i]!, ring[j + 1]! - ring[i + 1]!));
	return longest;
}
