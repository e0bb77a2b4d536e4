import { colourOf, isFilm, whereOf } from '../../layers';
import type { Zone } from '../../layout';
import { faceOf, groundOn, GROUNDS, isOwnSurface, type Part } from '../../piece';
import type { Project } from '../../project';
import type { Plan } from '../types';

/** A part of a face in one plain colour. */
export interface PlainPart {
	readonly part: Part;
	readonly hex: string;
}

/** What is seen of a surface: one colour, or the colours of a zone with what they leave bare. */
export interface Cover {
	/** The last colour that was laid on it, of a zone the middle one; or as its ground looks. */
	readonly hex: string;
	readonly zone: Zone | null;
	/** What is seen where the zone leaves it bare. */
	readonly under: string;
}

/** What so many steps leave to be seen on a surface of a face, through no arrangement. */
export function coverOn({ finish, layout, palette }: Shown, plan: Plan, part: Part, steps: number): Cover {
	const hexOf = (id: string) => palette.find((colour) => colour.id === id)?.hex;
	const covers = finish.coats
		.slice(0, steps)
		.filter(
			(coat, at) =>
				isFilm(coat) && whereOf(coat).through === undefined && colourOf(coat) !== null && plan.order[at]?.surfaces.includes(part.id)
		);
	const bare = GROUNDS[groundOn(faceOf(plan.faces, part.face), part.id)].look[0];
	return covers.reduce<Cover>(
		(below, coat) => {
			const source = colourOf(coat)!;
			if (typeof source === 'string') {
				const hex = hexOf(source);
				return hex === undefined ? below : { hex, zone: null, under: hex };
			}
			const zone = layout.zones.find(({ id }) => id === source.zone);
			const middle = zone && hexOf(zone.colours[Math.floor(zone.colours.length / 2)]!);
			return zone && middle !== undefined ? { hex: middle, zone, under: below.hex } : below;
		},
		{ hex: bare, zone: null, under: bare }
	);
}

type Shown = Pick<Project, 'finish' | 'layout' | 'palette'>;

/**
 * A face in plain colours after so many steps, at once and without a renderer: each surface in the last colour that was laid on
 * it (of a zone the middle one), or as its ground looks. The face itself first, what lies on others after it.
 */
export function drawPlain(project: Shown, plan: Plan, face: string, steps: number): PlainPart[] {
	const of = plan.faces.find(({ id }) => id === face) ?? plan.faces[0]!;
	return [of.whole, ...of.parts.filter(isOwnSurface)].map((part) => ({ part, hex: coverOn(project, plan, part, steps).hex }));
}
