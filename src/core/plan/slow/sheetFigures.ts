import { findTips, leastScale, PAINT_LIMITS, proposeBridges, readArtwork, type Motif, type MotifInUse } from '../../layout';
import type { MotifFigures } from '../types';
import type { SlowQuestion } from './types';

/** What a sheet can do with a motif: some 50 ms for a thousand points. One of which only the sheet is told otherwise is the same drawing. Source: methods 6. */
export const sheetFigures: SlowQuestion<MotifInUse, Omit<MotifFigures, 'motif'>> = {
	name: 'sheetFigures',
	hangsOn: ({ motif: { paths, width, height } }: { readonly motif: Motif }) => [paths, width, height],
	answer: ({ motif, shape }) => {
		const artwork = readArtwork(shape, motif);
		return {
			artwork,
			bridges: proposeBridges(shape.rings, artwork.islands),
			tips: findTips(shape.rings, PAINT_LIMITS.opening),
			leastScale: leastScale(artwork, PAINT_LIMITS)
		};
	}
};
