import { layOver } from '../../colour';
import { amountOfCoat, colourOf, hiddenBy, isFilm, kindOfCoat, whereOf } from '../../layers';
import type { Zone } from '../../layout';
import { faceOf, groundOn, GROUNDS, isOwnSurface, type Part } from '../../piece';
import type { Project } from '../../project';
import type { Plan } from '../types';

/** A part of a face in one plain colour. */
export interface PlainPart {
	readonly part: Part;
	readonly hex: string;
}

/** A colour that lets what is under it be seen, and the share that it hides. */
interface Veil {
	readonly hex: string;
	readonly hides: number;
}

/** What is seen of a surface: one colour, or the colours of a zone with what they leave bare; glazes over them, and what its edges caught. */
export interface Cover {
	/** The last colour that was laid on it, of a zone the middle one; or as its ground looks; with the glazes over it. */
	readonly hex: string;
	readonly zone: Zone | null;
	/** What is seen where the zone leaves it bare, without the glazes. */
	readonly under: string;
	/** Glazes over the zone, in their order. */
	readonly veils: readonly Veil[];
	/** Rubbed on along its edges only. */
	readonly edges: string | null;
}

/** What so many steps leave to be seen on a surface of a face, through no arrangement. */
export function coverOn({ finish, layout, palette }: Shown, plan: Plan, part: Part, steps: number): Cover {
	const colourOfId = (id: string) => palette.find((colour) => colour.id === id);
	const bare = GROUNDS[groundOn(faceOf(plan.faces, part.face), part.id)].look[0];
	const covers = finish.coats
		.slice(0, steps)
		.filter((coat, at) => whereOf(coat).through === undefined && colourOf(coat) !== null && plan.order[at]?.surfaces.includes(part.id))
		.filter(isFilm);
	return covers.reduce<Cover>((below, coat) => {
		const [source, look] = [colourOf(coat)!, kindOfCoat(coat).look(coat)];
		if (typeof source !== 'string') {
			const zone = layout.zones.find(({ id }) => id === source.zone);
			const middle = zone && colourOfId(zone.colours[Math.floor(zone.colours.length / 2)]!);
			return zone && middle ? { hex: middle.hex, zone, under: below.hex, veils: [], edges: null } : below;
		}
		const colour = colourOfId(source);
		if (!colour) return below;
		const { hex, opacity } = colour;
		if (look.effect === 'glaze') {
			const veil = { hex, hides: hiddenBy(hiddenBy(opacity, look.strength), amountOfCoat(coat)) };
			return { ...below, hex: layOver(hex, veil.hides, below.hex), veils: [...below.veils, veil] };
		}
		if (look.effect === 'gild' && look.catches !== 'all') return look.catches === 'edges' ? { ...below, edges: hex } : below;
		return plainCover(hex);
	}, plainCover(bare));
}

const plainCover = (hex: string): Cover => ({ hex, zone: null, under: hex, veils: [], edges: null });

/** A colour as it is seen through what was glazed over it. */
export const seenThrough = (veils: Cover['veils'], hex: string): string =>
	veils.reduce((below, veil) => layOver(veil.hex, veil.hides, below), hex);

type Shown = Pick<Project, 'finish' | 'layout' | 'palette'>;

/**
 * A face in plain colours after so many steps, at once and without a renderer: each surface in the last colour that was laid on
 * it (of a zone the middle one), or as its ground looks. The face itself first, what lies on others after it.
 */
export function drawPlain(project: Shown, plan: Plan, face: string, steps: number): PlainPart[] {
	const of = plan.faces.find(({ id }) => id === face) ?? plan.faces[0]!;
	return [of.whole, ...of.parts.filter(isOwnSurface)].map((part) => ({ part, hex: coverOn(project, plan, part, steps).hex }));
}
