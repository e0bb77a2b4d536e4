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
	const byId = new Map(palette.map((colour) => [colour.id, colour]));
	/** Each is worked out once, however many mixes it is in; but for what hung on where a circle was cut. */
	const find = (id: string, above: ReadonlySet<string>): { readonly pigment: Pigment | null; readonly isCut: boolean } => {
		const done = known.get(id);
		if (done) return { pigment: done, isCut: false };
		const colour = byId.get(id);
		if (!colour) return { pigment: null, isCut: false };
		if (above.has(id)) return { pigment: null, isCut: true };
		const below = (colour.mix ?? []).map(({ colour: part, parts }) => ({ parts, ...find(part, new Set([...above, id])) }));
		const mixed = below.flatMap(({ parts, pigment }) => (pigment ? [{ paint: pigment.paint, parts, strength: pigment.strength }] : []));
		const total = mixed.reduce((sum, part) => sum + part.parts, 0);
		const pigment: Pigment =
			total > 0
				? mixedPigment(id, mixed, total)
				: { id, hex: colour.hex, paint: convertHexToPaint(colour.hex), strength: colour.strength ?? 1 };
		const isCut = below.some((one) => one.isCut);
		if (!isCut) known.set(id, pigment);
		return { pigment, isCut };
	};
	return new Map(palette.map(({ id }) => [id, find(id, new Set()).pigment!]));
}

/**
 * What of each colour of a palette comes of which that are not mixed, as shares that add up to 1. A mix that leads back to itself goes no further
 * there; of a mix of nothing else it is itself. Source: methods 9.
 */
export function basesOf(palette: readonly Pick<Colour, 'id' | 'mix'>[]): ReadonlyMap<string, ReadonlyMap<string, number>> {
	const known = new Map<string, ReadonlyMap<string, number>>();
	const byId = new Map(palette.map((colour) => [colour.id, colour]));
	const find = (id: string, above: ReadonlySet<string>): { readonly shares: ReadonlyMap<string, number>; readonly isCut: boolean } => {
		const done = known.get(id);
		if (done) return { shares: done, isCut: false };
		const on = new Set([...above, id]);
		const mix = byId.get(id)?.mix ?? [];
		const open = mix.filter(({ colour }) => !on.has(colour));
		const total = open.reduce((sum, { parts }) => sum + parts, 0);
		const shares = new Map<string, number>();
		let isCut = open.length < mix.length;
		for (const { colour, parts } of open) {
			const below = find(colour, on);
			isCut ||= below.isCut;
			for (const [base, share] of below.shares) shares.set(base, (shares.get(base) ?? 0) + (share * parts) / total);
		}
		if (shares.size === 0) shares.set(id, 1);
		if (!isCut) known.set(id, shares);
		return { shares, isCut };
	};
	return new Map(palette.map(({ id }) => [id, find(id, new Set()).shares]));
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
