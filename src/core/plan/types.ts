import type { JoinJudgement } from '../colour';
import type { Finding, GapRoom, RoomRemedy, Traits } from '../layers';
import type { Arrangement, Artwork, Bridge, ChoiceGroup, LaidItem, LaysPlan, SheetOffer, Taping, Tip, ZoneAreas } from '../layout';
import type { Quantities, Supplies } from '../materials';
import type { MeasuredFace, UnfoldedPiece } from '../piece';
import type { TimedSitting, WetWorkRow } from '../schedule';
import type { LengthUnit, Minutes, Ml, Mm, Um } from '../units';

import type { ZoneFinding } from './zoneJudgements/types';

export const PLAN_FORMAT = 'ember-ribbon/plan';
export const PLAN_VERSION = 4;

export interface PlanError {
	readonly code: string;
	readonly path: string;
	readonly message: string;
}

/** Everything that is worked out from a project. Lengths mm, areas m2, volumes ml, times minutes. See docs/plan.md. */
export interface Plan {
	readonly format: typeof PLAN_FORMAT;
	readonly version: typeof PLAN_VERSION;
	readonly units: LengthUnit;
	/** What must be put right before the figures can be trusted; empty when all is well. */
	readonly errors: readonly PlanError[];
	/** Worth a look; never a block. */
	readonly hints: readonly PlanError[];
	readonly faces: readonly MeasuredFace[];
	readonly unfolded: UnfoldedPiece;
	readonly zones: readonly ZonePlan[];
	/** What is worth a look about the zones, each with why and what would change it. */
	readonly zoneFindings: readonly ZoneFinding[];
	/** How what has to be kept wet is worked, section by section: coats by themselves, and those that are worked one into the other. */
	readonly wetWork: readonly WetWorkRow[];
	/** What a sheet can do with each motif of the piece. */
	readonly motifs: readonly MotifFigures[];
	readonly arrangements: readonly ArrangementSummary[];
	/** Every motif where it lies. */
	readonly items: readonly ItemRow[];
	/** Of each coat that is worked sheet by sheet: its lays, in rounds, the other ways to work it, and the sheet that would save rounds. */
	readonly lays: readonly (LaysPlan & { readonly coat: string; readonly offer: SheetOffer | null })[];
	readonly order: readonly OrderStep[];
	/** What is tried first on a board. */
	readonly patches: readonly PatchPlan[];
	/** The same, sitting by sitting. */
	readonly sittings: readonly SittingRow[];
	/** What holds the order together. */
	readonly arcs: readonly OrderArc[];
	readonly findings: readonly Finding[];
	readonly gaps: readonly (GapRoom & { readonly remedies: readonly RoomRemedy[] })[];
	readonly quantities: Quantities;
	/** What is bought or made besides: tape, glue, moulds. */
	readonly supplies: Supplies;
	/** What the quantities leave out because it is not measured; null where all is. */
	readonly unmeasured: Unmeasured | null;
}

/** Its areas, with what is left bare, add up to the area of the part. */
export interface ZonePlan extends ZoneAreas {
	/** Neighbours, in the order of the field. */
	readonly joins: readonly ({
		readonly between: readonly [string, string];
		readonly at: Mm;
		readonly length: Mm;
	} & JoinJudgement)[];
}

export interface ArrangementSummary {
	readonly arrangement: string;
	readonly kind: Arrangement['kind'];
	/** Its main one; null where it is made of tape. */
	readonly motif: string | null;
	/** m2 that one motif lets paint through at scale 1; that all of them do as they lie; and what is cut off them. */
	readonly motifArea: number | null;
	readonly openArea: number;
	readonly lost: number;
	/** The ranked ways to lay it, where it has a choice. */
	readonly groups: readonly ChoiceGroup[];
	/** How it is taped, part by part. */
	readonly taping: readonly Taping[];
	/** What a painter sets it out by, part by part, in words. */
	readonly notes: readonly { readonly part: string; readonly text: string }[];
	/** What its sheets must let through at least, and a bridge of them be, mm. */
	readonly limits: { readonly opening: Mm; readonly bridge: Mm; readonly medium: 'paint' | 'paste' };
}

/** At scale 1, mm. */
export interface MotifFigures {
	readonly motif: string;
	readonly artwork: Artwork;
	/** Proposed where it has islands. */
	readonly bridges: readonly Bridge[];
	/** Points that taper to less than paint comes through. */
	readonly tips: readonly Tip[];
	/** Below it an opening clogs with paint, or a bridge tears. */
	readonly leastScale: number;
}

