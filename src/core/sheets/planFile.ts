import { readProjectText, wordIssue } from '../formats';
import { PLAN_FORMAT, PLAN_VERSION, listSettingOut, planProject, type Plan, type PlanError, type SettingOutRow } from '../plan';
import { listPages, type PageSummary } from './describeSheets';

export type PlanAnswer =
	| (Plan & {
			/** How the places of its motifs are found. */ readonly settingOut: readonly SettingOutRow[];
			/** The pages that it prints, in order. */ readonly sheets: readonly PageSummary[];
	  })
	| { readonly format: typeof PLAN_FORMAT; readonly version: typeof PLAN_VERSION; readonly errors: readonly PlanError[] };

/** Lengths and areas below this are noise: figures are written to this many places, so that a plan is the same to the byte. */
const PLACES = 1e6;

/** The plan of a project file, or the list of what is wrong with the file; the same for the server and the command line. */
export function planFile(text: string): { readonly read: boolean; readonly answer: PlanAnswer } {
	const read = readProjectText(text);
	if (read.ok) {
		const plan = planProject(read.project);
		return { read: true, answer: { ...plan, settingOut: listSettingOut(plan), sheets: listPages(read.project, plan) } };
	}
	const errors = read.issues.map((issue) => ({ code: issue.code, path: issue.path, message: wordIssue(issue, 'mm') }));
	return { read: false, answer: { format: PLAN_FORMAT, version: PLAN_VERSION, errors } };
}

/** The plan as JSON text. */
export function writePlan(plan: Plan | PlanAnswer): string {
	return `${JSON.stringify(plan, (_key, value: unknown) => (typeof value === 'number' ? Math.round(value * PLACES) / PLACES : value), '\t')}\n`;
}
