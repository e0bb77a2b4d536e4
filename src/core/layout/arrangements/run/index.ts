import type { MeasuredPiece } from '../../../piece';
import type { Motif } from '../../motif';
import type { ArrangementKind } from '../types';
import { leaveOutMotif, moveMotif } from './editRun';
import { fitKeyOf, fitRunOnFronts, planRun } from './planRun';
import type { Run } from './schema';

/** A row of one motif that fits along each front. Source: methods 3. */
export const run: ArrangementKind<Run> = {
	word: 'Row',
	start: (id, name, motif, parts) => ({
		kind: 'run',
		id,
		name,
		motif: motif.id,
		parts: parts as Run['parts'],
		ends: 'whole',
		middle: 'either',
		margin: 20,
		scale: { least: 0.6, most: 1.2, wish: 0.9 },
		gap: { least: 0, most: Math.round(motif.width), wish: null },
		hardware: 'avoid',
		clearance: 3,
		sizing: 'common',
		line: { from: 'middle' },
		picks: {},
		moved: [],
		leftOut: []
	}),
	/** The fits, the dear part, are kept while nothing that they hang on has changed, as while a motif is dragged. */
	createPlanner() {
		let kept: {
			readonly key: string;
			readonly motif: Motif;
			readonly piece: Pick<MeasuredPiece, 'faces'>;
			readonly fits: ReturnType<typeof fitRunOnFronts>;
		} | null = null;
		const fit: typeof fitRunOnFronts = (now, motif, piece) => {
			const key = fitKeyOf(now);
			if (kept?.key !== key || kept.motif !== motif || kept.piece !== piece)
				kept = { key, motif, piece, fits: fitRunOnFronts(now, motif, piece) };
			return kept.fits;
		};
		return (arrangement, context) => planRun(arrangement, context, fit);
	},
	moveItem: moveMotif,
	leaveOut: leaveOutMotif
};
