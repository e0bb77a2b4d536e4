import type { Outline, Polyline, Ring } from '../../geometry';
import type { Box, Cutout } from '../../piece';
import type { Mm } from '../../units';
import type { Field, PatternId } from './fieldSchema';

/** Where a colour gives way to the next, mm of depth: half and half at `at`, over `half` to both sides. */
export interface Join {
	readonly at: Mm;
	readonly half: Mm;
}

/** What a pattern is spread over: a part in its own box, a face, or the whole height of the piece. */
export interface Region {
	readonly width: Mm;
	readonly height: Mm;
	/** Null for the plain box, for which there are shorter ways. */
	readonly outline: Outline | null;
	/** The largest distance to its edge, mm. */
	readonly deepest: Mm;
	/** Its own, so that patches on two doors are not the same. */
	readonly salt: number;
	/** Gaps and openings in it, from its left and top edge: nothing is painted there. */
	readonly holes: readonly Cutout[];
	/** The feet of the steps on it: where something stands proud of it or lies behind it. */
	readonly hollows: readonly Hollow[];
	/** What hands take hold of, and motifs, where the pattern asks for them. */
	readonly touched: readonly Touched[];
}

/** The foot of a step runs along a ring; its low side is where colour stays when the high one is wiped. */
export interface Hollow {
	readonly ring: Ring;
	readonly low: 'inside' | 'outside';
}

/** A box that is rounded off by a radius, mm. */
export interface Touched {
	readonly box: Box;
	readonly radius: Mm;
}

/** A part in the region of its pattern. */
export interface LaidField {
	readonly region: Region;
	/** Its left and top edge in the region, mm. */
	readonly x: Mm;
	readonly y: Mm;
	/** A level face meets a pattern that climbs the piece at one height: there, from the top of the region; null else. */
	readonly flat: Mm | null;
	/** The part itself. */
	readonly own: Pick<Region, 'width' | 'height' | 'outline' | 'holes'>;
}

export type FieldOf<Id extends PatternId> = Extract<Field, { pattern: Id }>;

/** Where the colours of a zone go: a field that grows from 0 at the first colour, and where along it the colours meet. */
export interface Pattern<Id extends PatternId = PatternId> {
	readonly id: Id;
	readonly name: string;
	/** Where the first colour lies, and the last. */
	readonly ends: (field: FieldOf<Id>) => readonly [first: string, last: string];
	/** The largest value of the field, mm. */
	readonly reach: (field: FieldOf<Id>, region: Region) => Mm;
	/** The field at a point from the left and the top edge of the region, mm. */
	readonly depthAt: (field: FieldOf<Id>, x: Mm, y: Mm, region: Region) => Mm;
	/** Where so many colours meet, mm of the field, rising. */
	readonly meets: (field: FieldOf<Id>, colours: number, region: Region) => readonly Mm[];
	/** To begin from, on a region; `round`: a length that nobody chose yet as the painter's rule has it (`roundToBegin`). */
	readonly start: (region: Region, round: (mm: Mm) => Mm) => FieldOf<Id>;
	/** Dabbed on whatever the method: its edges break up into the marks of a pad or the tip of a brush. */
	readonly dabbed?: true;
	/** It may turn within so little, mm: between points nearer than this it is as good as straight. Without it only its ridges turn. */
	readonly turns?: (field: FieldOf<Id>) => Mm;
	/** What lies at less than a depth, and the line along which that ends, where they are known; chords stray by 0.002 mm at most. */
	readonly level?: (field: FieldOf<Id>, depth: Mm, region: Region) => Level;
	/** Without known level lines: between which depths the field stays within so many mm of a point at this depth; where it turns so soon that this says nothing, none. */
	readonly bounds?: (field: FieldOf<Id>, depth: Mm, within: Mm, region: Region) => readonly [least: Mm, most: Mm];
	/** A line on which the depth can be taken hold of: from a point, straight, a mm for each mm of depth. Without it joins have no place. */
	readonly axis?: (field: FieldOf<Id>, region: Region) => Axis;
	/** Which joins can be moved by themselves, the first or all; and the field with one of them at a depth. */
	readonly moves?: 'first' | 'all';
	readonly moveJoin?: (field: FieldOf<Id>, to: JoinMove) => FieldOf<Id>;
	/** What else of it can be taken hold of. */
	readonly grips?: (field: FieldOf<Id>, region: Region) => readonly Grip<FieldOf<Id>>[];
}

/** Of how many colours which join comes to lie where. */
export interface JoinMove {
	readonly join: number;
	readonly depth: Mm;
	readonly colours: number;
	readonly region: Region;
}

/** From the left and the top edge of the region; both may reach beyond it. */
export interface Level {
	/** By the even-odd rule. */
	readonly within: readonly Ring[];
	readonly line: readonly Polyline[];
	/** The first ring is the edge of the region, and holds the others. */
	readonly nested?: boolean;
}

export interface Axis {
	readonly x: Mm;
	readonly y: Mm;
	/** Unit vector along which the depth grows. */
	readonly dx: number;
	readonly dy: number;
}

/** A point of a pattern that can be moved, from the left and top edge of its region. */
export interface Grip<F> {
	readonly id: string;
	readonly name: string;
	readonly x: Mm;
	readonly y: Mm;
	/** Across, down, or to one of the four sides. */
	readonly along: 'across' | 'down' | 'side';
	/** The figure that it sets, mm; null where it is none. */
	readonly value: Mm | null;
	readonly moveTo: (x: Mm, y: Mm) => F;
}
