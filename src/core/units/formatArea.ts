import { MM_PER_INCH, type LengthUnit } from './quantities';

const MM2_PER_M2 = 1e6;
const SQUARE_FOOT = (12 * MM_PER_INCH) ** 2;
const SQUARE_INCH = MM_PER_INCH ** 2;
/** Smaller than this, in square feet, it is written in square inches. */
const SMALL = 0.1;

/** Writes an area (m2) in the painter's unit: `0.219 m²`; `2.36 sq ft`, small ones `9.3 sq in`. */
export function formatArea(m2: number, unit: LengthUnit): string {
	if (unit === 'mm') return `${m2.toFixed(3)} m²`;
	const feet = (m2 * MM2_PER_M2) / SQUARE_FOOT;
	return feet >= SMALL || m2 === 0 ? `${feet.toFixed(2)} sq ft` : `${((m2 * MM2_PER_M2) / SQUARE_INCH).toFixed(1)} sq in`;
}
