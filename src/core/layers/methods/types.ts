import type { Mm } from '../../units';
import type { BlendMethodId, BrushSchool } from './schema';

/** How a method shows in the picture: where it carries a colour off its place. */
export interface Handwriting {
	/** Which way its strokes run. */
	readonly strokes: 'level' | 'upright' | 'crossed' | 'none';
	/** How far strokes and patches carry a colour, as shares of the width of its join. */
	readonly stroke: number;
	readonly patch: number;
	/** How large patches are, mm. */
	readonly size: Mm;
	/** How far both carry it away from joins, as a share of the width of its band. */
	readonly everywhere: number;
}

/** A school of blending: how it is done, what it is done with, and what that changes. */
export interface BlendMethod {
	readonly id: BlendMethodId;
	readonly name: string;
	readonly says: string;
	readonly hand: Handwriting;
	/** Has to be finished while it is wet: what is painted at once hangs on the open time. */
	readonly wet: boolean;
	/** What else is laid under the colours, all over what they cover: a coat of it for each pass. */
	readonly slip?: string;
	/** Water keeps paint open that it wakes: not what lies in a slip of glaze. */
	readonly misted: boolean;
	/** Draws one colour through another that is half dry: that is how it is meant. */
	readonly drags: boolean;
	/** Is let run, and dabbed soft when it has half set. */
	readonly runs?: boolean;
	/** Takes the top back to show what lies under it: nothing under it is lost. */
	readonly wears: boolean;
	/** Film and paint of one pass, as a share of a plain coat. */
	readonly film: number;
	/** Minutes that a pass rests at least before the next, whatever the label says. */
	readonly rest: number;
	readonly water: string;
	/** What to lay out for so many colours. */
	readonly tools: (colours: number, brushes: BrushSchool) => readonly { readonly tool: string; readonly count: number }[];
	readonly steps: readonly string[];
	/** How one colour alone is worked: there is no other for it to be laid beside, or drawn into. */
	readonly alone: readonly string[];
	/** What the first pass is for, and the later ones. */
	readonly passes: readonly [first: string, later: string];
	/** What to wipe while it is wet. */
	readonly wipe: string;
}
