import { partIdsOf, type Face, type Piece } from '../piece';
import { followHoles, setCoats } from './editFinish';
import { dropArrangement, dropZone } from './editLayout';
import { idOfPlace, type Arrangement, type Places } from '../layout';
import type { Project } from './project';

/**
 * Another piece in the place of the old one: whatever named a part or a face that is gone lets go of it. A shade or a row
 * that lay on nothing else goes with its coats, as does a coat; without this the file would name what is not there.
 */
export function changePiece(project: Project, piece: Piece): Project {
	const faces = piece.faces.map(letGoOfParts);
	const there = new Set(faces.flatMap((face) => [face.id, ...partIdsOf(face)]));
	const before = project.piece.faces.flatMap((face) => [face.id, ...partIdsOf(face)]);
	const gone = new Set(before.filter((id) => !there.has(id)));
	const seams = piece.seams.filter(({ a, b }) => there.has(a.face) && there.has(b.face));
	const next = { ...project, piece: { ...piece, faces: faces.filter(({ of }) => of === null || there.has(of)), seams } };
	return followHoles(project, gone.size === 0 ? next : letGoOf(gone, next));
}

/** Places and hardware of a face that were on a part of it that is gone. */
function letGoOfParts(face: Face): Face {
	let parts = face.parts;
	for (let before = -1; before !== parts.length;) {
		before = parts.length;
		const ids = new Set([face.id, ...partIdsOf({ ...face, parts })]);
		parts = parts.filter(({ on }) => ids.has(on));
	}
	const ids = new Set(partIdsOf({ ...face, parts }));
	const fittings = face.fittings
		.map((fitting) => (typeof fitting.on === 'string' ? fitting : { ...fitting, on: fitting.on.filter((id) => ids.has(id)) }))
		.filter(({ on }) => on.length > 0);
	const kept = <Value>(record: Readonly<Record<string, Value>>) => Object.fromEntries(Object.entries(record).filter(([id]) => ids.has(id)));
	return { ...face, parts, fittings, exceptions: kept(face.exceptions), ...(face.grounds ? { grounds: kept(face.grounds) } : {}) };
}

function letGoOf(gone: ReadonlySet<string>, project: Project): Project {
	const stays = (id: string) => !gone.has(id);
	/** Where all that was left out is gone, it is all of it. */
	const keep = (places: Places): Places => {
		if (typeof places === 'string') return places;
		const left = places.filter((place) => stays(idOfPlace(place)));
		return left.length === 0 && places[0]!.startsWith('!') ? 'all' : left;
	};
	const { layout, finish } = project;
	const arrangements = layout.arrangements.map((one): Arrangement => {
		const kept = { ...one, parts: keep(one.parts), leftOut: one.leftOut.filter(({ part }) => stays(idOfPlace(part))) };
		if (kept.kind !== 'run') return kept;
		const picks = Object.fromEntries(Object.entries(kept.picks).filter(([id]) => stays(idOfPlace(id))));
		return { ...kept, picks, moved: kept.moved.filter(({ part }) => stays(idOfPlace(part))) };
	});
	const zones = layout.zones.map((zone) => ({ ...zone, parts: keep(zone.parts) }));
	const coats = finish.coats
		.map((coat) => ('on' in coat ? { ...coat, on: keep(coat.on) } : coat))
		.filter((coat) => !('on' in coat) || coat.on.length > 0);
	const kept = setCoats({ ...project, layout: { ...layout, arrangements, zones } }, coats);
	const emptyArrangements = arrangements.filter(({ parts }) => parts.length === 0);
	const emptyZones = zones.filter(({ parts }) => parts.length === 0);
	return emptyZones.reduce(
		(next, { id }) => dropZone(next, id),
		emptyArrangements.reduce((next, { id }) => dropArrangement(next, id), kept)
	);
}
