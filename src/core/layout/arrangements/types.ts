import type { Ring } from '../../geometry';
import type { MeasuredPiece, Seam } from '../../piece';
import type { Issue, LengthUnit, Mm, Mm2 } from '../../units';
import type { MotifShape } from '../measureMotif';
import type { Motif } from '../motif';
import type { Places } from '../placesSchema';

export type Side = 'left' | 'top' | 'right' | 'bottom' | 'outline' | 'opening' | 'mitre';

/** One motif, or one shape of its own, where it lies on its part. Worked out once: the look, quantities, sheets and the page read it. Lengths in mm from the left and the top edge of the part. */
export interface LaidItem {
	/** Stays when neighbours come and go: its part, and its place from the middle. */
	readonly key: string;
	readonly arrangement: string;
	readonly part: string;
	readonly place: string;
	/** From the left (or in the order of laying), from 0: changes with the count. */
	readonly index: number;
	/** Null for a shape of its own: a stripe, a line, a diamond. */
	readonly motif: string | null;
	/** What of the arrangement it is (`motif`, `corner`, `stripe-2`); a coat may go through one of them alone. */
	readonly role: string;
	readonly centre: { readonly x: Mm; readonly y: Mm };
	/** Degrees clockwise. */
	readonly turn: number;
	readonly mirrored: boolean;
	readonly scale: number;
	/** Of the frame of the whole motif as it lies; right and bottom from the right and the bottom edge of the part. */
	readonly left: Mm;
	readonly top: Mm;
	readonly right: Mm;
	readonly bottom: Mm;
	readonly width: Mm;
	readonly height: Mm;
	/** Its openings as they are painted, after cutting; worked out when asked for, so a copy made by spreading has to name them. */
	readonly rings: readonly Ring[];
	/** What takes something off it. */
	readonly cutBy: readonly Side[];
	/** Half of it is left off at this end of a row. */
	readonly half: 'none' | 'left' | 'right';
	/** Of its openings, after cutting. */
	readonly openArea: Mm2;
	/** Share of its openings that lies towards its tips, away from its heart. */
	readonly tips: number;
	/** Length of their outlines: what tape or a pen goes along. */
	readonly edge: Mm;
	/** What was cut off. */
	readonly lost: Mm2;
	readonly byHand: boolean;
	/** Of one motif that lies on several parts: the key of the first of its pieces, which they share. */
	readonly whole?: string;
	/** Knobs or pulls that it touches, by their place on the part. */
	readonly touches: readonly number[];
}

/** One of the ranked ways to lay an arrangement, with what it costs and which constraint decided it. */
export interface Choice<P = unknown> {
	/** What the painter takes by it; kept in the arrangement. */
	readonly pick: P;
	readonly cost: number;
	/** The parts of the cost, by what they answer for. */
	readonly terms: Readonly<Record<string, number>>;
	/** Of its motif, where all are laid at one. */
	readonly scale?: number;
	/** In the words of the bench. */
	readonly title: string;
	readonly reason: string;
	/** What is not as it should be with it; null: nothing. */
	readonly warning: string | null;
}

/** The ways of what shares its choice: `common`, or one part. */
export interface ChoiceGroup<C extends Choice = Choice> {
	readonly id: string;
	/** What of the arrangement it is about, where that is not all of it on its parts. */
	readonly name?: string;
	readonly parts: readonly string[];
	/** Best first. */
	readonly choices: readonly C[];
	/** Place of the taken choice among them; -1 where nothing fits. */
	readonly taken: number;
}

/** How an arrangement of taped edges is taped on one part: figures from the left of the part (or from its top, where the tapes run level). */
export interface Taping {
	readonly part: string;
	/** Which way the tapes run. */
	readonly along: 'level' | 'upright' | 'slanted' | 'round' | 'edge';
	/** Towards which it lies, where it runs along one edge of an outline. */
	readonly side?: 'top' | 'right' | 'bottom' | 'left';
	/** From which edge its figures are. */
	readonly from: 'left' | 'top' | 'outline';
	/** Where the middle of its part lies, by the same figures: a round part has no edge to measure from. */
	readonly middle?: Mm;
	/** Every edge of paint, in their order, mm. */
	readonly edges: readonly Mm[];
	/** In the order of laying, from the middle outwards. */
	readonly strips: readonly TapeStrip[];
}

