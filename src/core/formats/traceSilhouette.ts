import { contours } from 'd3-contour';
import { areaOfRing, boundsOfRings, simplifyRing, type Ring } from '../geometry';
import type { Motif } from '../layout';
import type { Issue, Mm } from '../units';

export interface Silhouette {
	readonly width: number;
	readonly height: number;
	/** Four bytes a pixel. */
	readonly pixels: Uint8ClampedArray;
}

export interface TraceWish {
	/** How dark a pixel has to be to be an opening, 0 to 1. */
	readonly threshold: number;
	/** Radius of what is smoothed away, px. */
	readonly smooth: number;
	/** Of the shape, mm; its height follows. */
	readonly width: Mm;
	/** The light parts are the openings. */
	readonly inverted: boolean;
}

export type Traced = { readonly ok: true; readonly motif: Motif } | { readonly ok: false; readonly issues: readonly Issue[] };

/** Specks smaller than this are dust, mm2; and chords stray from the traced line by at most so much, mm. */
const DUST = 1;
const STRAY: Mm = 0.06;
/** One that is so small beside the largest does not say how far the shape goes: outside of it it is dust too. */
const SPECK = 0.001;
const MOST_POINTS = 12_000;
const LONGEST = 95_000;

/**
 * Traces the dark (or the light) parts of a picture into the openings of a motif: lightness over white paper, smoothed, its contour at the
 * threshold between pixels, dust left out. Blank pictures and ones with too much in them end in an issue. Source: methods 6.
 */
export function traceSilhouette({ width, height, pixels }: Silhouette, wish: TraceWish, id: string, name: string): Traced {
	const dark = smoothed(darknessOf(pixels, wish.inverted), width, height, Math.round(wish.smooth));
	/** A margin of nothing, so that what reaches the edge is closed. */
	const [w, h] = [width + 2, height + 2];
	const padded = new Float64Array(w * h);
	for (let y = 0; y < height; y++) padded.set(dark.subarray(y * width, (y + 1) * width), (y + 1) * w + 1);
	const [contour] = contours().size([w, h]).thresholds([wish.threshold])(padded as unknown as number[]);
	const traced = (contour?.coordinates ?? [])
		.flat()
		.map((points): Ring => points.slice(0, -1).flatMap((point) => [point[0]! - 1, point[1]! - 1]));
	/** The width is that of the shape, not of the white round it; dust is none of it. */
	const dust = DUST / (wish.width / width) ** 2;
	const kept = traced.filter((ring) => ring.length >= 6 && areaOfRing(ring) >= dust);
	if (kept.length === 0) return fail('silhouette.empty');
	const main = areaOfRing(kept.reduce((most, ring) => (areaOfRing(ring) > areaOfRing(most) ? ring : most)));
	const { left, top, right, bottom } = boundsOfRings(kept.filter((ring) => areaOfRing(ring) >= SPECK * main));
	const scale = wish.width / (right - left);
	const isWithin = (ring: Ring) => {
		const box = boundsOfRings([ring]);
		return box.left >= left && box.top >= top && box.right <= right && box.bottom <= bottom;
	};
	const rings = kept
		.filter(isWithin)
		.map((ring) =>
			simplifyRing(
				ring.map((value, i) => (value - (i % 2 === 0 ? left : top)) * scale),
				STRAY
			)
		)
		.filter((ring) => ring.length >= 6 && areaOfRing(ring) >= DUST);
	if (rings.length === 0) return fail('silhouette.empty');
	const size = { width: wish.width, height: (bottom - top) * scale };
	const open = kept.reduce((sum, ring) => sum + areaOfRing(ring), 0);
	if (rings.length === 1 && open > 0.995 * width * height) return fail('silhouette.full');
	const d = rings.map((ring) => `M${ring.map((value) => Math.round(value * 100) / 100).join(' ')}Z`).join('');
	if (rings.reduce((sum, ring) => sum + ring.length / 2, 0) > MOST_POINTS || d.length > LONGEST) return fail('silhouette.busy');
	return { ok: true, motif: { id, name, ...size, paths: [{ d, rule: 'evenodd' }] } };
}

function fail(code: string): Traced {
	return { ok: false, issues: [{ code, path: '' }] };
}

/** 0 white to 1 black, as it looks on white paper. */
function darknessOf(pixels: Uint8ClampedArray, inverted: boolean): Float64Array {
	const dark = new Float64Array(pixels.length / 4);
	for (let i = 0; i < dark.length; i++) {
		const [r, g, b, a] = [pixels[4 * i]!, pixels[4 * i + 1]!, pixels[4 * i + 2]!, pixels[4 * i + 3]! / 255];
		const value = (1 - (0.2126 * r + 0.7152 * g + 0.0722 * b) / 255) * a;
		dark[i] = inverted ? a - value : value;
	}
	return dark;
}

/** Two passes of a box across and down: near enough to a soft brush. */
function smoothed(values: Float64Array, width: number, height: number, radius: number): Float64Array {
	if (radius < 1) return values;
	let now = values;
	for (let pass = 0; pass < 2; pass++) {
		now = boxed({ from: now, length: width, lines: height, radius, step: 1, line: width });
		now = boxed({ from: now, length: height, lines: width, radius, step: width, line: 1 });
	}
	return now;
}

function boxed({
	from,
	length,
	lines,
	radius,
	step,
	line
}: {
	readonly from: Float64Array;
	readonly length: number;
	readonly lines: number;
	readonly radius: number;
	readonly step: number;
	readonly line: number;
}): Float64Array {
	const to = new Float64Array(from.length);
	for (let k = 0; k < lines; k++) {
		const start = k * line;
		let sum = 0;
		for (let i = -radius; i < length + radius; i++) {
			if (i + radius < length) sum += from[start + (i + radius) * step] ?? 0;
			if (i - radius - 1 >= 0) sum -= from[start + (i - radius - 1) * step]!;
			if (i >= 0 && i < length) to[start + i * step] = sum / (2 * radius + 1);
		}
	}
	return to;
}
