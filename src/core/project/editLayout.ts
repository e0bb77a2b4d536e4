import { freeId, isFilm, type Coat } from '../layers';
import { ARRANGEMENTS, partsOf, scaleToBegin, type Arrangement, type Motif, type Zone } from '../layout';
import { measurePiece, walkReadings } from '../piece';
import type { Project } from './project';
import { ZONE_STARTERS } from './zoneStarters';

/** Adds a zone as one of the starters begins it, an edge shade unless another is named, and the coat that paints it before whatever protects it. */
export function addZone(
	project: Project,
	colours: readonly string[],
	starter = ZONE_STARTERS[0]!
): { readonly project: Project; readonly id: string } {
	const id = freeId(starter.id, project.layout.zones);
	const fronts = frontsOf(project);
	const sides = partsOf(fronts, measurePiece(project.piece, project.units)).map(({ width, height }) => Math.min(width, height));
	const zone: Zone = { id, name: starter.name, ...starter.build({ project, fronts, colours, shortest: Math.min(...sides) }) };
	const coat: Coat = {
		...paintLike(project),
		kind: 'blend',
		id: freeId('blend', project.finish.coats),
		zone: id,
		times: zone.leaves ? 1 : 2,
		thickness: starter.thickness,
		method: starter.method,
		brushes: 'clean-joins'
	};
	return { id, project: insertCoat({ ...project, layout: { ...project.layout, zones: [...project.layout.zones, zone] } }, coat, 'blend') };
}

/** Lays a motif on every front in a way of its kind (a row unless another is named), with the stencil coat that goes through it. */
export function addArrangement(
	project: Project,
	motif: Motif,
	colour: string,
	kind: Arrangement['kind'] = 'run'
): { readonly project: Project; readonly id: string } {
	const id = freeId(IDS[kind], project.layout.arrangements);
	const fronts = frontsOf(project);
	const begun = ARRANGEMENTS[kind].start(id, `${motif.name} ${NAMES[kind]}`.slice(0, 80), motif, fronts);
	/** One that fits no size by itself begins with one that suits the least front. */
	const scale = scaleToBegin(motif, partsOf(fronts, measurePiece(project.piece, project.units)));
	const arrangement: Arrangement =
		begun.kind === 'single'
			? { ...begun, scale }
			: begun.kind === 'grid'
				? { ...begun, scale: Math.max(0.05, Math.round(50 * scale) / 100) }
				: begun;
	const motifs = project.layout.motifs.some((other) => other.id === motif.id) ? project.layout.motifs : [...project.layout.motifs, motif];
	const coat: Coat = {
		...paintLike(project),
		kind: 'stencil',
		id: freeId('stencil', project.finish.coats),
		arrangement: id,
		colour,
		edge: 'soft',
		times: 1
	};
	const layout = { ...project.layout, motifs, arrangements: [...project.layout.arrangements, arrangement] };
	return { id, project: insertCoat({ ...project, layout }, coat, 'stencil') };
}

const IDS: Readonly<Record<Arrangement['kind'], string>> = { run: 'row', single: 'motif', grid: 'field' };
const NAMES: Readonly<Record<Arrangement['kind'], string>> = { run: 'row', single: 'alone', grid: 'field' };

/** Puts a changed arrangement in the place of the one with its id. */
export function setArrangement(project: Project, arrangement: Arrangement): Project {
	const arrangements = project.layout.arrangements.map((other) => (other.id === arrangement.id ? arrangement : other));
	return { ...project, layout: { ...project.layout, arrangements } };
}

/** Takes a zone out, with the coats that paint it. */
export function dropZone(project: Project, id: string): Project {
	return {
		...project,
		layout: { ...project.layout, zones: project.layout.zones.filter((zone) => zone.id !== id) },
		finish: { ...project.finish, coats: project.finish.coats.filter((coat) => !(coat.kind === 'blend' && coat.zone === id)) }
	};
}

/** Takes an arrangement out, with the coats that go through it, and its motif where nothing else uses it. */
export function dropArrangement(project: Project, id: string): Project {
	const arrangements = project.layout.arrangements.filter((one) => one.id !== id);
	const motifs = project.layout.motifs.filter((motif) => arrangements.some((one) => one.motif === motif.id));
	const coats = project.finish.coats.filter((coat) => !(coat.kind === 'stencil' && coat.arrangement === id));
	return { ...project, layout: { ...project.layout, arrangements, motifs }, finish: { ...project.finish, coats } };
}

/** What decoration begins on: the drawers, else the doors, else the first face. */
function frontsOf({ piece }: Pick<Project, 'piece'>): Zone['parts'] {
	const roles = new Set(piece.faces.flatMap((face) => walkReadings(face.chain).map(({ entry }) => entry.role)));
	return roles.has('drawer') ? 'drawers' : roles.has('door') ? 'doors' : [piece.faces[0]!.id];
}

function paintLike({ finish }: Project) {
	const base = finish.coats.find((coat) => coat.kind === 'base');
	return { material: base && isFilm(base) ? base.material : 'chalk-paint', wait: null, thickness: 1, applicator: 'brush' as const };
}

/** Blended coats go over the base, stencils over what is blended: both after the last coat of paint that should lie under them. */
function insertCoat(project: Project, coat: Coat, kind: 'blend' | 'stencil'): Project {
	const { coats } = project.finish;
	const under = kind === 'blend' ? ['base', 'prime', 'blend'] : ['base', 'prime', 'blend', 'stencil'];
	const last = coats.findLastIndex((other) => under.includes(other.kind));
	const at =
		last >= 0
			? last + 1
			: coats.findLastIndex((other) => ['clean', 'dust', 'sand', 'hardware-off', 'hardware-masked'].includes(other.kind)) + 1;
	return { ...project, finish: { ...project.finish, coats: coats.toSpliced(at, 0, coat) } };
}
