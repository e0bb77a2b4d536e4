import { describeMotif } from '../describeMotif';
import type { PageMaker } from './types';

/** Every motif at true size, in every scale in which it is used. */
export const makeMotifs: PageMaker = {
	id: 'motif',
	pages(project, plan, paper) {
		const sizes = new Map(
			plan.items.flatMap(({ motif, scale }) => (motif === null ? [] : [[`${motif} ${scale.toFixed(4)}`, { motif, scale }] as const]))
		);
		return [...sizes.values()].flatMap(({ motif: id, scale }) => {
			const motif = project.layout.motifs.find((other) => other.id === id);
			return motif ? describeMotif(project, motif, scale, paper) : [];
		});
	}
};
