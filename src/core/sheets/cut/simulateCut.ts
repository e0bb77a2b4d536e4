import { areaOfRing, flattenPath, lengthOfLine, uniteShapes, type Ring } from '../../geometry';
import { parseSvg, sizeOfSvg, type SvgNode } from '../../formats';
import { openingsOf, readArtwork } from '../../layout';
import { SAME, type Mm } from '../../units';

/** What a cutter says of a cut file. */
export interface CutReport {
	/** Of all cuts, mm. */
	readonly length: Mm;
	/** At the pace of a small desk cutter. */
	readonly minutes: number;
	readonly openings: number;
	readonly faults: readonly { readonly kind: 'too-small' | 'outside' | 'unreadable'; readonly says: string }[];
}

/** A small desk cutter: the blade cuts and travels so fast, mm/s, slows at each corner by so much, s, and cannot follow what is thinner than this, mm. */
const CUTS = 25;
const TRAVELS = 80;
const TURN = 0.012;
const FINEST: Mm = 0.8;
const SHARP = 0.5;

/** Reads a cut file (SVG with a group `cut`) as a cutter does: length, minutes, and what it would spoil. */
export function simulateCut(file: string): CutReport {
	const parsed = parseSvg(file);
	const size = parsed.ok ? sizeOfSvg(parsed.root.attributes) : null;
	const group = parsed.ok ? parsed.root.children.find(({ attributes }) => attributes['id'] === 'cut') : undefined;
	if (size === null || !group)
		return {
			length: 0,
			minutes: 0,
			openings: 0,
			faults: [{ kind: 'unreadable', says: 'This is no cut file: it has no group "cut", or no size.' }]
		};
	const rings = group.children.flatMap(ringsOf);
	const length = rings.reduce((sum, points) => sum + lengthOfLine({ points, closed: true }), 0);
	/** As it is cut: what lies in a ring stays, or falls out with it. */
	const openings = openingsOf(uniteShapes([{ rings, rule: 'evenodd' }]));
	const small = openings.filter((opening) => readArtwork({ rings: opening }, size).opening.width < FINEST).length;
	const reachesOut = (points: readonly number[]) =>
		points.some((value, i) => value < -SAME || value > (i % 2 === 0 ? size.width : size.height) + SAME);
	const outside = openings.filter((opening) => opening.some(reachesOut)).length;
	const marks = parsed.ok ? (parsed.root.children.find(({ attributes }) => attributes['id'] === 'register')?.children ?? []) : [];
	const off = marks.filter(({ attributes }) => reachesOut(['x1', 'y1', 'x2', 'y2'].map((name) => Number(attributes[name])))).length;
	return {
		length,
		minutes: (length / CUTS + travelOf(rings) / TRAVELS + rings.reduce((sum, ring) => sum + cornersOf(ring), 0) * TURN) / 60,
		openings: openings.length,
		faults: [
			...(small > 0
				? [
						{
							kind: 'too-small' as const,
							says: `${small} opening${small > 1 ? 's are' : ' is'} thinner than the blade can follow (${FINEST} mm).`
						}
					]
				: []),
			...(outside > 0
				? [{ kind: 'outside' as const, says: `${outside} opening${outside > 1 ? 's reach' : ' reaches'} over the edge of the sheet.` }]
				: []),
			...(off > 0
				? [
						{
							kind: 'outside' as const,
							says: `${off} line${off > 1 ? 's' : ''} of the crosses reach${off > 1 ? '' : 'es'} over the edge of the sheet.`
						}
					]
				: [])
		]
	};
}

function ringsOf({ attributes }: SvgNode): Ring[] {
	return (flattenPath(attributes['d'] ?? '') ?? []).filter((ring) => areaOfRing(ring) > 0);
}

/** From the end of each cut to the beginning of the nearest one that is left. */
function travelOf(rings: readonly Ring[]): Mm {
	let left = [...rings];
	let [x, y, length] = [0, 0, 0];
	while (left.length > 0) {
		const near = left.reduce((best, ring) =>
			Math.hypot(ring[0]! - x, ring[1]! - y) < Math.hypot(best[0]! - x, best[1]! - y) ? ring : best
		);
		length += Math.hypot(near[0]! - x, near[1]! - y);
		[x, y] = [near[0]!, near[1]!];
		left = left.filter((ring) => ring !== near);
	}
	return length;
}

function cornersOf(ring: Ring): number {
	let corners = 0;
	for (let i = 0; i < ring.length; i += 2) {
		const at = (k: number) => ring[(i + k + 2 * ring.length) % ring.length]!;
		const [ax, ay, bx, by] = [at(0) - at(-2), at(1) - at(-1), at(2) - at(0), at(3) - at(1)];
		if (Math.abs(Math.atan2(ax * by - ay * bx, ax * bx + ay * by)) > SHARP) corners++;
	}
	return corners;
}
