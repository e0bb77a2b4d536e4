import type { Colour } from './schema';
import { foldMixes } from './foldMixes';
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
 * Every colour of a palette as paint. A mix carries its parts, never the colour between, and a mix of mixes those of all; a mix of nothing is as
 * its hex says. Source: methods 10.
 */
export function pigmentsOf(palette: readonly Colour[]): ReadonlyMap<string, Pigment> {
	return foldMixes(palette, ({ id, hex, strength }, parts): Pigment => {
		if (parts.length === 0) return { id, hex, paint: convertHexToPaint(hex), strength: strength ?? 1 };
		const paint = mixPaints(parts.map(({ of, parts: share }) => ({ paint: of.paint, parts: share, strength: of.strength })));
		const total = parts.reduce((sum, { parts: share }) => sum + share, 0);
		const counted = parts.reduce((sum, { of, parts: share }) => sum + share * of.strength, 0);
		return { id, hex: convertPaintToHex(paint), paint, strength: counted / total };
	});
}

/** What of each colour of a palette comes of which that are not mixed, as shares that add up to 1; of a mix of nothing it is itself. Source: methods 9. */
export function basesOf(palette: readonly Pick<Colour, 'id' | 'mix'>[]): ReadonlyMap<string, ReadonlyMap<string, number>> {
	return foldMixes(palette, ({ id }, parts): ReadonlyMap<string, number> => {
		const total = parts.reduce((sum, { parts: share }) => sum + share, 0);
		const shares = new Map<string, number>(parts.length === 0 ? [[id, 1]] : []);
		for (const { of, parts: part } of parts)
			for (const [base, share] of of) shares.set(base, (shares.get(base) ?? 0) + (share * part) / total);
		return shares;
	});
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
