import { firstFace } from '../../piece';
import type { Project } from '../../project';
import { gatherMaterials } from '../../materials';
import type { Plan } from '../types';

/** What the renderer needs to know of one face of a project and its plan; see `describeScene`. */
export function sourceOfScene(project: Project, plan: Plan, face = firstFace(plan.faces).id) {
	const at = Math.max(
		0,
		plan.faces.findIndex(({ id }) => id === face)
	);
	return {
		face: plan.faces[at]!,
		faces: plan.faces,
		grain: project.piece.faces[at]!.grain,
		layout: project.layout,
		palette: project.palette,
		coats: project.finish.coats,
		materials: gatherMaterials(project.materials),
		items: plan.items,
		steps: new Map(plan.order.map((step) => [step.coat, step]))
	};
}
