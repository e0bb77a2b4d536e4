import type { LengthUnit, Mm } from '../../units';
import type { ReadingRole } from '../schema';

export interface ChainReading {
	readonly mm: Mm;
	/** As it was typed: digit slips are slips of the text. */
	readonly text: string;
	readonly unit: LengthUnit;
	readonly resolution: Mm;
	readonly role: ReadingRole;
}

/** What adding inches in binary is off by, and more, mm. */
const NOISE: Mm = 1e-6;

/** Whether a length that should be none is no more than a limit, mm, but for the noise of adding. */
export function isWithin(left: Mm, limit: Mm): boolean {
	return Math.abs(left) <= limit + NOISE;
}
