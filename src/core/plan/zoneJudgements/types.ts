import type { Pigment } from '../../colour';
import type { Blend, Coat } from '../../layers';
import type { LaidPart, PlacedOnPart, Zone } from '../../layout';
import type { MeasuredPiece } from '../../piece';
import type { LengthUnit } from '../../units';

/** What a zone looks like before it is painted, as far as a painter would see it at once when it is dry. */
export interface ZoneFinding {
	readonly zone: string;
	/** Of the judgement. */
	readonly code: string;
	/** Where; null: the zone as it is. */
	readonly part: string | null;
	readonly says: string;
	readonly why: string;
	readonly remedies: readonly ZoneRemedy[];
}

/** A change that is offered: the zone, or the coat that paints it, as it would be. */
export interface ZoneRemedy {
	readonly says: string;
	readonly zone?: Zone;
	readonly coat?: Coat;
}

export interface ZoneCase {
	readonly zone: Zone;
	readonly laid: readonly LaidPart[];
	/** Share of each of its colours on each part, as the plan has worked them out. */
	readonly sharesOf: (part: string) => readonly number[];
	/** The coats that paint it. */
	readonly coats: readonly Blend[];
	readonly pigmentOf: (colour: string) => Pigment;
	readonly nameOf: (colour: string) => string;
	readonly stock: readonly Pigment[];
	readonly piece: MeasuredPiece;
	readonly placements: readonly PlacedOnPart[];
	/** Of those, what is printed flat over the zone when that is on. */
	readonly printedOver: readonly PlacedOnPart[];
	readonly unit: LengthUnit;
}

/** One thing to look at. A new one is a file and a line in the index. */
export type ZoneJudgement = (zoneCase: ZoneCase) => readonly Omit<ZoneFinding, 'zone'>[];
