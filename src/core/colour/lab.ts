import { clampRgb, converter, differenceCiede2000, displayable, formatHex } from './spaces';

/** CIELAB under D65, as a colour reader tells it. */
export interface Lab {
	readonly l: number;
	readonly a: number;
	readonly b: number;
}

const toLab = converter('lab65');

/** Of a colour #rrggbb. */
export function convertHexToLab(hex: string): Lab {
	const lab = toLab(hex);
	if (!lab) throw new RangeError(`convertHexToLab expects #rrggbb, got ${hex}`);
	return { l: lab.l, a: lab.a, b: lab.b };
}

/** The nearest that a screen can show, and how far that is off, CIEDE2000: 0 where it can show the colour itself. */
export function convertLabToHex({ l, a, b }: Lab): { readonly hex: string; readonly off: number } {
	const lab = { mode: 'lab65' as const, l, a, b };
	const shown = clampRgb(converter('rgb')(lab));
	return { hex: formatHex(shown), off: displayable(lab) ? 0 : differLabs({ l, a, b }, toLab(shown)) };
}

const ciede2000 = differenceCiede2000();

/** Difference of two colours by CIEDE2000; checked against the published pairs in the test. */
export function differLabs(first: Lab, second: Lab): number {
	return ciede2000({ mode: 'lab65', ...pick(first) }, { mode: 'lab65', ...pick(second) });
}

function pick({ l, a, b }: Lab): Lab {
	return { l, a, b };
}

/** Of several readings of one swatch: the middle one of each figure, so that one slip does no harm. */
export function middleOfReadings(readings: readonly Lab[]): Lab {
	if (readings.length === 0) throw new RangeError('middleOfReadings needs at least one reading');
	const middle = (of: (lab: Lab) => number) => {
		const sorted = readings.map(of).sort((a, b) => a - b);
		return (sorted[Math.floor((sorted.length - 1) / 2)]! + sorted[Math.ceil((sorted.length - 1) / 2)]!) / 2;
	};
	return { l: middle(({ l }) => l), a: middle(({ a }) => a), b: middle(({ b }) => b) };
}
