import { freeId, LABEL_FIGURES, needsMaterial, type LabelFigure, type Material } from '../layers';
import { gatherMaterials } from '../materials';
import { setCoats } from './editFinish';
import type { Project } from './project';

/** What a label says, in place of our starting figures. */
export type LabelChange = Partial<Pick<Material, LabelFigure | 'name' | 'misleads' | 'ready'>>;

/** The record with what its label says; each figure keeps where it is from. */
export function withLabel(record: Material, change: LabelChange): Material {
	const changed = LABEL_FIGURES.filter((figure) => figure in change);
	const next: Material = { ...record, ...change };
	/** Nothing is ready for the next coat before it can be touched, nor tacky no more before it is tacky. */
	if (change.recoat !== undefined && change.touchDry === undefined) next.touchDry = Math.min(next.touchDry, change.recoat);
	if (change.touchDry !== undefined && change.recoat === undefined) next.recoat = Math.max(next.recoat, change.touchDry);
	if (changed.length > 0) next.from = { ...record.from, ...Object.fromEntries(changed.map((figure) => [figure, 'label' as const])) };
	return next;
}

/** A tin of one's own that begins as a record of ours: it has an id of its own, and says what it is like. */
function newTin(record: Material, taken: readonly Material[]): Material {
	return {
		...record,
		id: freeId(`${record.id.slice(0, 30)}-own`, taken),
		name: `${record.name}, own tin`.slice(0, 60),
		like: record.like ?? record.id
	};
}

/**
 * The piece with what the label of one of its materials says. One of ours becomes a tin of one's own, and every step of this piece
 * that was done with it is done with the tin; a tin is changed as it is. `taken`: tins that the workshop has besides.
 */
export function writeLabel(
	project: Project,
	id: string,
	change: LabelChange,
	taken: readonly Material[] = []
): { readonly project: Project; readonly tin: Material } {
	const record = gatherMaterials(project.materials).get(id);
	if (!record) throw new Error(`No material is called "${id}"`);
	const own = project.materials.find((one) => one.id === id);
	const tin = withLabel(own ?? newTin(record, [...project.materials, ...taken]), change);
	const withTin = takeTin(project, tin);
	if (own) return { project: withTin, tin };
	const coats = withTin.finish.coats.map((coat) => (needsMaterial(coat) && coat.material === id ? { ...coat, material: tin.id } : coat));
	return { project: setCoats(withTin, coats), tin };
}

/** The piece with a record of its workshop among its own. */
export function takeTin(project: Project, tin: Material): Project {
	return { ...project, materials: keepTin(project.materials, tin) };
}

/** Tins with one put in, or in the place of the one with its id. */
export function keepTin(tins: readonly Material[], tin: Material): Material[] {
	return tins.some(({ id }) => id === tin.id) ? tins.map((one) => (one.id === tin.id ? tin : one)) : [...tins, tin];
}
