import type { LengthUnit, Mm } from '../units';
import type { ReadingRole } from './schema';

export interface ChainReading {
	readonly mm: Mm;
	/** As it was typed: digit slips are slips of the text. */
	readonly text: string;
	readonly unit: LengthUnit;
	readonly resolution: Mm;
	readonly role: ReadingRole;
}
