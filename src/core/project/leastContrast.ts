import { differColours, convertHexToLab } from '../colour';
import { colourOf, isFilm, kindOfCoat, whereOf } from '../layers';
import { partsOf, type Parts } from '../layout';
import type { MeasuredPiece } from '../piece';
import type { Project } from './project';

/** What is laid on some parts before a motif goes on: the colours of zones there, and of the last base coat where none of them covers it. Ids of the palette. */
export function coloursUnder(project: Pick<Project, 'layout' | 'finish'>, parts: Parts, piece: Pick<MeasuredPiece, 'faces'>): string[] {
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

export interface Contrast {
	/** Difference (CIEDE2000) from the nearest of what is under it. */
	readonly difference: number;
	/** Of lightness alone, L*, from the nearest. */
	readonly lightness: number;
}

/** How far a colour stands out from all of some others; null where there are none. Source: CIEDE2000. */
export function leastContrast(hex: string, under: readonly string[]): Contrast | null {
	if (under.length === 0) return null;
	const { l } = convertHexToLab(hex);
	return {
		difference: Math.min(...under.map((other) => differColours(hex, other))),
		lightness: Math.min(...under.map((other) => Math.abs(l - convertHexToLab(other).l)))
	};
}

/** Below `lost` (CIEDE2000) a motif is not seen at arm's length; from `seen` on it is seen across a room. Figures to begin from, tried on the demo pieces by eye. */
const JUDGED = { lost: 12, seen: 25 };

export function judgeContrast({ difference }: Contrast): 'lost' | 'quiet' | 'clear' {
	return difference < JUDGED.lost ? 'lost' : difference < JUDGED.seen ? 'quiet' : 'clear';
}

/** The colour of the palette that stands out most from what lies under a motif on some parts; the last one where nothing does. */
export function colourToBegin(
	project: Pick<Project, 'layout' | 'finish' | 'palette'>,
	parts: Parts,
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
