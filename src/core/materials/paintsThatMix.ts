import type { Colour } from '../colour';
import type { Zone } from '../layout';
import { colourOf, isFilm, type Coat, type Material } from '../layers';

/** What is mixed with a spoon, by the jar: paints, and glazes made of them. */
const MIXES: ReadonlySet<Material['kind']> = new Set(['paint', 'glaze', 'primer']);

/**
 * The colours of a palette that mix with each other: those that no coat lays, and those that a coat of paint does. What is only laid as a gilding wax, a wax or a
 * paste is none, nor what is mixed of it; colours of zones are blended in paint. Source: methods 10, craft 3.
 */
export function paintsThatMix(
	palette: readonly Colour[],
	coats: readonly Coat[],
	materials: ReadonlyMap<string, Material>,
	zones: readonly Pick<Zone, 'colours'>[]
): Colour[] {
	const blended = new Set(zones.flatMap(({ colours }) => colours));
	const isPaint = new Map<string, boolean>();
	for (const coat of coats) {
		const colour = colourOf(coat);
		if (typeof colour !== 'string' || !isFilm(coat)) continue;
		const kind = materials.get(coat.material)?.kind;
		isPaint.set(colour, (isPaint.get(colour) ?? false) || kind === undefined || MIXES.has(kind));
	}
	const mixes = (id: string, seen: readonly string[] = []): boolean => {
		if (isPaint.get(id) === false && !blended.has(id)) return false;
		const parts = palette.find((colour) => colour.id === id)?.mix ?? [];
		return parts.every(({ colour }) => seen.includes(colour) || mixes(colour, [...seen, id]));
	};
	return palette.filter(({ id }) => mixes(id));
}
