import { layOver } from '../../colour';
import { amountOfCoat, colourOf, hiddenBy, isFilm, kindOfCoat, whereOf } from '../../layers';
import type { Zone } from '../../layout';
import { faceOf, groundOn, GROUNDS, isOwnSurface, type Part } from '../../piece';
import type { Project } from '../../project';
import type { Plan } from '../types';

/** mm2. */
const M2 = 1e6;

/** A part of a face in one plain colour. */
export interface PlainPart {
	readonly part: Part;
	readonly hex: string;
}

/** What lies on a ground and does not hide all of it: the colours of a zone where they lie, or a glaze that hides so great a share. */
type CoverFilm = { readonly zone: Zone; readonly hexes: readonly string[] } | { readonly hex: string; readonly hides: number };

/** What is seen of a surface: a ground, what lies on it in its order, and what was rubbed on along its edges only. */
export interface Cover {
	/** All of it in one colour: of a zone the middle one, or what it leaves bare where that is more. */
	readonly hex: string;
	readonly ground: string;
	readonly films: readonly CoverFilm[];
	readonly edges: string | null;
}

/** What so many steps leave to be seen on a surface of a face, through no arrangement. */
export function coverOn({ finish, layout, palette }: Shown, plan: Plan, part: Part, steps: number): Cover {
	const colourOfId = (id: string) => palette.find((colour) => colour.id === id);
	const covers = finish.coats
		.slice(0, steps)
		.filter((coat, at) => whereOf(coat).through === undefined && colourOf(coat) !== null && plan.order[at]?.surfaces.includes(part.id))
		.filter(isFilm);
	const bare = GROUNDS[groundOn(faceOf(plan.faces, part.face), part.id)].look[0];
	return covers.reduce<Cover>((below, coat) => {
		const [source, look] = [colourOf(coat)!, kindOfCoat(coat).look(coat)];
		if (typeof source !== 'string') {
			const zone = layout.zones.find(({ id }) => id === source.zone);
			const hexes = zone?.colours.flatMap((id) => colourOfId(id)?.hex ?? []) ?? [];
			if (!zone || hexes.length !== zone.colours.length) return below;
			const films = [...(zone.leaves ? below.films : []), { zone, hexes }];
			const hex = isMostlyBare(zone, plan, part) ? below.hex : hexes[Math.floor(hexes.length / 2)]!;
			return { hex, ground: zone.leaves ? below.ground : below.hex, films, edges: null };
		}
		const colour = colourOfId(source);
		if (!colour) return below;
		const { hex, opacity } = colour;
		if (look.effect === 'glaze') {
			const hides = hiddenBy(hiddenBy(opacity, look.strength), amountOfCoat(coat));
			return { ...below, hex: layOver(hex, hides, below.hex), films: [...below.films, { hex, hides }] };
		}
		if (look.effect === 'gild' && look.catches !== 'all') return look.catches === 'edges' ? { ...below, edges: hex } : below;
		return plainCover(hex);
	}, plainCover(bare));
}

const plainCover = (hex: string): Cover => ({ hex, ground: hex, films: [], edges: null });

/** Colour in hollows, or at the tips of a few touches: more of the part is seen than is painted. */
function isMostlyBare(zone: Zone, plan: Plan, { id, width, height }: Part): boolean {
	const painted = plan.zones
		.filter((one) => one.zone === zone.id && one.part === id)
		.flatMap(({ areas }) => areas)
		.reduce((sum, { area }) => sum + area, 0);
	return zone.leaves && painted * M2 < (width * height) / 2;
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
