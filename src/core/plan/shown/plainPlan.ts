import type { Project } from '../../project';
import { planProject } from '../planProject';
import type { ItemRow, Plan } from '../types';

/** A plan as plain data, to be sent to another thread: its laid items have their points. */
export function plainPlan(plan: Plan): Plan {
	return { ...plan, items: plan.items.map((item): ItemRow => ({ ...item, rings: item.rings })) };
}

/** The plan of what is measured of a project, and of nothing that lies on it: soon made whatever that is, so that its faces can be looked at and put right. */
export function planMeasured(project: Project): Plan {
	return planProject({
		...project,
		layout: { ...project.layout, zones: [], arrangements: [], motifs: [] },
		finish: { ...project.finish, coats: [], decisions: [] }
	});
}
