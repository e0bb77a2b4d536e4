import type { LengthUnit } from '../../units';
import type { Piece } from '../schema';

/** A piece of furniture to begin from: drawn from few readings, then free to change. */
export interface Starter {
	readonly id: string;
	readonly name: string;
	/** What it is like, for the one who chooses. */
	readonly about: string;
	/** How many drawers (or doors) may be asked for; null where it has none. */
	readonly count: { readonly of: 'drawers' | 'doors'; readonly least: number; readonly most: number; readonly start: number } | null;
	readonly build: (unit: LengthUnit, count: number) => Pick<Piece, 'faces' | 'seams'>;
}
