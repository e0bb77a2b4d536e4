import { alongTrack, trackOutline, type Track } from '../../../geometry';
import { faceOf, type MeasuredPiece, type Part, type Seam } from '../../../piece';
import { SAME, SAME_EDGE, type Mm } from '../../../units';
import type { Motif } from '../../motif';
import { spansOf, type PartOnSpan } from '../spans';
import { roomBeside, trackOfDrawn } from './drawnLine';
import type { Run } from './schema';
import type { Obstacle } from './types';

/** Where a row runs on one of its parts, and where that part begins along the row. */
export interface RowOnPart {
	readonly part: Part;
	readonly from: Mm;
	readonly line: RowLine;
}

/** A row that is fitted as one: on one part, or on several that it runs through. */
export interface RunRow {
	/** Of its first part. */
	readonly id: string;
	readonly on: readonly RowOnPart[];
	readonly length: Mm;
	/** Across it, of the part that has the least room. */
	readonly room: Mm;
	/** Between the highest and the lowest of its parts' own lines, mm: seen where they meet. */
	readonly step?: Mm;
}

type RowLine =
	| { readonly way: 'level' | 'upright'; readonly at: Mm; readonly length: Mm; readonly room: Mm }
	| { readonly way: 'track'; readonly track: Track; readonly start: Mm; readonly length: Mm; readonly room: Mm };

/** The rows of a run: one on each part; or through all parts of a face that lie at one height; or round the corners of the piece. */
export function rowsOf(run: Run, parts: readonly Part[], piece: Pick<MeasuredPiece, 'faces'>, seams: readonly Seam[]): RunRow[] {
	const alone = parts.map((part): RunRow => {
		const line = lineOn(part, run);
		return { id: part.id, on: [{ part, from: 0, line }], length: line.length, room: line.room };
	});
	if (run.over === undefined || run.over === 'each' || alone.some(({ on: [one] }) => one!.line.way !== 'level')) return alone;
	const spans = spansOf({ over: run.over === 'through' ? 'face' : 'round', angle: 90 }, parts, piece, seams);
	return spans.flatMap(({ parts: along }) =>
		levelsOf(
			along.map((one) => ({ ...one, height: heightOfLine(one.part, run, piece) })),
			run.over === 'round'
		).map((level): RunRow => {
			const first = level[0]!.from;
			const on = level.map(({ part, from }): RowOnPart => ({ part, from: from - first, line: lineOn(part, run) }));
			const heights = level.map(({ height }) => height);
			return {
				id: level[0]!.part.id,
				on,
				length: Math.max(...level.map(({ from, size }) => from + size)) - first,
				room: Math.min(...on.map(({ line }) => line.room)),
				step: Math.max(...heights) - Math.min(...heights)
			};
		})
	);
}

type AtHeight = PartOnSpan & { readonly height: Mm };

/** Places whose lines are one: as high as what is measured for one edge is. Round the corners each goes on from the face before. From the first on. */
function levelsOf(along: readonly AtHeight[], goesOn: boolean): AtHeight[][] {
	const sorted = [...along].sort((a, b) => a.from - b.from);
	const faces = [...new Set(sorted.map(({ part }) => part.face))];
	const levels: AtHeight[][] = [];
	for (const one of sorted) {
		const face = faces.indexOf(one.part.face);
		const level = levels.find(
			(others) =>
				others.every(({ height }) => Math.abs(height - one.height) <= SAME_EDGE + SAME) &&
				(!goesOn || face - faces.indexOf(others.at(-1)!.part.face) <= 1)
		);
		if (level) level.push(one);
		else levels.push([one]);
	}
	return levels;
}

/** Of the line of a level row above the floor, or above the foot of its face where that is not known. */
function heightOfLine(part: Part, run: Run, { faces }: Pick<MeasuredPiece, 'faces'>): Mm {
	const face = faceOf(faces, part.face);
	const line = lineOn(part, run);
	return (face.floor ?? 0) + face.height - part.y - (line.way === 'track' ? 0 : line.at);
}

/** The row's own line on a part, mm from its left or its top edge; along its outline, the stretch of it that lies to that side; or as it was drawn. */
function lineOn(part: Part, { line, margin }: Run): RowLine {
	const { width, height } = part;
	switch (line.from) {
		case 'middle':
			return { way: 'level', at: height / 2, length: width, room: height };
		case 'top':
			return { way: 'level', at: line.distance, length: width, room: height };
		case 'bottom':
			return { way: 'level', at: height - line.distance, length: width, room: height };
		case 'centre':
			return { way: 'upright', at: width / 2, length: height, room: width };
		case 'left':
			return { way: 'upright', at: line.distance, length: height, room: width };
		case 'right':
			return { way: 'upright', at: width - line.distance, length: height, room: width };
		case 'edge':
			return edgeLine(part, line.side, line.distance) ?? { way: 'level', at: height / 2, length: width, room: height };
		case 'drawn': {
			const track = trackOfDrawn(line, part);
			if (track === null) return { way: 'level', at: height / 2, length: 0, room: height };
			return { way: 'track', track, start: 0, length: track.length, room: roomBeside(track, part, margin) };
		}
	}
}

