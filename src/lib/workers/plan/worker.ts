import { createPlanner, plainPlan, type Plan } from '$core/plan';
import { reuseParts, type Project } from '$core/project';
import { describeSheets, type Page } from '$core/sheets';
import { expose } from 'comlink';

export interface MadePlan {
	readonly plan: Plan;
	/** ms. */
	readonly took: number;
}

const planner = createPlanner();
/** As it was sent last: what has not changed of the next is this again, so that the planner knows it. */
let last: { readonly project: Project; readonly plan: Plan } | null = null;

const worker = {
	plan(sent: Project): MadePlan {
		const project = last ? reuseParts(last.project, sent) : sent;
		const began = performance.now();
		const plan = planner(project);
		last = { project, plan };
		return { took: performance.now() - began, plan: plainPlan(plan) };
	},
	/** How long what was planned last takes from nothing, ms, now that this program is warm. */
	time(): number {
		const began = performance.now();
		if (last) createPlanner()(last.project);
		return performance.now() - began;
	},
	/** Of what was planned last. */
	pages: (paper: Project['paper']): Page[] => (last ? describeSheets(last.project, last.plan, paper) : [])
};
export type PlanWorker = typeof worker;

expose(worker);
