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

function formatInches(mm: Mm): LengthText {
	const sixteenths = roundHalfUp((Math.abs(mm) * 16) / MM_PER_INCH);
	const whole = Math.floor(sixteenths / 16);
	let top = sixteenths % 16;
	let bottom = 16;
	while (top > 0 && top % 2 === 0) {
		top /= 2;
		bottom /= 2;
	}
	const sign = mm < 0 && sixteenths > 0 ? '−' : '';
	const figure = top === 0 ? `${whole}` : whole === 0 ? `${top}/${bottom}` : `${whole} ${top}/${bottom}`;
	return { text: `${sign}${figure} in`, rounded: Math.abs((sixteenths * MM_PER_INCH) / 16 - Math.abs(mm)) > EXACT };
}

function roundHalfUp(value: number): number {
	return Math.floor(value + 0.5 + 1e-9);
}

function trimMinusZero(text: string): string {
	const tidy = text.includes('.') ? text.replace(/0+$/, '').replace(/\.$/, '') : text;
	return tidy === '-0' ? '0' : tidy.replace('-', '−');
}
