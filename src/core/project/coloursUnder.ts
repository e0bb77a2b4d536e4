import { leastContrast } from '../colour';
import { colourOf, isFilm, kindOfCoat, whereOf } from '../layers';
import { partsOf, type Places } from '../layout';
import type { MeasuredPiece } from '../piece';
import type { Project } from './project';

/** What is laid on some parts before a motif goes on: the colours of zones there, and of the last base coat where none of them covers it. Ids of the palette. */
export function coloursUnder(project: Pick<Project, 'layout' | 'finish'>, parts: Places, piece: Pick<MeasuredPiece, 'faces'>): string[] {
	const on = partsOf(parts, piece);
	const ids = new Set(on.flatMap(({ id, face }) => [id, face]));
	const zones = project.layout.zones.filter((zone) =>
		partsOf(zone.parts, piece).some(({ id, face, role }) => ids.has(id) || (role === 'face' && ids.has(face)))
	);
	const base = project.finish.coats.findLast((coat) => {
		if (!isFilm(coat) || kindOfCoat(coat).phase !== 'base') return false;
		const where = whereOf(coat).on;
		return where === undefined || typeof where === 'string' || where.some((id) => ids.has(id));
	});
	const ground = base ? colourOf(base) : null;
	const hidden = zones.some(({ leaves }) => !leaves);
	return [...new Set([...zones.flatMap(({ colours }) => colours), ...(!hidden && typeof ground === 'string' ? [ground] : [])])];
}

/** The colour of the palette that stands out most from what lies under a motif on some parts; the last one where nothing does. */
export function colourToBegin(
	project: Pick<Project, 'layout' | 'finish' | 'palette'>,
	parts: Places,
	piece: Pick<MeasuredPiece, 'faces'>
): string {
	const hexOf = (id: string) => project.palette.find((colour) => colour.id === id)?.hex;
	const under = coloursUnder(project, parts, piece).flatMap((id) => hexOf(id) ?? []);
	const last = project.palette.at(-1)!;
	if (under.length === 0) return last.id;
	return project.palette.reduce(
		(best, colour) => (leastContrast(colour.hex, under)!.difference > leastContrast(best.hex, under)!.difference ? colour : best),
		last
	).id;
}
