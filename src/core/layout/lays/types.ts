import type { Ring } from '../../geometry';
import type { Mm } from '../../units';

/** How a repeat is worked: each lay over the last one, dry, from one end or from the middle; or every place by its own marks. */
export const LAY_MODES = ['chain', 'middle', 'marks'] as const;
export type LayMode = (typeof LAY_MODES)[number];

export interface LaysWish {
	/** `fewest`: the one with the fewest waits here. */
	readonly mode: LayMode | 'fewest';
	/** A sheet of several repeats is cut up into its motifs, each with a border of its own. */
	readonly cut: boolean;
	/** What it leaves is dry as soon as it is lifted, as a dabbed print is: all of it is one round. */
	readonly isDry?: boolean;
}

export interface LaysSetting {
	readonly hand: 'left' | 'right';
	/** A face that stands is worked from the top down; one that lies flat from its middle outwards, from all sides; drawers and doors taken out and laid flat (`apart`) each by itself. */
	readonly lies: 'upright' | 'flat' | 'apart';
}

/** A sheet as it is laid once. mm, from the left and the top edge of its part; degrees clockwise. */
export interface Lay {
	readonly part: string;
	readonly face: string;
	/** Keys of the items that are filled through it. */
	readonly items: readonly string[];
	/** Its corners with its border, as they lie on the part, clockwise from the one at the top left of the design. */
	readonly sheet: Ring;
	/** Corners of its design, clockwise from the one at the top left of it. */
	readonly design: Ring;
	/** In a chain the column of the sheet that lies over what is there already, and dry, and the keys of that; else none. */
	readonly dry: { readonly column: 'first' | 'last'; readonly keys: readonly string[] };
	/** The register mark at the top left corner of the design, and how the sheet is turned. */
	readonly mark: { readonly left: Mm; readonly top: Mm };
	readonly turn: number;
	/** Places of the sheet that stay masked. */
	readonly masked: number;
	/** From 1. */
	readonly round: number;
	/** In the order of laying, over all rounds, from 1. */
	readonly number: number;
}

/** One way to work it. */
export interface LaysChoice {
	readonly mode: LayMode;
	readonly lays: number;
	readonly rounds: number;
	/** No fewer rounds would do, as far as is known: equal to `rounds` where that is proved. */
	readonly least: number;
	readonly waits: number;
}

/** A sheet cut with more repeats on it than there are now, and what the work would take with it. */
export interface SheetOffer {
	readonly motif: string;
	readonly across: number;
	readonly down: number;
	/** With its border, mm. */
	readonly width: Mm;
	readonly height: Mm;
	readonly lays: number;
	readonly rounds: number;
}

export interface LaysPlan {
	readonly mode: LayMode;
	readonly lays: readonly Lay[];
	/** All that can be worked here, the fewest waits first. */
	readonly choices: readonly LaysChoice[];
}
