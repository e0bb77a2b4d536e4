import type { Colour } from '../../colour';
import type { Arrangement, LaysSetting, LaysWish, Zone } from '../../layout';
import type { Minutes, Ml, Mm, Um } from '../../units';
import type { Material, MaterialKind } from '../material';
import type { Schools } from '../schools';
import type { Handwriting } from '../methods/types';
import type { Rates } from '../rates';
import type { Traits } from '../traits';
import type { Places } from '../../layout';
import type { ColourSource } from './fields';

/** Where in the work a step belongs, for one that is added without a place. */
export const PHASES = ['prepare', 'prime', 'base', 'blend', 'print', 'tone', 'protect', 'finish'] as const;
export type Phase = (typeof PHASES)[number];

/** How the piece has to stand for a sitting: what moves taken out, or the face on its back. */
export type Need = 'drawers-out' | 'face-up';

/** Where a coat goes: on what all of these have in common. */
export interface Where {
	readonly on?: Places;
	/** Of an arrangement: only where its motifs are open. */
	readonly through?: string;
	/** Of what it goes through only that: `corner`, `stripe-2`. */
	readonly role?: string;
	/** Of a zone: on the parts that it colours. */
	readonly zone?: string;
	/** Only on surfaces that have hardware, or old holes to fill. */
	readonly only?: 'hardware' | 'holes';
	/** Where another coat goes. */
	readonly like?: string;
}

/** How much there is where a coat goes. */
export interface Site {
	/** Of its surfaces, m2. */
	readonly area: number;
	/** Length of their edges, m. */
	readonly edge: number;
	/** What share of the work falls on each of them; none where there is nothing to do. */
	readonly on: ReadonlyMap<string, number>;
	/** Of the colours of its zone where it goes, m2. */
	readonly shares: readonly { readonly colour: string; readonly area: number }[];
	/** How many colours that zone has; 0 where there is none. */
	readonly colours: number;
	/** What motifs let through, m2, and how many there are; the length of their outlines, m, and the share of their area at their tips. Null where it goes through none. */
	readonly open: { readonly area: number; readonly motifs: number; readonly edge: number; readonly tips: number } | null;
	/** How often a sheet is laid, and in how many rounds; null where it goes through none, or is not worked in lays. */
	readonly lays: { readonly count: number; readonly rounds: number } | null;
	/** What the moulds of all its casts hold, and how many of them cross a gap. */
	readonly moulded: Ml;
	readonly crossing: number;
	/** Pieces of hardware. */
	readonly hardware: number;
	/** Of old holes to be filled. */
	readonly holes: Ml;
}

/** What a coat takes of one colour, or of its material alone. */
export interface Take {
	readonly colour: string | null;
	/** Another than the coat's own: a normal coat of it for each pass. */
	readonly material?: string;
	/** m2. */
	readonly area: number;
	/** Of what is laid, where it is a mix. */
	readonly share?: number;
	/** Where it does not follow from the area. */
	readonly ml?: Ml;
}

/** So many sheets of a size, mm. */
export interface SheetsTaken {
	readonly count: number;
	readonly width: Mm;
	readonly height: Mm;
}

export interface Tool {
	readonly tool: string;
	readonly count: number;
}

/** How a coat shows: the effect of the picture, and what only the coat knows of it. */
export type Look =
	| { readonly effect: 'none' }
	| { readonly effect: 'bare' }
	| { readonly effect: 'fill' }
	| { readonly effect: 'paint' }
	| { readonly effect: 'blend'; readonly hand: Handwriting }
	/** `ridge`: a little paint stands up along the tape. `shade`: the share of the film at the tips and at the heart; `heart`: the colour there. */
	| {
			readonly effect: 'stencil';
			readonly edge: 'crisp' | 'soft';
			readonly ridge?: boolean;
			readonly reach?: 'all' | 'tips' | 'heart';
			readonly heart?: string;
			readonly dry?: boolean;
	  }
	/** In its colour, cover and sheen, until an effect of its own is drawn: `share` of its place is covered by it. */
	| { readonly effect: 'plain'; readonly share: number }
	/** It stands up: with rounded shoulders as paste does, or sharp ones as wood and resin. */
	| { readonly effect: 'relief'; readonly shoulder: 'rounded' | 'sharp' }
	/** Worn through on what stands up: what was raised shows in its own colour again. */
	| { readonly effect: 'expose' }
	| { readonly effect: 'clear' }
	/** `strength`: share of paint in what is laid. */
	| { readonly effect: 'glaze'; readonly strength: number }
	| { readonly effect: 'gild'; readonly catches: 'edges' | 'heights' | 'all' };

