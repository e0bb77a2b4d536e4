import type { MeasuredPiece } from '../../../piece';
import type { Motif } from '../../motif';
import { scalesAround } from '../scales';
import type { ArrangementKind } from '../types';
import { leaveOutMotif, moveMotif, pickFit, releaseMotif } from './editRun';
import { fitKeyOf, fitRunOnFronts, planRun } from './planRun';
import type { Run } from './schema';

/** A row of one motif that fits along each front. Source: methods 3. */
export const run: ArrangementKind<Run> = {
	word: 'Row',
	short: 'row',
	of: 'motif',
	spreads: false,
	start: ({ id, name, motif, parts, scale, round }) => ({
		kind: 'run',
		id,
		name,
		motif: motif!.id,
		parts,
		ends: 'whole',
		middle: 'either',
		margin: round(20),
		scale: scalesAround(scale),
		gap: { least: 0, most: Math.max(1, round(motif!.width * scale)), wish: null },
		hardware: 'avoid',
		clearance: round(3),
		sizing: 'common',
		line: { from: 'middle' },
		picks: {},
		moved: [],
		leftOut: []
	}),
	motifs: ({ motif }) => [motif],
	/** The fits, the dear part, are kept while nothing that they hang on has changed, as while a motif is dragged. */
	createPlanner() {
		let kept: {
			readonly key: string;
			readonly motif: Motif;
			readonly piece: Pick<MeasuredPiece, 'faces'>;
			readonly fits: ReturnType<typeof fitRunOnFronts>;
		} | null = null;
		const fit: typeof fitRunOnFronts = (now, motif, piece, seams) => {
			const key = fitKeyOf(now);
			if (kept?.key !== key || kept.motif !== motif || kept.piece !== piece)
				kept = { key, motif, piece, fits: fitRunOnFronts(now, motif, piece, seams) };
			return kept.fits;
		};
		return (arrangement, context) => planRun(arrangement, context, fit);
	},
	take: pickFit,
	moveItem: moveMotif,
	leaveOut: leaveOutMotif,
	isPlaced: true,
	release: (arrangement, item) => (item ? releaseMotif(arrangement, item) : { ...arrangement, moved: [] }),
	meansHardware: ({ hardware }, { byHand }) => hardware !== 'avoid' && !byHand
};
