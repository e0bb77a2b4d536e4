import { boundsOfRings } from './boundsOfRings';
import { reverseRing, signedArea } from './clipRings';
import type { Ring } from './flattenPath';
import { insetRing } from './insetRing';
import type { Outline } from './outline';
import { measureTrack, type Track } from './track';

/** A turn of more than this at a point is a corner, radians. */
const CORNER = 0.3;

/**
 * The line that lies `by` (mm) inside an outline, cut at its corners: clockwise, the first stretch begins at the corner nearest to the
 * top left, a line without corners at the middle of its top. Empty where the outline is too narrow; of several parts the longest.
 */
export function trackOutline(outline: Outline, by: number): Track[] {
	const ring = cleanRing(insetRing(outline, by));
	if (ring.length < 6) return [];
	const clockwise = signedArea(ring) >= 0 ? ring : reverseRing(ring);
	const corners = cornersOf(clockwise);
	if (corners.length === 0) return [measureTrack(startAtTop(clockwise), true)];
	const first = corners.reduce((best, at) => (nearTopLeft(clockwise, at) < nearTopLeft(clockwise, best) ? at : best), corners[0]!);
	const turned = [...corners.slice(corners.indexOf(first)), ...corners.slice(0, corners.indexOf(first))];
	return turned.map((at, i) => measureTrack(stretch(clockwise, at, turned[(i + 1) % turned.length]!), false));
}

/** Points as near as this are one, mm. */
const SAME = 2e-4;

/** Without points that lie on one another. */
function cleanRing(ring: Ring): number[] {
	const isSame = (ax: number, ay: number, bx: number, by: number) => (ax - bx) ** 2 + (ay - by) ** 2 < SAME * SAME;
	const out: number[] = [];
	for (let i = 0; i < ring.length; i += 2) {
		const j = out.length;
		if (j > 0 && isSame(ring[i]!, ring[i + 1]!, out[j - 2]!, out[j - 1]!)) continue;
		out.push(ring[i]!, ring[i + 1]!);
	}
	while (out.length > 2 && isSame(out[0]!, out[1]!, out.at(-2)!, out.at(-1)!)) out.splice(-2);
	return out;
}

const STEEPEST = Math.tan(CORNER);

/** Curves of chords turn a little at each point; what turns more, over a hair's breadth to both sides, is a corner. */
function cornersOf(ring: Ring): number[] {
	const n = ring.length / 2;
	const corners: number[] = [];
	for (let i = 0; i < n; i++) {
		const [a, b, c] = [2 * ((i + n - 1) % n), 2 * i, 2 * ((i + 1) % n)];
		const [ax, ay] = [ring[b]! - ring[a]!, ring[b + 1]! - ring[a + 1]!];
		const [bx, by] = [ring[c]! - ring[b]!, ring[c + 1]! - ring[b + 1]!];
		const ahead = ax * bx + ay * by;
		if (ahead <= 0 || Math.abs(ax * by - ay * bx) > STEEPEST * ahead) corners.push(i);
	}
	return corners;
}

function nearTopLeft(ring: Ring, at: number): number {
	return ring[2 * at]! + ring[2 * at + 1]!;
}

function startAtTop(ring: Ring): Ring {
	const { left, right } = boundsOfRings([ring]);
	const middle = (left + right) / 2;
	let best: { at: number; y: number } | null = null;
	for (let i = 0; i < ring.length; i += 2) {
		const j = (i + 2) % ring.length;
		const [x0, y0, x1, y1] = [ring[i]!, ring[i + 1]!, ring[j]!, ring[j + 1]!];
		if (x0 > middle === x1 > middle) continue;
		const y = y0 + ((middle - x0) / (x1 - x0)) * (y1 - y0);
		if (best === null || y < best.y) best = { at: j, y };
	}
	return best === null ? ring : [middle, best.y, ...ring.slice(best.at), ...ring.slice(0, best.at)];
}

function stretch(ring: Ring, from: number, to: number): number[] {
	const n = ring.length / 2;
	const count = (to - from + n) % n || n;
	return Array.from({ length: count + 1 }, (_, k) => (from + k) % n).flatMap((k) => [ring[2 * k]!, ring[2 * k + 1]!]);
}
