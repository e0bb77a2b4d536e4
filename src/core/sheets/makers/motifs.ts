import { describeMotif } from '../describeMotif';
import { motifSizes } from '../motifSizes';
import type { PageMaker } from './types';

/** Every motif at true size, in every scale in which it is used. */
export const makeMotifs: PageMaker = {
	id: 'motif',
	word: 'Motifs, true size',
	pages: (project, plan, paper) => motifSizes(project, plan).flatMap(({ motif, scale }) => describeMotif(project, motif, scale, paper))
};