export interface ItemRow extends LaidItem {
	/** The same figures as a tape shows them, in the painter's unit. */
	readonly tape: {
		readonly left: string;
		readonly top: string;
		readonly centreFromLeft: string;
		readonly centreFromTop: string;
		readonly rounded: boolean;
	};
	/** Of this arrangement on its part, from 1: from left to right, row by row, or clockwise; the same on screen and paper. */
	readonly number: number;
	/** Place in the order of placing, of this arrangement on its part, from 1. */
	readonly order: number;
}

/** A coat that is tried first on a board of 10 by 15 cm, with all that lies under it. */
export interface PatchPlan {
	readonly coat: string;
	readonly label: string;
	readonly steps: readonly {
		readonly coat: string;
		readonly label: string;
		readonly times: number;
		/** Waited before it, minutes. */
		readonly wait: Minutes;
		readonly takes: readonly { readonly name: string; readonly ml: Ml }[];
	}[];
	/** From the first coat until it can be judged: so long before the piece it is begun. */
	readonly whole: Minutes;
	/** What is written on its back, a line each. */
	readonly back: readonly string[];
}

export interface OrderStep {
	readonly coat: string;
	readonly at: number;
	readonly kind: string;
	readonly title: string;
	/** What it is called beside the others, no two alike: `Blended coat, Tide bands`. */
	readonly label: string;
	/** Within a sentence: `the base coat (chalk-type paint)`. */
	readonly name: string;
	/** What tells it from others of its kind: `grit 180`; empty where nothing does. */
	readonly detail: string;
	readonly material: string | null;
	/** The arrangement that it goes through; null: none. */
	readonly through: string | null;
	readonly surfaces: readonly string[];
	/** Arrangements under a mask at that time: it does not reach what they lay. */
	readonly masked: readonly string[];
	/** Where a later step takes it off again, down to the bare ground, and which. */
	readonly takenOff: readonly { readonly surface: string; readonly by: string }[];
	/** The coat right before it that it is worked into while that is wet. */
	readonly intoWet: string | null;
	/** The coats that it comes to lie over, bottom up; what was taken off before is not among them. */
	readonly liesOver: readonly string[];
	readonly times: number;
	/** Of its material and its way of working, for the section and the page. */
	readonly traits: Traits;
	/** Waited before it is begun. */
	readonly waitBefore: Minutes;
	/** The step that it waits for, and the rule that asks for it. */
	readonly waitFor: string | null;
	readonly waitRule: string | null;
	/** Work at it, all its passes, and the wait between each two of them. */
	readonly work: Minutes;
	/** Of that, what is done at the bench before anything goes on the piece. */
	readonly bench: Minutes;
	/** Besides: brushes, sponges and pads washed afterwards. */
	readonly washing: Minutes;
	readonly between: Minutes;
	/** Counting waits and work, from the start. */
	readonly beginsAt: Minutes;
	readonly doneAt: Minutes;
	readonly touchDry: Minutes;
	readonly recoat: Minutes;
	readonly film: Um;
	readonly ready: string | null;
	/** What looks like ready, or like a fault, and is neither. */
	readonly misleads: string | null;
	/** In the picture by an effect of its own, plainly by its colour, or not at all. */
	readonly shown: 'own' | 'plain' | 'not';
	readonly cautions: readonly string[];
	readonly how: readonly string[];
}

/** What is begun and finished in one go: of a coat, a pass, and of that a section that stays wet, a round of lays, or what can be taken out. Minutes. */
export interface SittingRow extends Omit<TimedSitting, 'layer'> {
	readonly coat: string;
}

/** What has to pass from the end of one step to the beginning of another, at most to its end, minutes. */
export interface OrderArc {
	readonly before: string;
	readonly after: string;
	readonly rule: string;
	readonly least: Minutes;
	/** Waited for where the painter says nothing. */
	readonly asks: Minutes;
	/** Null: as late as one likes. */
	readonly most: Minutes | null;
}

/** Beside the quantities, which do not count it: faces whose size nobody knows, m2 as large as such faces mostly are, and what they would take. */
export interface Unmeasured {
	readonly faces: readonly { readonly face: string; readonly name: string; readonly area: number }[];
	readonly paints: readonly { readonly colour: string; readonly material: string; readonly area: number; readonly ml: Ml }[];
	readonly products: readonly { readonly material: string; readonly area: number; readonly ml: Ml }[];
}
