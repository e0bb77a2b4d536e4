import { areaOfRings, flattenPath, lengthOfRings, uniteShapes, type Ring } from '../geometry';
import type { Mm, Mm2 } from '../units';
import type { Motif } from './motif';

export interface MotifShape {
	/** Openings that take paint, mm, as `uniteShapes` returns them. */
	readonly rings: readonly Ring[];
	/** Area of the openings at scale 1, mm2. */
	readonly openArea: Mm2;
	/** Length of their outlines at scale 1. */
	readonly edge: Mm;
	/** Share of them that lies towards the tips, away from the heart, as a print that is shaded takes it. */
	readonly tips: number;
	/** None of them reaches over the frame of the motif. */
	readonly isWithin: boolean;
	/** Indices of paths that could not be read. */
	readonly unread: readonly number[];
}

/** The openings of a stencil motif and their area at scale 1. Source: methods 6. */
export function measureMotif(motif: Motif): MotifShape {
	const known = KNOWN.get(motif);
	if (known) return known;
	const shape = measure(motif);
	KNOWN.set(motif, shape);
	return shape;
}

/** A motif is never changed, only replaced: what was worked out of it stays true. */
const KNOWN = new WeakMap<Motif, MotifShape>();

function measure(motif: Motif): MotifShape {
	const read = motif.paths.map(({ d, rule }) => ({ rings: flattenPath(d), rule }));
	const rings = uniteShapes(read.flatMap(({ rings, rule }) => (rings ? [{ rings, rule }] : [])));
	return {
		rings,
		openArea: areaOfRings(rings),
		edge: lengthOfRings(rings),
		tips: shareAtTips(rings, motif),
		isWithin: rings.every((ring) => ring.every((value, i) => value >= 0 && value <= (i % 2 === 0 ? motif.width : motif.height))),
		unread: read.flatMap((path, i) => (path.rings ? [] : [i]))
	};
}

/** From here a print is of the colour of its heart alone, and from there of its tips: shares of the way from the centre of its frame to a corner. */
const SHADED = { from: 0.25, to: 0.75 };

/** How much of the colour of the tips lies so far from the heart; `away` 0 at the centre of a motif, 1 at a corner of its frame. */
export function tipsAt(away: number): number {
	const t = Math.min(1, Math.max(0, (away - SHADED.from) / (SHADED.to - SHADED.from)));
	return t * t * (3 - 2 * t);
}

const SAMPLES = 40;

function shareAtTips(rings: readonly Ring[], { width, height }: Motif): number {
	let [inside, tips] = [0, 0];
	for (let j = 0; j < SAMPLES; j++) {
		const v = (j + 0.5) / SAMPLES;
		const cuts = cutsAt(rings, v * height);
		for (let i = 0, passed = 0; i < SAMPLES; i++) {
			const u = (i + 0.5) / SAMPLES;
			while (passed < cuts.length && cuts[passed]! <= u * width) passed++;
			if (passed % 2 === 0) continue;
			inside++;
			tips += tipsAt(Math.hypot((u - 0.5) * width, (v - 0.5) * height) / (Math.hypot(width, height) / 2));
		}
	}
	return inside === 0 ? 1 : tips / inside;
}

/** Where rings are crossed at a height, from left to right: between the first and the second lies what is inside, and so on. */
function cutsAt(rings: readonly Ring[], y: Mm): Mm[] {
	const cuts: Mm[] = [];
	for (const ring of rings)
		for (let i = 0, j = ring.length - 2; i < ring.length; j = i, i += 2) {
			const [y0, y1] = [ring[j + 1]!, ring[i + 1]!];
			if (y0 > y !== y1 > y) cuts.push(ring[j]! + ((y - y0) / (y1 - y0)) * (ring[i]! - ring[j]!));
		}
	return cuts.sort((a, b) => a - b);
}
