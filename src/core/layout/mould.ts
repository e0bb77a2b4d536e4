import type { Ml } from '../units';
import type { Motif } from './motif';

/** Scale of a dry cast to its mould: 1 where nothing shrinks, or it is not cast. Source: methods 8. */
export function dryOf({ mould }: Pick<Motif, 'mould'>): number {
	return 1 - (mould?.shrinkage ?? 0);
}

/** More clay than the moulds hold: what is shaved off and lost. Source: methods 8. */
const SPARE = 1.1;

/** Clay for casts whose moulds hold so much together, ml. Source: methods 8. */
export function clayFor(moulded: Ml): Ml {
	return moulded * SPARE;
}

/** Of its full height over its outline, what a relief mostly holds. */
const FULL = 0.6;
const MM3_PER_ML = 1000;

/** What a mould holds, ml: as it was measured, or by its outline (mm2) and height. */
export function volumeOfMould({ mould }: Pick<Motif, 'mould'>, openArea: number): Ml {
	return mould ? (mould.volume ?? (openArea * mould.height * FULL) / MM3_PER_ML) : 0;
}

/** What one cast weighs when it is hard, g: what its mould holds, less what it loses as it dries in each of its three directions. */
export function weightOfCast(motif: Pick<Motif, 'mould'>, openArea: number, density: number, isPiece = false): number {
	return volumeOfMould(motif, openArea) * (isPiece ? 1 : dryOf(motif)) ** 3 * density;
}
