import type { Colour } from './schema';
import { convertHexToPaint, convertPaintToHex, mixPaints, type Paint } from './mixPaints';

/** A colour of the palette as paint. */
export interface Pigment {
	readonly id: string;
	readonly hex: string;
	readonly paint: Paint;
	/** Tinting strength. */
	readonly strength: number;
}

/**
 * Every colour of a palette as paint. A mix carries its parts, never the colour between, and a mix of mixes those of all;
 * parts that are not in the palette, or lead back to the mix itself, are left out, and a mix of nothing is as its hex says.
 * Source: methods 10.
 */
export function pigmentsOf(palette: readonly Colour[]): ReadonlyMap<string, Pigment> {
	const known = new Map<string, Pigment>();
	const find = (id: string, above: readonly string[]): Pigment | null => {
		const done = known.get(id);
		if (done) return done;
		const colour = palette.find((other) => other.id === id);
		if (!colour || above.includes(id)) return null;
		const parts = (colour.mix ?? []).flatMap(({ colour: part, parts }) => {
			const pigment = find(part, [...above, id]);
			return pigment ? [{ paint: pigment.paint, parts, strength: pigment.strength }] : [];
		});
		const total = parts.reduce((sum, part) => sum + part.parts, 0);
		const pigment: Pigment =
			total > 0
				? mixedPigment(id, parts, total)
				: { id, hex: colour.hex, paint: convertHexToPaint(colour.hex), strength: colour.strength ?? 1 };
		if (above.length === 0) known.set(id, pigment);
		return pigment;
	};
	palette.forEach(({ id }) => find(id, []));
	return known;
}

function mixedPigment(id: string, parts: readonly { paint: Paint; parts: number; strength: number }[], total: number): Pigment {
	const paint = mixPaints(parts);
	return { id, hex: convertPaintToHex(paint), paint, strength: parts.reduce((sum, part) => sum + part.parts * part.strength, 0) / total };
}

/** The palette with the hex of every mix as its parts make it. The same one where nothing has to change. */
export function followMixes(palette: Colour[]): Colour[] {
	if (palette.every(({ mix }) => !mix)) return palette;
	const pigments = pigmentsOf(palette);
	const followed = palette.map((colour) => {
		const hex = pigments.get(colour.id)!.hex;
		return colour.mix && hex !== colour.hex ? { ...colour, hex } : colour;
	});
	return followed.every((colour, i) => colour === palette[i]) ? palette : followed;
}

/** Of a plain colour (#rrggbb), for what is in no palette. */
export function pigmentOfHex(hex: string): Pigment {
	return { id: '', hex, paint: convertHexToPaint(hex), strength: 1 };
}

/** A channel at 0 is light of one kind swallowed whole, which no paint does: it mixes to nothing seen in a jar. Source: methods 10. */
export function isNoPaint(hex: string): boolean {
	return /^#(00....|..00..|....00)$/.test(hex);
}