export interface TapeStrip {
	readonly from: Mm;
	readonly to: Mm;
	/** A mask stays while it is painted; a spacer is pulled before. */
	readonly use: 'mask' | 'spacer';
	/** Widths of tape that are laid beside each other, mm; empty where it is measured. */
	readonly tapes: readonly Mm[];
	/** Of its run, mm. */
	readonly length: Mm;
}

export interface ArrangementPlan {
	readonly arrangement: string;
	/** The ranked ways to lay it, where it has a choice. */
	readonly groups: readonly ChoiceGroup[];
	readonly items: readonly LaidItem[];
	readonly issues: readonly Issue[];
	/** Never a block. */
	readonly hints: readonly Issue[];
	readonly taping?: readonly Taping[];
	/** What a painter sets it out by, where figures of each item alone would not do; for its part, in words. */
	readonly notes?: readonly { readonly part: string; readonly text: string }[];
}

export interface MotifInUse {
	readonly motif: Motif;
	readonly shape: MotifShape;
}

export interface ArrangementContext {
	/** All motifs of the piece, by id: those that the arrangement names are among them. */
	readonly motifs: ReadonlyMap<string, MotifInUse>;
	readonly piece: Pick<MeasuredPiece, 'faces'>;
	/** Where faces meet: what runs round the corners follows them. */
	readonly seams: readonly Seam[];
	/** Where the arrangement stands in the project: `layout.arrangements[0]`. */
	readonly path: string;
	/** In which the reasons are worded. */
	readonly unit: LengthUnit;
	/** Widths of tape on the shelf, mm. */
	readonly tapes: readonly Mm[];
}

/** What an arrangement begins from. */
export interface StartSetting {
	readonly id: string;
	readonly name: string;
	/** Null where its kind asks for none. */
	readonly motif: Motif | null;
	readonly parts: Places;
	/** Shorter side of the least of its parts, mm. */
	readonly shortest: Mm;
	/** Scale at which the motif takes half of that. */
	readonly scale: number;
	/** A length that nobody chose yet, as the painter's rule has it: `roundToBegin`. */
	readonly round: (mm: Mm) => Mm;
}

/** A way to lay a motif, or shapes of its own, on a piece. A new one is a file, a member of the union of schemas and a line in the table. */
export interface ArrangementKind<A> {
	/** What it is called. */
	readonly word: string;
	/** In the name of a new one: `Reed row`. */
	readonly short: string;
	/** Whether it is made of tape, or of a motif. */
	readonly of: 'motif' | 'tape';
	/** It lies all over a part, or round it, and is laid from the top down; else from the middle outwards. */
	readonly spreads: boolean;
	/** Its items follow each other in no line: they are numbered from left to right. */
	readonly isThrown?: true;
	/** Role that its first coat goes through, where one colour through all of it would show nothing: diamonds that lie against each other. */
	readonly firstRole?: string;
	readonly start: (beginning: StartSetting) => A;
	/** Ids of the motifs that it needs. */
	readonly motifs: (arrangement: A) => readonly string[];
	/** Lays it; remembers from call to call what is dear. */
	readonly createPlanner: () => (arrangement: A, context: ArrangementContext) => ArrangementPlan;
	/** Takes one of the ranked ways, for what shares the choice. */
	readonly take: (arrangement: A, group: string, pick: never) => A;
	/** Puts one item where a hand has dragged it, and with it whatever moves along; centre from the left and the top edge of its part, mm. */
	readonly moveItem: (arrangement: A, item: LaidItem, centre: { readonly x: Mm; readonly y: Mm }) => A;
	readonly leaveOut: (arrangement: A, item: LaidItem) => A;
	/** Whether an item has a place of its own that can be typed; what lies by its count or along an edge has none. */
	readonly isPlaced: boolean;
	/** Puts what a hand has moved back where it belongs, one item or all; null where nothing is moved by itself. */
	readonly release: ((arrangement: A, item?: LaidItem) => A) | null;
	/** Whether hardware that comes over an item is as the painter wants it. */
	readonly meansHardware: (arrangement: A, item: LaidItem) => boolean;
}
