import type { Mm } from '../../../units';
import type { Choice, ChoiceGroup } from '../types';
import type { EndsId, Pick as PickedFit } from './schema';

export interface Obstacle {
	readonly from: Mm;
	readonly to: Mm;
	/** Motifs below this scale pass it by, because it stands above or below the row; 0 if it stands in it. */
	readonly fromScale?: number;
}

/** What a run may be. Lengths in mm along the run, from its left end. */
export interface RunWish {
	readonly length: Mm;
	readonly margin: Mm;
	/** Length of the motif along the run at scale 1. */
	readonly motif: Mm;
	readonly scale: { readonly least: number; readonly most: number; readonly wish: number };
	/** Sizes that exist, where scale is not free. */
	readonly sizes?: readonly number[];
	readonly gap: { readonly least: Mm; readonly most: Mm; readonly wish: Mm };
	readonly middle: 'motif' | 'gap' | 'either';
	readonly obstacles: readonly Obstacle[];
	readonly obstacleRule: 'avoid' | 'centre' | 'over';
}

export interface RunPlace {
	readonly centre: Mm;
	readonly from: Mm;
	readonly to: Mm;
	readonly cut: 'none' | 'left' | 'right';
}

/** Motifs of one size at an even pitch: all that the cost needs to know of where they stand. */
export interface Row {
	/** Centre of the first, mm. */
	readonly first: Mm;
	readonly pitch: Mm;
	readonly motifs: number;
	/** Half a motif is left off at both its ends: they are cut at the margins. */
	readonly cut: boolean;
}

/** A kind of ends: how many motifs may stand, what the gap is then, and where each motif comes to lie. */
export interface Ends {
	readonly id: EndsId;
	readonly motifOnCentre: (count: number) => boolean | null;
	readonly countRange: (wish: RunWish) => readonly [least: number, most: number];
	/** The gap (mm) that closes the run at this scale; null where the gap is free. */
	readonly gapThatCloses: (count: number, scale: number, wish: RunWish) => Mm | null;
	/** Scale at which the gap is as said; null where the scale does not decide it. */
	readonly scaleForGap: (count: number, gap: Mm, wish: RunWish) => number | null;
	readonly layRow: (count: number, scale: number, gap: Mm, wish: RunWish) => Row;
	readonly leftOver: (count: number, scale: number, gap: Mm, wish: RunWish) => Mm;
}

/** Which constraint decided a fit. */
export type Decider =
	'scale-wish' | 'scale-least' | 'scale-most' | 'size' | 'gap-wish' | 'gap-least' | 'gap-most' | 'clears' | 'centres' | 'balance' | 'alone';

export interface RunFit {
	readonly ends: EndsId;
	readonly count: number;
	readonly scale: number;
	readonly gap: Mm;
	readonly by: Decider;
	readonly cost: number;
	/** The parts of the cost, by what they answer for. */
	readonly terms: { readonly scale: number; readonly gap: number; readonly obstacles: number; readonly leftOver: number };
	/** Motifs that touch an obstacle, or obstacles on which no motif is centred. */
	readonly hits: number;
	readonly leftOver: Mm;
	readonly spots: readonly RunPlace[];
}

export const MOST_MOTIFS = 400;
/** Two edges nearer than this touch, mm. */
export const TOUCH: Mm = 1e-6;

/** One fit of a run on each front that shares its choice. */
export interface FittedChoice {
	/** Names this choice, so that it can be picked and found again. */
	readonly pick: PickedFit;
	/** Sum over the fronts. */
	readonly cost: number;
	readonly terms: RunFit['terms'];
	readonly by: Decider;
	readonly fits: readonly { readonly part: string; readonly fit: RunFit }[];
}
export type RunChoice = FittedChoice & Choice<PickedFit>;
export type RunGroup = ChoiceGroup<RunChoice>;

/** Scales of fronts that differ by no more than this share from their heights look as if they did not. */
export const IN_PROPORTION = 0.02;
