import { needsMaterial, type Material } from '../layers';
import { isSame } from '../units';
import { changeUnits } from './changeUnits';
import type { Project } from './project';
import { SHARED_FIELDS, sharedField, type SharedField, type WorkshopSettings } from './workshop';

/** What a piece says of its workshop. */
export function settingsOf({ units, paper, materials, workshop: { own: _own, ...shared } }: Project): WorkshopSettings {
	return { units, paper, materials, ...shared };
}

/** In which fields a piece and the workshop as it is now differ, but for those that are the piece's own. */
export function changesOfWorkshop(project: Project, now: WorkshopSettings): SharedField[] {
	const own = new Set(project.workshop.own);
	return SHARED_FIELDS.filter((field) =>
		own.has(field) ? false : field === 'materials' ? changedTins(project, now).length > 0 : differs(field, settingsOf(project), now)
	);
}

/** The piece as the workshop is now, but for what is its own: readings are kept as long as they were. */
export function takeWorkshop(project: Project, now: WorkshopSettings): Project {
	const fields = changesOfWorkshop(project, now);
	const { units, paper, materials, ...shared } = now;
	const room: Record<string, unknown> = { ...project.workshop };
	for (const field of fields)
		if (field in project.workshop || field in shared) {
			const value = (shared as Partial<WorkshopSettings>)[field];
			if (value === undefined) delete room[field];
			else room[field] = value;
		}
	const taken = {
		...project,
		workshop: room as Project['workshop'],
		paper: fields.includes('paper') ? paper : project.paper,
		materials: fields.includes('materials')
			? withMaterials(project.materials, changedTins(project, { ...now, materials }))
			: project.materials
	};
	return fields.includes('units') ? changeUnits(taken, units) : taken;
}

/** The piece with some fields of its own, whatever the workshop says. Units are changed by `changeUnits`. */
export function setOwn(project: Project, change: Partial<Omit<WorkshopSettings, 'units' | 'materials'>>): Project {
	const { paper, ...shared } = change;
	const changed: Project = {
		...project,
		...(paper === undefined ? {} : { paper }),
		workshop: { ...project.workshop, ...shared }
	};
	return markOwn(changed, Object.keys(change) as SharedField[]);
}

/** Fields that are the piece's own from now on. */
export function markOwn(project: Project, fields: readonly SharedField[]): Project {
	const own = new Set([...(project.workshop.own ?? []), ...fields]);
	return { ...project, workshop: { ...project.workshop, own: SHARED_FIELDS.filter((field) => own.has(field)) } };
}

/** The piece with nothing of its own, as the workshop is now. */
export function giveUpOwn(project: Project, now: WorkshopSettings): Project {
	const workshop = { ...project.workshop };
	delete workshop.own;
	return takeWorkshop({ ...project, workshop }, now);
}

/** The workshop with what the piece has of its own; all else stays as it is there by now. */
export function giveOwn(project: Project, now: WorkshopSettings): WorkshopSettings {
	const settings = settingsOf(project);
	const own = (project.workshop.own ?? []).map((field) => [
		field,
		field === 'materials' ? withMaterials(now.materials, settings.materials) : settings[field]
	]);
	return { ...now, ...(Object.fromEntries(own) as Partial<WorkshopSettings>) };
}

/** Records of the workshop are taken; others that the piece has stay. */
function withMaterials(own: readonly Material[], taken: readonly Material[]): Material[] {
	return [...own.filter(({ id }) => !taken.some((other) => other.id === id)), ...taken];
}

/** Records that are other in the workshop than in a piece that has them, or works with them: what lies on the shelf besides is not its concern. */
function changedTins({ materials, finish }: Project, now: Pick<WorkshopSettings, 'materials'>): Material[] {
	const used = new Set(finish.coats.flatMap((coat) => (needsMaterial(coat) ? [coat.material] : [])));
	return now.materials.filter((record) => {
		const own = materials.find(({ id }) => id === record.id);
		return own ? !isSame(record, own) : used.has(record.id);
	});
}

function differs(field: SharedField, piece: WorkshopSettings, now: WorkshopSettings): boolean {
	return !isSame(sharedField(piece, field), sharedField(now, field));
}
