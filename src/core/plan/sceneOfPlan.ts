import type { Project } from '../formats';
import { gatherMaterials } from '../materials';
import type { Plan } from './types';

/** What the renderer needs to know of a project and its plan; see `describeScene`. */
export function sourceOfScene(project: Project, plan: Plan) {
	return {
		face: plan.faces[0]!,
		ground: project.piece.faces[0]!.ground,
		layout: project.layout,
		palette: project.palette,
		coats: project.finish.coats,
		materials: gatherMaterials(project.materials),
		placements: plan.placements,
		surfacesOf: (coat: string) => plan.order.find((step) => step.coat === coat)?.surfaces ?? []
	};
}
