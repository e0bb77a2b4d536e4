import { freeId, isFilm, type Coat } from '../layers';
import { partsOf, type Motif, type Run, type Zone } from '../layout';
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

/** Adds a row of a motif along every drawer front, and its stencil coat. */
export function addRun(project: Project, motif: Motif, colour: string): { readonly project: Project; readonly id: string } {
	const id = freeId('row', project.layout.runs);
	const run: Run = {
		id,
		name: `${motif.name} row`.slice(0, 80),
		motif: motif.id,
		parts: frontsOf(project),
		colour,
		edge: 'soft',
		ends: 'whole',
		middle: 'either',
		margin: 20,
		scale: { least: 0.6, most: 1.2, wish: 0.9 },
		gap: { least: 0, most: Math.round(motif.width), wish: null },
		hardware: 'avoid',
		clearance: 3,
		sizing: 'common',
		line: { from: 'middle' },
		picks: {},
		moved: [],
		leftOut: []
	};
	const motifs = project.layout.motifs.some((other) => other.id === motif.id) ? project.layout.motifs : [...project.layout.motifs, motif];
	const coat: Coat = { ...paintLike(project), kind: 'stencil', id: freeId('stencil', project.finish.coats), run: id, times: 1 };
	return {
		id,
		project: insertCoat({ ...project, layout: { ...project.layout, motifs, runs: [...project.layout.runs, run] } }, coat, 'stencil')
	};
}

/** Puts a changed run in the place of the one with its id. */
export function setRun(project: Project, run: Run): Project {
	return { ...project, layout: { ...project.layout, runs: project.layout.runs.map((other) => (other.id === run.id ? run : other)) } };
}

/** Takes a zone out, with the coats that paint it. */
export function dropZone(project: Project, id: string): Project {
	return {
		...project,
		layout: { ...project.layout, zones: project.layout.zones.filter((zone) => zone.id !== id) },
		finish: { ...project.finish, coats: project.finish.coats.filter((coat) => !(coat.kind === 'blend' && coat.zone === id)) }
	};
}

/** Takes a run out, with its coats, and its motif where nothing else uses it. */
export function dropRun(project: Project, id: string): Project {
	const runs = project.layout.runs.filter((run) => run.id !== id);
	return {
		...project,
		layout: { ...project.layout, runs, motifs: project.layout.motifs.filter((motif) => runs.some((run) => run.motif === motif.id)) },
		finish: { ...project.finish, coats: project.finish.coats.filter((coat) => !(coat.kind === 'stencil' && coat.run === id)) }
	};
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
