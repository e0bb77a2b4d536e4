import { createPlanner, plainPlan, type Plan } from '$core/plan';
import { reuseParts, type Project } from '$core/project';
import { describeSheets, type Sheet } from '$core/sheets';
import { expose } from 'comlink';

export interface MadePlan {
	readonly plan: Plan;
	/** ms. */
	readonly took: number;
}

const planner = createPlanner();
/** As it was sent last: what has not changed of the next is this again, so that the planner knows it. */
let last: Project | null = null;

function take(sent: Project): Project {
	last = last ? reuseParts(last, sent) : sent;
	return last;
}

const worker = {
	plan(sent: Project): MadePlan {
		const project = take(sent);
		const began = performance.now();
		const plan = planner(project);
		return { took: performance.now() - began, plan: plainPlan(plan) };
	},
	/** How long what was planned last takes from nothing, ms, now that this program is warm. */
	time(): number {
		const began = performance.now();
		if (last) createPlanner()(last);
		return performance.now() - began;
	},
	pages(sent: Project, paper: Project['paper']): Sheet[] {
		const project = take(sent);
		return describeSheets(project, planner(project), paper);
	}
};
export type PlanWorker = typeof worker;

expose(worker);
