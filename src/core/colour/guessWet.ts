import { formatHex, parse } from './spaces';

/** Every channel to this power: ours, tried by eye on chalk paints, whose dry surface throws back a haze that a wet one does not. */
const DEEPER = 1.15;

/** A guess at the shade of a paint (#rrggbb as it dries) while it is wet: deeper and fuller. */
export function guessWet(hex: string): string {
	const rgb = parse(hex);
	if (rgb?.mode !== 'rgb') throw new RangeError(`guessWet expects #rrggbb, got ${hex}`);
	return formatHex({ mode: 'rgb', r: rgb.r ** DEEPER, g: rgb.g ** DEEPER, b: rgb.b ** DEEPER });
}
