import type { Colour } from './schema';
import { convertPaintToHex, mixPaints } from './mixPaints';
import type { Pigment } from './pigments';

export interface PouredMix {
	readonly hex: string;
	/** Of one coat, the mean of its colours by parts. */
	readonly opacity: number;
	/** ml of each colour, in the order given; they add up to the total. */
	readonly ml: readonly number[];
}

/**
 * What so many parts of some colours become, and how much of each is poured for `total` ml. Null where there is no part of any.
 * Source: methods 9 and 10.
 */
export function pourMix(
	mix: readonly { readonly colour: Pick<Colour, 'opacity'>; readonly pigment: Pigment; readonly parts: number }[],
	total: number
): PouredMix | null {
	const sum = mix.reduce((all, { parts }) => all + parts, 0);
	if (!(sum > 0)) return null;
	return {
		hex: convertPaintToHex(mixPaints(mix.map(({ pigment, parts }) => ({ ...pigment, parts })))),
		opacity: mix.reduce((all, { colour, parts }) => all + parts * colour.opacity, 0) / sum,
		ml: mix.map(({ parts }) => (total * parts) / sum)
	};
}

/** How much of a mix comes of what is left of one of its parts: ml in all, from so many ml of it. Null where it is no part of the mix. Source: methods 9. */
export function totalFromPart(mix: readonly { readonly parts: number }[], at: number, ml: number): number | null {
	const own = mix[at]?.parts ?? 0;
	if (!(own > 0)) return null;
	return (ml * mix.reduce((all, { parts }) => all + parts, 0)) / own;
}
