import { faceOf, doesMove, HARDWARE_SURFACE, isOfFrame, surfaceOf } from '../../piece';
import type { Plan } from '../types';

/** What a surface is called: a part by its name, a face that has fronts in it by its frame; with its face where several are measured. */
export function nameSurface(plan: Pick<Plan, 'faces'>, id: string): string {
	if (id === HARDWARE_SURFACE) return 'Hardware';
	const active = plan.faces.filter(({ idle }) => !idle);
	const face = plan.faces.find((other) => other.id === id);
	if (face) {
		const isFrame = face.parts.some(doesMove);
		return !isFrame ? face.name : active.length > 1 ? `${face.name}, frame` : 'Frame';
	}
	const part = plan.faces.flatMap(({ parts }) => parts).find((other) => other.id === id);
	if (!part) return id;
	const twin = active.some((other) => other.id !== part.face && other.parts.some(({ name }) => name === part.name));
	return twin ? `${part.name}, ${faceOf(plan.faces, part.face).name}` : part.name;
}

/** Every surface that is painted by itself, with its name: first what moves, then the rest, face by face. */
export function listSurfaces(plan: Pick<Plan, 'faces'>): { readonly id: string; readonly name: string }[] {
	return plan.faces
		.filter(({ idle }) => !idle)
		.flatMap((face) => {
			const own = face.parts.filter((part) => surfaceOf(part) === part.id);
			return [...own.filter((part) => !isOfFrame(part)), ...own.filter(isOfFrame), face].map(({ id }) => id);
		})
		.map((id) => ({ id, name: nameSurface(plan, id) }));
}
