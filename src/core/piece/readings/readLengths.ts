import { readLength, type Issue, type LengthUnit } from '../../units';
import type { ChainReading } from './chainReading';
import type { LengthInput } from './lengths';

/** Reads one length: null where there is nothing to use, and the fault is written down beside its field. */
export type LengthReader = (value: LengthInput, path: string, least: 'zero' | 'positive') => ChainReading | null;

/** Reads lengths of a piece in the painter's unit, and gathers what is wrong with them. */
export function createReader(unit: LengthUnit, issues: Issue[]): LengthReader {
	return (value, path, least) => {
		const parsed = readLength(value, unit);
		if (!parsed.ok) {
			issues.push({ code: parsed.code, path, values: { typed: String(value) } });
			return null;
		}
		if (least === 'positive' && parsed.mm === 0) {
			issues.push({ code: 'length.zero', path });
			return null;
		}
		return { ...parsed, text: String(value), unit: typeof value === 'number' ? 'mm' : unit, role: 'drawer' };
	};
}
