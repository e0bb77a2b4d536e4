import type { Pigment } from '../colour';
import type { Ring } from '../geometry';
import type { BlendMethod } from '../layers';
import type { LaidField, Zone } from '../layout';
import type { Box, GroundId, HardwareKind } from '../piece';
import type { Mm, Um } from '../units';

/** One picture to be made: plain data, so that it can be sent to a worker. Lengths in mm from the top left of the face. */
export interface Scene {
	readonly width: Mm;
	readonly height: Mm;
	/** What is outside is clear. Null: the whole box. */
	readonly outline: Ring | null;
	/** Surfaces of their own, those that lie on others after them; all that is none, nor a gap, is the frame. At most `MOST_FRONTS`. */
	readonly fronts: readonly SceneFront[];
	/** Gaps, and openings with nothing in them. */
	readonly gaps: readonly Box[];
	readonly ground: GroundId;
	/** Of surfaces that are of something else, by their value on the map. */
	readonly grounds: Readonly<Record<number, GroundId>>;
	readonly grain: 'level' | 'upright';
	readonly seed: number;
	readonly hardware: readonly SceneHardware[];
	/** Bottom up. */
	readonly layers: readonly SceneLayer[];
}

/** What stands on the face or is let into it, in its box. */
export interface SceneHardware extends Box {
	readonly kind: HardwareKind;
	readonly round: boolean;
	readonly holes: readonly { readonly x: Mm; readonly y: Mm; readonly diameter: Mm }[];
}

export interface SceneFront extends Box {
	readonly id: string;
	/** In its own box, mm; null: the whole box. */
	readonly ring: Ring | null;
	/** How far it stands before the face, mm. */
	readonly setOff: Mm;
}

/** What a pattern lies on: a box, where it lies in the region of the field, and the surfaces that it colours. */
export interface SceneRegion {
	readonly box: Box;
	readonly laid: LaidField;
	readonly surfaces: readonly number[];
}

/** What a pixel of the map of surfaces stands for; fronts follow from `FIRST_FRONT`. */
export const GAP = 0;
export const FRAME = 1;
export const FIRST_FRONT = 2;
export const OUTSIDE = 255;
export const MOST_FRONTS = OUTSIDE - FIRST_FRONT;

interface Paint {
	readonly hex: string;
	/** Share of the ground that is hidden. */
	readonly cover: number;
	readonly sheen: number;
	readonly film: Um;
}

/** Openings of motifs that a layer goes through; it stays clear of all else. */
export interface Through {
	readonly spots: readonly PaintedMotif[];
	readonly edge: 'crisp' | 'soft';
}

export type SceneLayer = LaidLayer & {
	/** What masks keep it off. */
	readonly except?: Through;
	/** Coats under it of which it shows what was there before them. */
	readonly shows?: readonly string[];
	/** It works in the coat that is laid over it next (a crackle). */
	readonly isActive?: true;
	/** The coat under it that works in it. */
	readonly over?: string;
};

type LaidLayer =
	/** Nothing to be seen but, where it has to do with hardware, that. */
	| { readonly kind: 'none'; readonly coat: string; readonly hardware?: 'on' | 'off' }
	/** Down to the ground: what it is made of under an old finish. */
	| ({ readonly kind: 'bare'; readonly coat: string; readonly surfaces: readonly number[] } & Pick<Scene, 'ground' | 'grounds'>)
	| ({ readonly kind: 'paint'; readonly coat: string; readonly surfaces: readonly number[] } & Paint)
	| ({
			readonly kind: 'relief';
			readonly coat: string;
			readonly spots: readonly PaintedMotif[];
			readonly shoulder: 'rounded' | 'sharp';
	  } & Paint)
	| ({
			readonly kind: 'blend';
			readonly coat: string;
			readonly regions: readonly SceneRegion[];
			readonly zone: Zone;
			readonly colours: readonly (Pick<Pigment, 'paint' | 'strength'> & Pick<Paint, 'cover'>)[];
			readonly hand: BlendMethod['hand'];
			readonly through?: Through;
	  } & Omit<Paint, 'hex' | 'cover'>)
	| ({
			readonly kind: 'stencil';
			readonly coat: string;
			readonly edge: 'crisp' | 'soft';
			readonly spots: readonly PaintedMotif[];
			/** Height that stands up along its edges. */
			readonly ridge?: Um;
			/** Where of each motif it is laid, and its colour at the heart. */
			readonly reach?: 'all' | 'tips' | 'heart';
			readonly heart?: { readonly hex: string; readonly cover: number };
			/** Catches here and there. */
			readonly dry?: boolean;
	  } & Paint)
	| {
			readonly kind: 'clear';
			readonly coat: string;
			readonly surfaces: readonly number[];
			readonly sheen: number;
			readonly tint: Paint | null;
			readonly through?: Through;
	  }
	| ({ readonly kind: 'glaze'; readonly coat: string; readonly surfaces: readonly number[]; readonly through?: Through } & Paint)
	| ({
			readonly kind: 'gild';
			readonly coat: string;
			readonly surfaces: readonly number[];
			readonly catches: 'edges' | 'heights' | 'all';
			readonly through?: Through;
	  } & Paint);

/** One motif as it is painted. */
export interface PaintedMotif {
	/** Its openings on the face, mm, after cutting. */
	readonly rings: readonly Ring[];
	/** The part it lies on: paint ends at its edge. */
	readonly clip: Box;
	/** The heart of the motif, and how far its tips are from it, mm; for prints that are shaded. */
	readonly heart?: { readonly x: Mm; readonly y: Mm; readonly reach: Mm };
}
