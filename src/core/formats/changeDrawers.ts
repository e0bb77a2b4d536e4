import { suggestChain } from '../piece';
import { dropRun, dropZone } from './editLayout';
import type { Project } from './project';

/**
 * Another number of drawers: readings that stay keep their figures, and whatever named a drawer that is gone lets go of
 * it. A shade or a row that lay on nothing else goes with its coats, as does a coat; without this the file would name
 * parts that are not there.
 */
export function changeDrawers(project: Project, drawers: number): Project {
	const faces = project.piece.faces.map((face) => {
		const chain = suggestChain(drawers, face.chain);
		const exceptions = Object.fromEntries(Object.entries(face.exceptions).filter(([id]) => chain.some((entry) => entry.id === id)));
		return { ...face, chain, exceptions };
	});
	const left = new Set(faces.flatMap((face) => face.chain.map((entry) => entry.id)));
	const before = new Set(project.piece.faces.flatMap((face) => face.chain.map((entry) => entry.id)));
	const gone = new Set([...before].filter((id) => !left.has(id)));
	return letGoOf(gone, { ...project, piece: { ...project.piece, faces } });
}

function letGoOf(gone: ReadonlySet<string>, project: Project): Project {
	const stays = (id: string) => !gone.has(id);
	const keep = <Named extends string>(named: Named | string[]): Named | string[] =>
		typeof named === 'string' ? named : named.filter(stays);
	const { layout, finish } = project;
	const runs = layout.runs.map((run) => ({
		...run,
		parts: keep(run.parts),
		picks: Object.fromEntries(Object.entries(run.picks).filter(([id]) => stays(id))),
		moved: run.moved.filter(({ part }) => stays(part)),
		leftOut: run.leftOut.filter(({ part }) => stays(part))
	}));
	const zones = layout.zones.map((zone) => ({ ...zone, parts: keep(zone.parts) }));
	const coats = finish.coats
		.map((coat) => ('on' in coat ? { ...coat, on: keep(coat.on) } : coat))
		.filter((coat) => !('on' in coat) || coat.on.length > 0);
	const kept: Project = { ...project, layout: { ...layout, runs, zones }, finish: { ...finish, coats } };
	const emptyRuns = runs.filter(({ parts }) => parts.length === 0);
	const emptyZones = zones.filter(({ parts }) => parts.length === 0);
	return emptyZones.reduce(
		(next, { id }) => dropZone(next, id),
		emptyRuns.reduce((next, { id }) => dropRun(next, id), kept)
	);
}
