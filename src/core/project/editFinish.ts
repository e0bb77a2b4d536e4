import {
	colourOf,
	freeId,
	kindOfCoat,
	newFiller,
	newSand,
	newUnmask,
	PHASES,
	recolour,
	whereOf,
	withCoats,
	type Coat,
	type Schools
} from '../layers';
import { hasOldHoles, measurePiece } from '../piece';
import type { Project } from './project';

/** The project with other coats; what was decided about one that is gone goes with it. */
export function setCoats(project: Project, coats: readonly Coat[]): Project {
	return { ...project, finish: withCoats(project.finish, coats) };
}

/** Puts a changed coat in the place of the one with its id. */
export function setCoat(project: Project, coat: Coat): Project {
	return setCoats(
		project,
		project.finish.coats.map((other) => (other.id === coat.id ? coat : other))
	);
}

/** The coat is tried first on a board, or is not. */
export function setPatch(project: Project, coat: string, isTried: boolean): Project {
	const others = (project.finish.patches ?? []).filter((id) => id !== coat);
	return { ...project, finish: { ...project.finish, patches: isTried ? [...others, coat] : others } };
}

export function dropCoat(project: Project, id: string): Project {
	return setCoats(
		project,
		project.finish.coats.filter((coat) => coat.id !== id)
	);
}

/** Puts a coat in, with an id that is free: at a place, or where its kind belongs: after all that it should lie on, before what protects it. */
export function addCoat(
	project: Project,
	coat: Coat,
	at = placeFor(coat, project.finish.coats, project.workshop.schools)
): { readonly project: Project; readonly id: string } {
	const { coats } = project.finish;
	const id = freeId(coat.id, coats);
	const put = coats.toSpliced(at, 0, { ...coat, id });
	if (traitsOf(coat).masks !== 'on') return { id, project: setCoats(project, put) };
	/** A mask comes with the step that takes it off. */
	const off = newUnmask(id);
	const after = Math.max(at + 1, placeFor(off, put, project.workshop.schools));
	return { id, project: setCoats(project, put.toSpliced(after, 0, { ...off, id: freeId(off.id, put) })) };
}

const phaseOf = (coat: Coat) => PHASES.indexOf(kindOfCoat(coat).phase);

/** Behind the last coat of its own phase or of one before it that is painted; else behind what prepares. Paste and gilding go where this workshop's school has them. */
function placeFor(coat: Coat, coats: readonly Coat[], schools: Schools = {}): number {
	const { raised = false, glued = false, oil = false } = traitsOf(coat);
	if (raised && !glued && schools.paste === 'bare') {
		const first = coats.findIndex((other) => traitsOf(other).film === true);
		if (first >= 0) return first;
	}
	const own = oil && schools.gilding === 'after' ? PHASES.indexOf('protect') : phaseOf(coat);
	const last = coats.findLastIndex((other) => phaseOf(other) > 0 && phaseOf(other) <= own);
	return 1 + (last >= 0 ? last : coats.findLastIndex((other) => phaseOf(other) === 0));
}

/** Coats without those that go through an arrangement that is gone. */
export function coatsWithoutArrangement(coats: readonly Coat[], id: string): Coat[] {
	return coats.filter((coat) => whereOf(coat).through !== id);
}

/** Coats without those that paint a zone that is gone; a print that took its colours takes one of them. */
export function coatsWithoutZone(coats: readonly Coat[], id: string, colour: string): Coat[] {
	return coats.flatMap((coat) => {
		const source = colourOf(coat);
		if (source === null || typeof source === 'string' || source.zone !== id) return whereOf(coat).zone === id ? [] : [coat];
		return 'colour' in coat ? [recolour(coat, colour)] : [];
	});
}

/**
 * Follows a change of the piece: old holes that are to be filled now, where there were none, bring the filler before the sanding
 * that is there, or sanding too; where there are none any more it goes again. Sanding stays: it has other uses.
 */
export function followHoles(before: Project, project: Project): Project {
	const { coats } = project.finish;
	const filler = coats.find((coat) => whereOf(coat).only === 'holes');
	const has = hasHoles(project);
	if (has === hasHoles(before) || has === (filler !== undefined)) return project;
	if (filler) return dropCoat(project, filler.id);
	const first = coats.findIndex((coat) => phaseOf(coat) > 0);
	const at = first < 0 ? coats.length : first;
	/** Sanding that is there already does for the filler too, unless the piece is cleaned or dusted only after it: filler holds no better than paint on grease. */
	const [sanding, cleaning] = [doesKey, doesClean].map((does) => coats.slice(0, at).findLastIndex(does)) as [number, number];
	if (sanding > cleaning) return addCoat(project, newFiller(), sanding).project;
	return addCoat(addCoat(project, newFiller(), at).project, newSand('all'), at + 1).project;
}

/** What a step does whatever it is made of. */
function traitsOf(coat: Coat) {
	return kindOfCoat(coat).traits(coat, { material: null, zone: null, colourOf: () => undefined });
}

const doesKey = (coat: Coat) => traitsOf(coat).keys === true;
const doesClean = (coat: Coat) => traitsOf(coat).cleans === true || (traitsOf(coat).dusts === true && !doesKey(coat));

function hasHoles({ piece, units }: Project): boolean {
	return hasOldHoles(measurePiece(piece, units));
}
