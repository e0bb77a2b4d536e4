import type { Mm } from '../../units';
import type { FilmCoat } from '../schema';

type Blend = Extract<FilmCoat, { kind: 'blend' }>;

/** How a method shows in the picture: where it carries a colour off its place. */
export interface Hand {
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

/** A school of blending: how it is done, and what it is done with. */
export interface BlendMethod {
	readonly id: Blend['method'];
	readonly name: string;
	readonly says: string;
	readonly hand: Hand;
	/** What to lay out for so many colours. */
	readonly tools: (colours: number, brushes: Blend['brushes']) => readonly { readonly tool: string; readonly count: number }[];
	readonly steps: readonly string[];
}
