import type { MeasuredPiece, Seam } from '../../piece';
import { measureMotif } from '../measureMotif';
import type { Motif } from '../motif';
import type { Parts } from '../partsSchema';
import { TAPES } from './tape/tapes';
import type { ArrangementContext, Beginning } from './types';

/** For tests: what an arrangement begins from, and what it is laid among. */
export function beginningOf(motif: Motif | null, parts: Parts, more: Partial<Beginning> = {}): Beginning {
	return { id: 'a', name: 'A', motif, parts, shortest: 200, scale: 1, ...more };
}

export function contextWith(
	motifs: readonly Motif[],
	piece: Pick<MeasuredPiece, 'faces'>,
	seams: readonly Seam[] = []
): ArrangementContext {
	return {
		motifs: new Map(motifs.map((motif) => [motif.id, { motif, shape: measureMotif(motif) }])),
		piece,
		seams,
		path: 'layout.arrangements[0]',
		unit: 'mm',
		tapes: TAPES
	};
}
