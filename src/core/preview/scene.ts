import type { Ring } from '../geometry';
import type { Zone } from '../layout';
import type { Box } from '../piece';
import type { Mm, Um } from '../units';

/** One picture to be made: plain data, so that it can be sent to a worker. Lengths in mm from the top left of the face. */
export interface Scene {
	readonly width: Mm;
	readonly height: Mm;
	/** Moving surfaces; all that is not one, nor a gap, is the frame. */
	readonly fronts: readonly (Box & { readonly id: string })[];
	readonly gaps: readonly Box[];
	readonly ground: string;
	readonly seed: number;
	/** Bottom up. */
	readonly layers: readonly SceneLayer[];
}

interface Paint {
	readonly hex: string;
	/** Share of the ground that is hidden. */
	readonly cover: number;
	readonly sheen: number;
	readonly film: Um;
}

export type SceneLayer =
	| { readonly kind: 'none'; readonly coat: string }
	| ({ readonly kind: 'paint'; readonly coat: string; readonly boxes: readonly Box[]; readonly frame: boolean } & Paint)
	| ({
			readonly kind: 'blend';
			readonly coat: string;
			readonly boxes: readonly Box[];
			readonly zone: Zone;
			readonly hexes: readonly string[];
			readonly method: string;
	  } & Omit<Paint, 'hex'>)
	| ({
			readonly kind: 'stencil';
			readonly coat: string;
			readonly edge: 'crisp' | 'soft';
			readonly rings: readonly Ring[];
			readonly spots: readonly Spot[];
	  } & Paint)
	| {
			readonly kind: 'clear';
			readonly coat: string;
			readonly boxes: readonly Box[];
			readonly frame: boolean;
			readonly sheen: number;
			readonly tint: Paint | null;
	  };

export interface Spot {
	/** Top left of the uncut motif. */
	readonly x: Mm;
	readonly y: Mm;
	readonly width: Mm;
	readonly height: Mm;
	readonly scale: number;
	readonly cut: 'none' | 'left' | 'right';
	/** The front it lies on: paint ends at its edge. */
	readonly clip: Box;
}
