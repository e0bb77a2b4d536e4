import type { Mm } from '../units';
import { kindOfArrangement } from './arrangements';
import type { Layout } from './schema';

/** How high what an arrangement lays stands by its moulds, mm; null where it has none. */
export function heightThrough({ arrangements, motifs }: Pick<Layout, 'arrangements' | 'motifs'>, id: string | undefined): Mm | null {
	const arrangement = arrangements.find((one) => one.id === id);
	const ids = arrangement ? kindOfArrangement(arrangement).motifs(arrangement) : [];
	const heights = motifs.flatMap((motif) => (ids.includes(motif.id) && motif.mould ? [motif.mould.height] : []));
	return heights.length > 0 ? Math.max(...heights) : null;
}
