import { alongTrack, flattenOutline, simplifyLine, trackThrough, type Point, type Ring, type Track } from '../../../geometry';
import type { Part } from '../../../piece';
import { type Mm, ROUNDED } from '../../../units';
import type { Run } from './schema';

export type DrawnLine = Extract<Run['line'], { from: 'drawn' }>;

/** What a line begins as when it is to be drawn: a slow wave from side to side. */
export const FIRST_LINE: DrawnLine = {
	from: 'drawn',
	points: [
		{ x: 0.06, y: 0.6 },
		{ x: 0.28, y: 0.42 },
		{ x: 0.5, y: 0.5 },
		{ x: 0.72, y: 0.58 },
		{ x: 0.94, y: 0.4 }
	]
};

/** A drawn line on a part, mm from its left and its top edge; null where all its points are one. */
export function trackOfDrawn({ points }: DrawnLine, { width, height }: Pick<Part, 'width' | 'height'>): Track | null {
	return trackThrough(points.map(({ x, y }) => ({ x: x * width, y: y * height })));
}

/** Places along a line at which the room beside it is looked for. */
const STEPS = 200;
/**
 * How wide a band may be that lies along a line (mm) and stays inside the part, but for what is left clear at its ends: square to the
 * line, to the nearer side, where there is least. Of a line that leaves its part there is none where it does, however narrow: what is there is
 * cut, and told, and the room is that where there is most.
 */
export function roomBeside(track: Track, { outline }: Pick<Part, 'outline'>, margin: Mm): Mm {
	const ring = flattenOutline(outline, 0.5);
	const clear = Math.min(margin, track.length / 2);
	let [least, most, leaves] = [Infinity, 0, false];
	/** Its very ends may lie on the edge. */
	for (let i = 1; i < STEPS; i++) {
		const along = (i / STEPS) * track.length;
		const at = alongTrack(track, along);
		const side = { x: -Math.sin(at.heading), y: Math.cos(at.heading) };
		const [ahead, behind] = crossingsOf(ring, at, side);
		const room = ahead.length % 2 === 1 ? 2 * Math.min(...ahead, ...behind) : 0;
		leaves ||= room === 0;
		most = Math.max(most, room);
		if (along >= clear - ROUNDED && along <= track.length - clear + ROUNDED) least = Math.min(least, room);
	}
	return leaves || least === Infinity ? most : least;
}

/** How far it is along a straight line from a point to where it crosses a ring: ahead, and behind. */
function crossingsOf(ring: Ring, from: Point, to: Point): [ahead: Mm[], behind: Mm[]] {
	const [ahead, behind]: [Mm[], Mm[]] = [[], []];
	for (let i = 0, j = ring.length - 2; i < ring.length; j = i, i += 2) {
		const [ax, ay] = [ring[j]! - from.x, ring[j + 1]! - from.y];
		const [bx, by] = [ring[i]! - from.x, ring[i + 1]! - from.y];
		const [a, b] = [to.x * ay - to.y * ax, to.x * by - to.y * bx];
		if (a > 0 === b > 0) continue;
		const share = a / (a - b);
		const along = to.x * (ax + share * (bx - ax)) + to.y * (ay + share * (by - ay));
		(along >= 0 ? ahead : behind).push(Math.abs(along));
	}
	return [ahead, behind];
}

type Size = Pick<Part, 'width' | 'height'>;

const shareOf = (at: Mm, size: Mm) => Math.min(1, Math.max(0, at / size));

/** Sets one point of a line, mm from the left and the top edge of a part; it stays in the part. */
export function movePoint(line: DrawnLine, i: number, { x, y }: Point, { width, height }: Size): DrawnLine {
	return { ...line, points: line.points.with(i, { x: shareOf(x, width), y: shareOf(y, height) }) };
}

const MOST_POINTS = 40;

/** One more point, half way to the next; after the last, half way back. As it is where it has as many as it can. */
export function addPoint(line: DrawnLine, after: number): DrawnLine {
	const { points } = line;
	if (points.length >= MOST_POINTS) return line;
	const from = Math.min(after, points.length - 2);
	const [a, b] = [points[from]!, points[from + 1]!];
	return { ...line, points: points.toSpliced(from + 1, 0, { x: (a.x + b.x) / 2, y: (a.y + b.y) / 2 }) };
}

/** A line has two points at least: then it stays as it is. */
export function dropPoint(line: DrawnLine, i: number): DrawnLine {
	return line.points.length > 2 ? { ...line, points: line.points.toSpliced(i, 1) } : line;
}

/** Of the short side of a part: how far a hand's stroke may be smoothed. */
const STRAY = 0.02;

/** The line of a stroke of the hand (mm on a part) by few points; null where it was too short to be one. */
export function lineOfStroke(stroke: readonly Point[], { width, height }: Size): DrawnLine | null {
	const ring = stroke.flatMap(({ x, y }) => [shareOf(x, width) * width, shareOf(y, height) * height]);
	const short = Math.min(width, height);
	let stray = STRAY * short;
	let few = simplifyLine(ring, stray);
	while (few.length / 2 > MOST_POINTS) few = simplifyLine(ring, (stray *= 1.5));
	const points = Array.from({ length: few.length / 2 }, (_, i) => ({ x: few[2 * i]! / width, y: few[2 * i + 1]! / height }));
	const track = trackOfDrawn({ from: 'drawn', points }, { width, height });
	return track !== null && track.length > short / 10 ? { from: 'drawn', points } : null;
}