const HEADINGS = { top: 0, right: Math.PI / 2, bottom: Math.PI, left: -Math.PI / 2 } as const;
const QUARTERS = { top: 0, right: 1, bottom: 2, left: 3 } as const;

function edgeLine(part: Part, side: keyof typeof HEADINGS, distance: Mm): RowLine | null {
	const tracks = trackOutline(part.outline, distance);
	const room = 2 * Math.max(distance, 1);
	const [first] = tracks;
	if (!first) return null;
	/** Of a line without corners a quarter lies to each side. */
	if (first.closed) {
		const quarter = first.length / 4;
		return { way: 'track', track: first, start: (QUARTERS[side] - 0.5) * quarter, length: quarter, room };
	}
	const off = (track: Track) => {
		const turn = alongTrack(track, track.length / 2).heading - HEADINGS[side];
		return Math.abs(Math.atan2(Math.sin(turn), Math.cos(turn)));
	};
	const track = tracks.reduce((best, one) => (off(one) < off(best) - 1e-6 ? one : best), first);
	return { way: 'track', track, start: 0, length: track.length, room };
}

/** How long a motif is along a row and across it, at scale 1: down an upright row motifs stand upright. */
export function motifAlong({ on: [one] }: RunRow, motif: Pick<Motif, 'width' | 'height'>): { readonly along: Mm; readonly across: Mm } {
	return one!.line.way === 'upright' ? { along: motif.height, across: motif.width } : { along: motif.width, across: motif.height };
}

/** A place so far along a row, on one of its parts, and how a motif is turned there, degrees. */
export function placeOnRow({ from, line }: RowOnPart, along: Mm): { readonly x: Mm; readonly y: Mm; readonly turn: number } {
	const at = along - from;
	if (line.way !== 'track') return line.way === 'level' ? { x: at, y: line.at, turn: 0 } : { x: line.at, y: at, turn: 0 };
	const { x, y, heading } = alongTrack(line.track, line.start + at);
	const turn = (heading * 180) / Math.PI;
	return { x, y, turn: Math.abs(turn - Math.round(turn)) < 1e-9 ? Math.round(turn) + 0 : turn };
}

/** The hardware on a row as intervals along it; what stands beside its line is reached only from a scale on. */
export function obstaclesOn(row: RunRow, run: Run, motif: Motif): Obstacle[] {
	const clearance = run.hardware === 'avoid' ? run.clearance : 0;
	const { across } = motifAlong(row, motif);
	return row.on.flatMap(({ part, from, line }) =>
		part.hardware
			.filter(({ room }) => run.hardware !== 'avoid' || room === 'clear')
			.flatMap(({ centre, footprint }): Obstacle[] => {
				const { width, height } = footprint;
				if (line.way === 'track') {
					const half = Math.hypot(width, height) / 2 + clearance;
					return nearestOn(line, centre).map(({ at, apart }) => ({
						from: at - half,
						to: at + half,
						fromScale: Math.max(0, (2 * (apart - half)) / across)
					}));
				}
				const [middle, size, off, thick] =
					line.way === 'level' ? [footprint.x, width, centre.y - line.at, height] : [footprint.y, height, centre.x - line.at, width];
				const apart = Math.abs(off) - thick / 2 - clearance;
				return [{ from: from + middle - clearance, to: from + middle + size + clearance, fromScale: Math.max(0, (2 * apart) / across) }];
			})
	);
}

/** Steps along a curved row at which a knob beside it is looked for. */
const STEPS = 400;

/** Where a curved row comes near a point, each time it does. */
function nearestOn({ track, start, length }: Extract<RowLine, { way: 'track' }>, { x, y }: { readonly x: Mm; readonly y: Mm }) {
	const steps = Array.from({ length: STEPS + 1 }, (_, i) => {
		const at = (i / STEPS) * length;
		const point = alongTrack(track, start + at);
		return { at, apart: Math.hypot(point.x - x, point.y - y) };
	});
	return steps.filter(({ apart }, i) => apart < (steps[i - 1]?.apart ?? Infinity) && apart <= (steps[i + 1]?.apart ?? Infinity));
}
