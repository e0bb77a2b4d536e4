import type { JoinJudgement } from '../colour';
import type { Coat, Finding, GapRoom, RoomRemedy } from '../layers';
import type { Arrangement, LaidItem, RunGroup } from '../layout';
import type { MeasuredFace, UnfoldedPiece } from '../piece';
import type { Section } from '../schedule';
import type { LengthUnit, Minutes, Ml, Mm, Um } from '../units';

import type { ZoneFinding } from './zoneJudgements/types';

export const PLAN_FORMAT = 'ember-ribbon/plan';
export const PLAN_VERSION = 2;

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
	/** How each blended coat is worked, section by section. */
	readonly blends: readonly BlendWork[];
	readonly arrangements: readonly ArrangementSummary[];
	/** Every motif where it lies. */
	readonly items: readonly ItemRow[];
	readonly order: readonly OrderStep[];
	readonly findings: readonly Finding[];
	readonly gaps: readonly (GapRoom & { readonly remedies: readonly RoomRemedy[] })[];
	readonly quantities: Quantities;
	/** What the quantities leave out because it is not measured; null where all is. */
	readonly unmeasured: Unmeasured | null;
}

export interface ZonePlan {
	readonly zone: string;
	readonly part: string;
	/** m2, in the order of the field; with what is left bare they add up to the area of the part. */
	readonly areas: readonly { readonly colour: string; readonly area: number }[];
	/** Neighbours, in the order of the field. */
	readonly joins: readonly ({
		readonly between: readonly [string, string];
		readonly at: Mm;
		readonly length: Mm;
	} & JoinJudgement)[];
}

export interface BlendWork {
	readonly coat: string;
	readonly zone: string;
	readonly passes: number;
	/** Minutes that the paint can be worked, with its extender, in this workshop; null: it need not be kept wet. */
	readonly open: Minutes | null;
	/** m2 that one section can hold; null: any. */
	readonly holds: number | null;
	/** m2 a minute. */
	readonly rate: number;
	/** Of one pass. */
	readonly minutes: Minutes;
	/** In the order in which they are done; ml of one pass, of all colours together. */
	readonly sections: readonly (Section & { readonly ml: Ml })[];
	readonly tooLarge: readonly {
		readonly part: string;
		readonly minutes: Minutes;
		/** Minutes of open time that it would need more. */
		readonly short: Minutes;
		readonly remedies: readonly { readonly says: string; readonly coat: Coat }[];
	}[];
}

export interface ArrangementSummary {
	readonly arrangement: string;
	readonly kind: Arrangement['kind'];
	readonly motif: string;
	/** m2 that one motif lets paint through at scale 1; that all of them do as they lie; and what is cut off them. */
	readonly motifArea: number;
	readonly openArea: number;
	readonly lost: number;
	/** The ranked ways to lay it, where it has a choice. */
	readonly groups: readonly RunGroup[];
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
	/** Place in the order of placing, of this arrangement on its part, from 1. */
	readonly order: number;
}

export interface OrderStep {
	readonly coat: string;
	readonly at: number;
	readonly kind: string;
	readonly title: string;
	readonly material: string | null;
	readonly surfaces: readonly string[];
	readonly times: number;
	/** Waited before it is begun. */
	readonly waitBefore: Minutes;
	/** The step that it waits for. */
	readonly waitFor: string | null;
	/** Counting waits only, from the start. */
	readonly beginsAt: Minutes;
	readonly doneAt: Minutes;
	readonly touchDry: Minutes;
	readonly recoat: Minutes;
	readonly film: Um;
	readonly ready: string | null;
	readonly cautions: readonly string[];
	readonly how: readonly string[];
}

export interface Quantities {
	/** One row for each colour in each paint. */
	readonly paints: readonly {
		readonly colour: string;
		readonly material: string;
		readonly area: number;
		readonly ml: Ml;
		readonly uses: readonly { readonly coat: string; readonly area: number; readonly ml: Ml }[];
	}[];
	/** What has to be there of every colour that is not mixed, with its share of all mixes, ml; and jars to buy, where it is known what a jar holds. */
	readonly jars: readonly {
		readonly colour: string;
		readonly ml: Ml;
		readonly left: Ml | null;
		readonly size: Ml | null;
		readonly toBuy: number | null;
	}[];
	/** One row for each other material. */
	readonly products: readonly { readonly material: string; readonly area: number; readonly ml: Ml }[];
	readonly tools: readonly { readonly coat: string; readonly tool: string; readonly count: number }[];
	/** m2 of each surface. */
	readonly surfaces: readonly { readonly surface: string; readonly area: number }[];
}

/** Beside the quantities, which do not count it: faces whose size nobody knows, m2 as large as such faces mostly are, and what they would take. */
export interface Unmeasured {
	readonly faces: readonly { readonly face: string; readonly name: string; readonly area: number }[];
	readonly paints: readonly { readonly colour: string; readonly material: string; readonly area: number; readonly ml: Ml }[];
	readonly products: readonly { readonly material: string; readonly area: number; readonly ml: Ml }[];
}
