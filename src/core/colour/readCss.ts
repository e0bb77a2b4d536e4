import { converter, parse } from './spaces';

const toRgb = converter('rgb');

/** A colour as a drawing writes it (name, hex, rgb()): channels and opacity, 0 to 1; null where it is none that is known here. */
export function readCss(text: string): { readonly r: number; readonly g: number; readonly b: number; readonly alpha: number } | null {
	const read = parse(text.trim());
	if (read === undefined) return null;
	const { r, g, b, alpha = 1 } = toRgb(read);
	return { r, g, b, alpha };
}
