import type { ArrangementContext, MotifInUse } from './types';

/** The motif of an arrangement. It is there: what names an unknown one is not laid. */
export function motifIn({ motifs }: Pick<ArrangementContext, 'motifs'>, id: string): MotifInUse {
	const found = motifs.get(id);
	if (!found) throw new Error(`motifIn expected one of ${[...motifs.keys()].join(', ')}, got ${id}: leave the arrangement out`);
	return found;
}
