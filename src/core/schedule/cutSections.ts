import { type Minutes, type Mm, ROUNDED } from '../units';

/** One part that is painted wet in wet. */
export interface WetPart {
	readonly part: string;
	readonly face: string;
	/** From the top left of its face, mm: sections follow each other down, then across. */
	readonly x: Mm;
	readonly y: Mm;
	readonly width: Mm;
	readonly height: Mm;
	/** m2. */
	readonly area: number;
	/** Of all work that is done on it while it is wet. */
	readonly minutes: Minutes;
	/** Where it may be cut without cutting a join: along which side, and how far from its left or top edge, rising. Null: a cut anywhere crosses a join. */
	readonly flats: { readonly along: 'down' | 'across'; readonly at: readonly Mm[] } | null;
}

/** What is begun and finished while it is wet. */
export interface Section {
	readonly parts: readonly string[];
	/** A stretch of a part that is too large to be done at once; null: whole parts. */
	readonly stretch: { readonly along: 'down' | 'across'; readonly from: Mm; readonly to: Mm } | null;
	/** m2. */
	readonly area: number;
	readonly minutes: Minutes;
}

/** A part that cannot be done wet, even cut where no join is: the minutes it takes, and how many more of open time it would need. */
export interface TooLarge {
	readonly part: string;
	readonly minutes: Minutes;
	readonly short: Minutes;
}

export interface Sections {
	/** In the order in which they are done. */
	readonly list: readonly Section[];
	readonly tooLarge: readonly TooLarge[];
}

/** A paint that would have to be laid in more stretches than these cannot be kept wet at all: it is told, and cut no finer. */
const MOST_STRETCHES = 60;

/**
 * Sections of wet work: as much as can be done within the open time (minutes; Infinity where it does not bind). Cut at gaps and
 * edges of parts first, then where no join is, so that every join is worked wet. A part that can be done neither way is left
 * whole where a mist keeps it wet until it is done (`most`, no less than `open`). Source: methods 11.
 * Throws RangeError where the open time is not more than 0.
 */
export function cutSections(parts: readonly WetPart[], open: Minutes, most: Minutes = open): Sections {
	if (!(open > 0)) throw new RangeError(`cutSections needs an open time above 0, got ${open}`);
	const list: Section[] = [];
	const tooLarge: TooLarge[] = [];
	let group: WetPart[] = [];
	const close = () => {
		if (group.length > 0) list.push(sectionOf(group));
		group = [];
	};
	for (const part of inOrder(parts)) {
		const full = sum(group.map(({ minutes }) => minutes)) + part.minutes > open + ROUNDED;
		if (full || (group.length > 0 && group[0]!.face !== part.face)) close();
		if (part.minutes <= open + ROUNDED) {
			group.push(part);
			continue;
		}
		const stretches = cutPart(part, open);
		const worst = Math.max(...stretches.map(({ minutes }) => minutes));
		const isCutWell = part.flats !== null && worst <= open + ROUNDED;
		if (!isCutWell && part.minutes <= most + ROUNDED) list.push(sectionOf([part]));
		else list.push(...stretches);
		if (isCutWell || part.minutes <= most + ROUNDED) continue;
		const held = part.flats === null ? part.minutes : worst;
		if (held > most + ROUNDED) tooLarge.push({ part: part.part, minutes: part.minutes, short: held - most });
	}
	close();
	return { list, tooLarge };
}

function sectionOf(parts: readonly WetPart[]): Section {
	return {
		parts: parts.map(({ part }) => part),
		stretch: null,
		area: sum(parts.map(({ area }) => area)),
		minutes: sum(parts.map(({ minutes }) => minutes))
	};
}

/** Face by face as they are given; on each from the top down, those at one height from the left. */
function inOrder(parts: readonly WetPart[]): WetPart[] {
	const faces = [...new Set(parts.map(({ face }) => face))];
	return [...parts].sort((a, b) => faces.indexOf(a.face) - faces.indexOf(b.face) || a.y - b.y || a.x - b.x);
}

/** As few stretches as will do, each ending at the last flat place within the open time; without flat places, evenly along the longer side. */
function cutPart({ part, width, height, area, minutes, flats }: WetPart, open: Minutes): Section[] {
	const along = flats?.along ?? (height > width ? 'down' : 'across');
	const length = along === 'down' ? height : width;
	const count = Math.min(MOST_STRETCHES, Math.ceil(minutes / open - ROUNDED));
	const places = flats?.at ?? Array.from({ length: count - 1 }, (_, i) => ((i + 1) * length) / count);
	const cuts: Mm[] = [0];
	const ends = [...places, length];
	ends.forEach((place, i) => {
		const next = ends[i + 1];
		if (next === undefined || ((next - cuts.at(-1)!) * minutes) / length > open + ROUNDED) cuts.push(place);
	});
	return cuts.slice(1).map((to, i) => {
		const from = cuts[i]!;
		const share = (to - from) / length;
		return { parts: [part], stretch: { along, from, to }, area: share * area, minutes: share * minutes };
	});
}

function sum(values: readonly number[]): number {
	return values.reduce((a, b) => a + b, 0);
}
