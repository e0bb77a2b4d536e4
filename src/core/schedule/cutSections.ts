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

export interface Sections {
	/** What one section can hold, m2. Infinity where the paint need not be kept wet. */
	readonly holds: number;
	/** In the order in which they are done. */
	readonly list: readonly Section[];
	/** Parts that cannot be done wet, even cut where no join is: the minutes they take, and how many more of open time it would need. */
	readonly tooLarge: readonly { readonly part: string; readonly minutes: Minutes; readonly short: Minutes }[];
}

/** A paint that would have to be laid in more stretches than these cannot be kept wet at all: it is told, and cut no finer. */
const MOST_STRETCHES = 60;

/**
 * Sections of wet work: as much as can be painted (`rate`, m2 a minute) within the open time (minutes; Infinity where it does
 * not bind). Cut at gaps and edges of parts first, then where no join is, so that every join is worked wet. Source: methods 11.
 * Throws RangeError where the rate or the open time is not more than 0.
 */
export function cutSections(parts: readonly WetPart[], rate: number, open: Minutes): Sections {
	if (!(rate > 0) || !(open > 0)) throw new RangeError(`cutSections needs a rate and an open time above 0, got ${rate} and ${open}`);
	const holds = rate * open;
	const list: Section[] = [];
	const tooLarge: { part: string; minutes: Minutes; short: Minutes }[] = [];
	let group: WetPart[] = [];
	const close = () => {
		if (group.length > 0)
			list.push(
				sectionOf(
					group.map(({ part }) => part),
					null,
					sum(group.map(({ area }) => area)),
					rate
				)
			);
		group = [];
	};
	for (const part of inOrder(parts)) {
		const full = sum(group.map(({ area }) => area)) + part.area > holds + ROUNDED;
		if (full || (group.length > 0 && group[0]!.face !== part.face)) close();
		if (part.area <= holds + ROUNDED) {
			group.push(part);
			continue;
		}
		const stretches = cutPart(part, holds);
		stretches.forEach(({ along, from, to, area }) => list.push(sectionOf([part.part], { along, from, to }, area, rate)));
		const worst = Math.max(...stretches.map(({ area }) => area));
		if (part.flats === null || worst > holds + ROUNDED)
			tooLarge.push({ part: part.part, minutes: part.area / rate, short: (part.flats === null ? part.area : worst) / rate - open });
	}
	close();
	return { holds, list, tooLarge };
}

function sectionOf(parts: readonly string[], stretch: Section['stretch'], area: number, rate: number): Section {
	return { parts, stretch, area, minutes: area / rate };
}

/** Face by face as they are given; on each from the top down, those at one height from the left. */
function inOrder(parts: readonly WetPart[]): WetPart[] {
	const faces = [...new Set(parts.map(({ face }) => face))];
	return [...parts].sort((a, b) => faces.indexOf(a.face) - faces.indexOf(b.face) || a.y - b.y || a.x - b.x);
}

/** As few stretches as will do, each ending at the last flat place within what a section holds; without flat places, evenly along the longer side. */
function cutPart({ width, height, area, flats }: WetPart, holds: number) {
	const along = flats?.along ?? (height > width ? 'down' : 'across');
	const length = along === 'down' ? height : width;
	const perMm = area / length;
	const count = Math.min(MOST_STRETCHES, Math.ceil(area / holds - ROUNDED));
	const places = flats?.at ?? Array.from({ length: count - 1 }, (_, i) => ((i + 1) * length) / count);
	const cuts: Mm[] = [0];
	const ends = [...places, length];
	ends.forEach((place, i) => {
		const next = ends[i + 1];
		if (next === undefined || (next - cuts.at(-1)!) * perMm > holds + ROUNDED) cuts.push(place);
	});
	return cuts.slice(1).map((to, i) => ({ along, from: cuts[i]!, to, area: (to - cuts[i]!) * perMm }));
}

function sum(values: readonly number[]): number {
	return values.reduce((a, b) => a + b, 0);
}
