import type { FilmCoat } from '../schema';

type Blend = Extract<FilmCoat, { kind: 'blend' }>;

/** A school of blending: how it is done, and what it is done with. */
export interface BlendMethod {
	readonly id: Blend['method'];
	readonly name: string;
	readonly says: string;
	/** How it shows in a join, as a share of the width of the join: along the stroke, and in patches. */
	readonly hand: { readonly stroke: number; readonly patch: number };
	/** What to lay out for so many colours. */
	readonly tools: (colours: number, brushes: Blend['brushes']) => readonly { readonly tool: string; readonly count: number }[];
	readonly steps: readonly string[];
}
