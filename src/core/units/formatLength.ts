import { MM_PER_INCH, type LengthUnit, type Mm } from './quantities';

export interface LengthText {
	readonly text: string;
	/** True when the text is not the exact length, so that the reader can be told. */
	readonly rounded: boolean;
}

/** A difference below this is the noise of arithmetic, not a rounding that a person should hear of. */
const EXACT = 0.005;

/**
 * Writes a length (mm) for a tape: to the nearest 1/16 in, or to `step` mm (1 unless said); ties round up.
 * Source: methods 1.
 */
export function formatLength(mm: Mm, unit: LengthUnit, step: Mm = 1): LengthText {
	return unit === 'in' ? formatInches(mm) : formatMillimetres(mm, step);
}

/** Writes a small length (mm), as room in a gap or what sanding takes: to a hundredth of a mm, or to the nearest 1/64 in. */
export function formatFine(mm: Mm, unit: LengthUnit): LengthText {
	return unit === 'in' ? formatInches(mm, 64) : formatMillimetres(mm, 0.01);
}

/** One of two lengths (mm) that are told beside each other because they differ: as fine as it takes to see that. */
export function formatBeside(mm: Mm, other: Mm, unit: LengthUnit): LengthText {
	const ways = [(one: Mm) => formatLength(one, unit, 0.1), (one: Mm) => formatFine(one, unit), (one: Mm) => formatMillimetres(one, 0.01)];
	const seen = ways.find((write) => write(mm).text !== write(other).text);
	return (seen ?? ways[0]!)(mm);
}

/** The finest step of a tape, mm: 1 mm, or 1/16 in. */
export const tapeStep = (unit: LengthUnit): Mm => (unit === 'in' ? MM_PER_INCH / 16 : 1);

/** The nearest length that a tape shows, mm. */
export const toTape = (mm: Mm, unit: LengthUnit): Mm => roundHalfUp(mm / tapeStep(unit)) * tapeStep(unit);

/**
 * The size between two places (mm from one edge) as a drawing's figure, without its unit: each place rounded once, the size the difference of the two. So
 * sizes beside each other add up to the whole, and none puts a place off. Millimetres go by `step`, inches by 1/16, or finer where a reading was taken
 * so (`read`, mm): 3/32 stays 3/32.
 */
export function figureBetween(from: Mm, to: Mm, unit: LengthUnit, { read, step }: { readonly read: Mm; readonly step: Mm }): string {
	const parts = [64, 32].find((one) => read <= MM_PER_INCH / one + 1e-9) ?? 16;
	const finest = unit === 'in' ? MM_PER_INCH / parts : step;
	const mm = (roundHalfUp(to / finest) - roundHalfUp(from / finest)) * finest;
	return (unit === 'in' ? formatInches(mm, parts) : formatMillimetres(mm, step)).text.replace(/ (mm|in)$/, '');
}

/**
 * A length (mm) that nobody has chosen yet, as the painter's rule has it: whole mm, or quarters of an inch (from 12 mm), eighths, and
 * sixteenths where it is less than 3 mm. What is more than nothing stays so.
 */
export function roundToBegin(mm: Mm, unit: LengthUnit): Mm {
	const step = unit === 'mm' ? 1 : MM_PER_INCH / (mm >= 12 ? 4 : mm >= 3 ? 8 : 16);
	const least = unit === 'in' && mm > 0 ? step : 0;
	return Math.max(least, roundHalfUp(mm / step) * step);
}

/** As `formatLength`, with the unit left out: for columns and dimension lines that name their unit once. */
export function formatFigure(mm: Mm, unit: LengthUnit, step: Mm = 1): LengthText {
	const { text, rounded } = formatLength(mm, unit, step);
	return { text: text.replace(/ (mm|in)$/, ''), rounded };
}

function formatMillimetres(mm: Mm, step: Mm): LengthText {
	const value = roundHalfUp(mm / step) * step;
	const digits = step >= 1 ? 0 : Math.ceil(-Math.log10(step));
	return { text: `${trimMinusZero(value.toFixed(digits))} mm`, rounded: Math.abs(value - mm) > EXACT };
}

function formatInches(mm: Mm, parts = 16): LengthText {
	const steps = roundHalfUp((Math.abs(mm) * parts) / MM_PER_INCH);
	const whole = Math.floor(steps / parts);
	let top = steps % parts;
	let bottom = parts;
	while (top > 0 && top % 2 === 0) {
		top /= 2;
		bottom /= 2;
	}
	const sign = mm < 0 && steps > 0 ? '−' : '';
	const figure = top === 0 ? `${whole}` : whole === 0 ? `${top}/${bottom}` : `${whole} ${top}/${bottom}`;
	return { text: `${sign}${figure} in`, rounded: Math.abs((steps * MM_PER_INCH) / parts - Math.abs(mm)) > EXACT };
}

function roundHalfUp(value: number): number {
	return Math.floor(value + 0.5 + 1e-9);
}

function trimMinusZero(text: string): string {
	const tidy = text.includes('.') ? text.replace(/0+$/, '').replace(/\.$/, '') : text;
	return tidy === '-0' ? '0' : tidy.replace('-', '−');
}