export interface CoatSetting {
	readonly material: Material | null;
	/** The zone that it goes on, or whose colours it takes; null: none, or an unknown one. */
	readonly zone: Zone | null;
	readonly colourOf: (id: string) => Pick<Colour, 'opacity'> | undefined;
}

export interface StartContext {
	/** Of the palette, at least one. */
	readonly colours: readonly string[];
	readonly zones: readonly { readonly id: string; readonly name: string }[];
	readonly arrangements: readonly { readonly id: string; readonly name: string; readonly kind: Arrangement['kind'] }[];
	/** Masks that are on the piece. */
	readonly masks: readonly string[];
	/** Material of the paint that the piece has already. */
	readonly paint: string;
	/** What this workshop does where painters disagree, and how many work in it. */
	readonly schools?: Schools | undefined;
	readonly hands?: number | undefined;
	readonly hasHoles: boolean;
	/** Of the palette, the one that is most like a metal; none where none is. */
	readonly metal?: string | undefined;
	/** Paints that are on the piece, each with its colour. */
	readonly painted?: readonly PaintedCoat[];
}

/** What the steps of a coat hang on besides it. */
export interface StepSetting {
	/** Something on the piece is taken out to be painted. */
	readonly moves: boolean;
	/** Of its zone; two where it is not said. */
	readonly colours?: number | undefined;
	/** A small length as the painter measures. */
	readonly write: (mm: Mm) => string;
	/** What it is done with, and how long that takes here until it may be touched. */
	readonly material?: Material | null;
	readonly touchDry?: Minutes;
	/** The next coat is worked into it while it is wet. */
	readonly staysWet?: boolean;
}

/** A coat of one colour that is on the piece. */
export interface PaintedCoat {
	/** Its id. */
	readonly coat: string;
	readonly name: string;
	readonly colour: string;
	readonly material: string;
}

/** A way to begin a coat; its id is made free when it is put in. */
export interface Start<C> {
	readonly text: string;
	readonly coat: C;
}

/** A kind of coat: a file here, a member of the union of schemas and a line in the table. */
export interface CoatKind<C> {
	/** What the step is called: `Base coat`. */
	readonly word: string;
	readonly phase: Phase;
	/** Which materials serve it; none where it takes none. */
	readonly materials: readonly MaterialKind[];
	readonly starts: (context: StartContext) => readonly Start<C>[];
	readonly where: (coat: C) => Where;
	readonly colour: (coat: C) => ColourSource | null;
	/** How many normal coats' worth of material it lays: of film, paint and cover alike. */
	readonly amount: (coat: C) => number;
	/** Where its film does not follow from its material: by the height of the moulds of what it goes through. */
	readonly film?: (coat: C, height: Mm | null) => Um;
	readonly traits: (coat: C, setting: CoatSetting) => Partial<Traits>;
	readonly takes: (coat: C, site: Site, material: Material | null) => readonly Take[];
	/** What it takes by the sheet: leaf, a transfer, printed paper; mm. */
	readonly sheets?: (coat: C, site: Site) => SheetsTaken;
	/** Work at it, all its passes. */
	readonly work: (coat: C, site: Site, rates: Rates, material?: Material | null) => Minutes;
	/** Of its work, what is done at the bench before anything goes on the piece. */
	readonly bench: (coat: C, site: Site, rates: Rates, material?: Material | null) => Minutes;
	/** How often it is gone over, and what it rests in between at least. */
	readonly passes: (coat: C, site: Pick<Site, 'lays'>) => { readonly count: number; readonly rest: Minutes };
	/** Worked sheet by sheet, so that none is laid on what is wet; null: it is not. */
	readonly lays: (coat: C) => (LaysWish & Pick<LaysSetting, 'lies'>) | null;
	/** Worked section by section, at so many m2 a minute, by all hands; wet: each within its open time; misted: water gives paint that it wakes more of that. Null: it is not. */
	readonly sections: (coat: C, rates: Rates) => { readonly rate: number; readonly wet: boolean; readonly misted: boolean } | null;
	/** It may be worked into a coat of such a kind that is still wet, or have one worked into it. */
	readonly worksWet: boolean;
	/** How many work on it at once, and how the piece has to stand for it. */
	readonly hands: (coat: C) => number;
	readonly needs: (coat: C) => readonly Need[];
	/** For so many colours; cloths by the area that is wiped, m2. */
	readonly tools: (coat: C, colours: number, material?: Material | null, wiped?: number) => readonly Tool[];
	/** How it is done, where that is more than laying it. */
	readonly steps: (coat: C, setting: StepSetting) => readonly string[];
	readonly cautions: readonly string[];
	readonly look: (coat: C) => Look;
	/** What tells it from others of its kind, in two words: `grit 180`. */
	readonly detail: (coat: C, material: Material | null) => string;
}
