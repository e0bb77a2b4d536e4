import { colourOf, isFilm, whereOf } from '../../layers';
import { groundOn, GROUNDS, isOwnSurface, type Part } from '../../piece';
import type { Project } from '../../project';
import type { Plan } from '../types';

/** A part of a face in one plain colour. */
export interface PlainPart {
	readonly part: Part;
	readonly hex: string;
}

/**
 * A face in plain colours after so many steps, at once and without a renderer: each surface in the last colour that was laid on
 * it (of a zone the middle one), or as its ground looks. The face itself first, what lies on others after it.
 */
export function drawPlain({ finish, layout, palette }: Project, plan: Plan, face: string, steps: number): PlainPart[] {
	const of = plan.faces.find(({ id }) => id === face) ?? plan.faces[0]!;
	const hexOf = (id: string) => palette.find((colour) => colour.id === id)?.hex;
	const done = finish.coats.slice(0, steps).map((coat, at) => ({ coat, surfaces: plan.order[at]?.surfaces ?? [] }));
	const hexOn = (part: Part) => {
		const last = done.findLast(
			({ coat, surfaces }) => isFilm(coat) && whereOf(coat).through === undefined && colourOf(coat) !== null && surfaces.includes(part.id)
		);
		const source = last ? colourOf(last.coat) : null;
		if (typeof source === 'string') return hexOf(source);
		const zone = source === null ? undefined : layout.zones.find(({ id }) => id === source.zone);
		return zone && hexOf(zone.colours[Math.floor(zone.colours.length / 2)]!);
	};
	return [of.whole, ...of.parts.filter(isOwnSurface)].map((part) => ({ part, hex: hexOn(part) ?? GROUNDS[groundOn(of, part.id)].look[0] }));
}
