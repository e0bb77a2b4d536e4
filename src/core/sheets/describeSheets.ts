import type { Project } from '../formats';
import type { Plan } from '../plan';
import type { Part } from '../piece';
import { describeFront } from './describeFront';
import { describeMotif } from './describeMotif';
import type { Page } from './page';

/**
 * The pages of the placement sheet, in order: every drawer front with its placements, then every motif at true size in
 * every scale in which it is used. Empty while the plan has errors: a sheet with wrong figures is worse than none.
 */
export function describeSheets(project: Project, plan: Plan, paper: Project['paper']): Page[] {
	if (plan.errors.length > 0) return [];
	return plan.sheets.flatMap((sheet) => {
		if (sheet.kind === 'front') return describeFront(project, plan, partOf(plan, sheet.of), paper);
		return describeMotif(
			project,
			project.layout.motifs.find((motif) => motif.id === sheet.of)!,
			sheet.scale,
			paper
		);
	});
}

function partOf(plan: Plan, id: string): Part {
	return plan.faces.flatMap((face) => [face.whole, ...face.parts]).find((part) => part.id === id)!;
}
