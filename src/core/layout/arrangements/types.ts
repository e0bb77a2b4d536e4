import type { Ring } from '../../geometry';
import type { MeasuredPiece } from '../../piece';
import type { Issue, Mm, Mm2 } from '../../units';
import type { MotifShape } from '../measureMotif';
import type { Motif } from '../motif';
import type { RunGroup } from './run/types';

export type Side = 'left' | 'top' | 'right' | 'bottom' | 'outline' | 'opening';

/** One motif where it lies on its part. Worked out once: the look, quantities, sheets and the page read it. Lengths in mm from the left and the top edge of the part. */
export interface LaidItem {
	/** Stays when neighbours come and go: its part, and its place from the middle. */
	readonly key: string;
	readonly arrangement: string;
	readonly part: string;
	readonly place: string;
	/** From the left (or in the order of laying), from 0: changes with the count. */
	readonly index: number;
	readonly motif: string;
	/** What of the arrangement it is; the coat maps roles to colours. */
	readonly role: 'motif';
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
	/** Its openings as they are painted, after cutting. */
	readonly rings: readonly Ring[];
	/** What takes something off it. */
	readonly cutBy: readonly Side[];
	/** Half of it is left off at this end of a row. */
	readonly half: 'none' | 'left' | 'right';
	/** Of its openings, after cutting. */
	readonly openArea: Mm2;
	/** What was cut off. */
	readonly lost: Mm2;
	readonly byHand: boolean;
	/** Knobs or pulls that it touches, by their place on the part. */
	readonly touches: readonly number[];
}

export interface ArrangementPlan {
	readonly arrangement: string;
	/** The ranked ways to lay it, where it has a choice. */
	readonly groups: readonly RunGroup[];
	readonly items: readonly LaidItem[];
	readonly issues: readonly Issue[];
	/** Never a block. */
	readonly hints: readonly Issue[];
}

export interface ArrangementContext {
	readonly motif: Motif;
	readonly shape: MotifShape;
	readonly piece: Pick<MeasuredPiece, 'faces'>;
	/** Where the arrangement stands in the project: `layout.arrangements[0]`. */
	readonly path: string;
}

/** A way to lay a motif on a piece. A new one is a file, a member of the union of schemas and a line in the table. */
export interface ArrangementKind<A> {
	/** What it is called. */
	readonly word: string;
	readonly start: (id: string, name: string, motif: Motif, parts: string | readonly string[]) => A;
	/** Lays it; remembers from call to call what is dear. */
	readonly createPlanner: () => (arrangement: A, context: ArrangementContext) => ArrangementPlan;
	/** Puts one item where a hand has dragged it, and with it whatever moves along; centre from the left and the top edge of its part, mm. */
	readonly moveItem: (arrangement: A, item: LaidItem, centre: { readonly x: Mm; readonly y: Mm }) => A;
	readonly leaveOut: (arrangement: A, item: LaidItem) => A;
}
