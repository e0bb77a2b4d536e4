/** A motif may be scaled between these. */
export const [LEAST_SCALE, LARGEST_SCALE] = [0.05, 20];
/** A row may be a third smaller than wished, or a third larger. */
const AROUND = { least: 2 / 3, most: 4 / 3 };

/** Limits of scale to begin from, to a hundredth. */
export function scalesAround(wish: number): { readonly least: number; readonly most: number; readonly wish: number } {
	return { least: toScale(wish * AROUND.least), most: toScale(wish * AROUND.most), wish: toScale(wish) };
}

/** Between which limits something may be, and what is wished; null: the middle of them. */
export interface Wished<W extends number | null> {
	readonly least: number;
	readonly most: number;
	readonly wish: W;
}

/** What is wished, said or not. */
export const middleOf = ({ least, most, wish }: Wished<number | null>): number => wish ?? (least + most) / 2;

/** A limit or a wish set: the others give way, so that the wish lies between its limits. One that nobody set stays unset. */
export function setWished<W extends number | null>(
	now: Wished<W>,
	key: keyof Wished<W>,
	value: number
): { least: number; most: number; wish: W | number } {
	const { least, most, wish } = now;
	if (key === 'wish') return { least: Math.min(least, value), most: Math.max(most, value), wish: value };
	if (key === 'least') return { least: value, most: Math.max(most, value), wish: wish === null ? wish : Math.max(wish, value) };
	return { least: Math.min(least, value), most: value, wish: wish === null ? wish : Math.min(wish, value) };
}

/** To a hundredth, within what a motif may be. */
export function toScale(scale: number): number {
	return Math.min(LARGEST_SCALE, Math.max(LEAST_SCALE, Math.round(scale * 100) / 100));
}

/** To begin with a motif takes half of the least part, across or down. Source: methods 3 (suggested size). */
const BEGIN = 0.5;

/** The scale at which a motif takes half of the width of the least of some parts, or half of its height, whichever it fills first; 1 where there is none. */
export function scaleToBegin(
	motif: { readonly width: number; readonly height: number },
	parts: readonly { readonly width: number; readonly height: number }[]
): number {
	if (parts.length === 0) return 1;
	return toScale(BEGIN * Math.min(...parts.map(({ width, height }) => Math.min(width / motif.width, height / motif.height))));
}
