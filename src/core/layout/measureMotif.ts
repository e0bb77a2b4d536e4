import { areaOfRings, boundsOfRings, FLATNESS, flattenPath, lengthOfRings, uniteShapes, type Ring, type RingBounds } from '../geometry';
import { SAME, type Mm, type Mm2 } from '../units';
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
	const { rings, unread } = readRings(motif, FLATNESS);
	/** Figures are those of the curves, not of the chords that stand for them. */
	const { rings: fine } = readRings(motif, FINE);
	return {
		rings,
		openArea: areaOfRings(fine),
		edge: lengthOfRings(fine),
		tips: shareAtTips(fine, motif),
		isWithin: rings.every((ring) => ring.every((value, i) => value >= 0 && value <= (i % 2 === 0 ? motif.width : motif.height))),
		unread
	};
}

/** Chords by which area, length and tips are worked out, mm: small circles lose less than a thousandth. */
const FINE: Mm = 0.002;

function readRings(motif: Motif, flatness: Mm): Pick<MotifShape, 'rings' | 'unread'> {
	const read = motif.paths.map(({ d, rule }) => ({ rings: flattenPath(d, flatness), rule }));
	return {
		rings: uniteShapes(read.flatMap(({ rings, rule }) => (rings ? [{ rings, rule }] : []))),
		unread: read.flatMap((path, i) => (path.rings ? [] : [i]))
	};
}

/**
 * The openings of a motif (mm, at scale 1) with as many chords as they need at a scale: laid so large they stray by no more than at scale 1. A few steps of
 * scale, each twice the one before, are kept. Source: methods 6.
 */
export function ringsForScale(motif: Motif, scale: number): readonly Ring[] {
	return chordsFor(motif, scale).rings;
}

/** Area of those chords as they are laid, mm2: a little less than that of the curves. */
export function areaOfChords(motif: Motif, scale: number): Mm2 {
	return chordsFor(motif, scale).area * scale * scale;
}

/** The box of those chords, mm at scale 1. */
export function boundsForScale(motif: Motif, scale: number): RingBounds {
	return chordsFor(motif, scale).bounds;
}

interface Chords {
	readonly rings: readonly Ring[];
	readonly bounds: RingBounds;
	/** At scale 1. */
	readonly area: Mm2;
}
const STEPS = new WeakMap<Motif, Map<number, Chords>>();

function chordsFor(motif: Motif, scale: number): Chords {
	const step = scale <= 1 ? 1 : 2 ** Math.ceil(Math.log2(scale) - SAME);
	const steps = STEPS.get(motif) ?? new Map<number, Chords>();
	STEPS.set(motif, steps);
	const known = steps.get(step);
	if (known) return known;
	const rings = step === 1 ? measureMotif(motif).rings : readRings(motif, FLATNESS / step).rings;
	const chords = { rings, bounds: boundsOfRings(rings), area: areaOfRings(rings) };
	steps.set(step, chords);
	return chords;
}

/** From here a print is of the colour of its heart alone, and from there of its tips: shares of the way from the centre of its frame to a corner. */
const SHADED = { from: 0.25, to: 0.75 };

/** How much of the colour of the tips lies so far from the heart; `away` 0 at the centre of a motif, 1 at a corner of its frame. */
export function tipsAt(away: number): number {
	const t = Math.min(1, Math.max(0, (away - SHADED.from) / (SHADED.to - SHADED.from)));
	return t * t * (3 - 2 * t);
}

/** Lines across a motif on which its openings are looked at, and steps along one at least. */
const LINES = 500;
const STEPS_ALONG = 60;

/** By the true stretch of each line that lies in an opening, however thin. */
function shareAtTips(rings: readonly Ring[], { width, height }: Motif): number {
	let [inside, tips] = [0, 0];
	const far = Math.hypot(width, height) / 2;
	for (let j = 0; j < LINES; j++) {
		const y = ((j + 0.5) / LINES) * height;
		const cuts = cutsAt(rings, y);
		for (let i = 0; i + 1 < cuts.length; i += 2) {
			const length = cuts[i + 1]! - cuts[i]!;
			const steps = Math.max(1, Math.ceil((length * STEPS_ALONG) / width));
			inside += length;
			for (let k = 0; k < steps; k++) {
				const x = cuts[i]! + ((k + 0.5) / steps) * length;
				tips += (length / steps) * tipsAt(Math.hypot(x - width / 2, y - height / 2) / far);
			}
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
