import type { Ml } from '../units';
import type { LaidItem } from './arrangements/types';
import { gatherWholes } from './arrangements/gatherWholes';
import { itemsOfRole } from './arrangements/openings';
import { measureMotif } from './measureMotif';
import type { Motif } from './motif';
import { clayFor, volumeOfMould, weightOfCast } from './mould';

/** What is cast of one motif: how many, the clay for all of them, and what one weighs when it is hard, g; null where nobody knows how heavy its material is, or it has no mould. */
export interface CastsOfMotif {
	readonly motif: Motif;
	readonly count: number;
	readonly clay: Ml;
	readonly grams: number | null;
}

export interface Casts<I extends LaidItem = LaidItem> {
	/** One after the other, each with its pieces: a cast that lies on two drawers is one. */
	readonly casts: readonly (readonly I[])[];
	readonly motifs: readonly CastsOfMotif[];
}

/** The casts that go where an arrangement lays them, or one role of it. Of its material: g a ml when hard, and whether it comes as a piece, of no clay. Source: methods 8. */
export function listCasts<I extends LaidItem>(
	laid: readonly I[],
	motifs: readonly Motif[],
	{ through, role }: { readonly through?: string; readonly role?: string },
	{ density, piece = false }: { readonly density?: number | undefined; readonly piece?: boolean | undefined } = {}
): Casts<I> {
	const casts = gatherWholes(itemsOfRole(laid, role).filter(({ arrangement }) => arrangement === through));
	const cast = motifs.flatMap((motif): CastsOfMotif[] => {
		const count = casts.filter(([item]) => item!.motif === motif.id).length;
		if (count === 0) return [];
		const { openArea } = measureMotif(motif);
		const grams = motif.mould && density !== undefined ? weightOfCast(motif, openArea, density, piece) : null;
		return [{ motif, count, clay: piece ? 0 : clayFor(count * volumeOfMould(motif, openArea)), grams }];
	});
	return { casts, motifs: cast };
}
