import { formatLength, type LengthUnit, type Mm } from '../../units';

/** How many of a motif, and how high each is as it is laid (mm), in the painter's unit: `5, each 114 mm high`. */
export function wordSize(count: number, height: Mm, unit: LengthUnit): string {
	const size = `${formatLength(height, unit).text} high`;
	return count === 1 ? `1, ${size}` : `${count}, each ${size}`;
}
