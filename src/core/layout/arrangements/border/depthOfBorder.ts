import type { Mm } from '../../../units';
import type { Motif } from '../../motif';
import type { Border } from './schema';

/** How wide the band of a border is at scale 1, with its corner blocks, mm; 0 where its motif is not known. */
export function depthOfBorder(
	{ motif: id, corners, corner }: Pick<Border, 'motif' | 'corners' | 'corner'>,
	motifOf: (id: string) => Pick<Motif, 'width' | 'height'> | undefined
): Mm {
	const strip = motifOf(id)?.height ?? 0;
	const block = corners === 'blocks' && corner !== null ? motifOf(corner) : undefined;
	return Math.max(strip, block?.width ?? 0, block?.height ?? 0);
}
