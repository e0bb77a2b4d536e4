import type { Zone } from '../../layout';
import type { ZoneRemedy } from './types';

const TRIED = 12;

/** The best of the next seeds, where it does better than this one by a good deal; none for a pattern without one. */
export function betterSeed(zone: Zone, fault: (zone: Zone) => number): ZoneRemedy[] {
	if (!('seed' in zone.field)) return [];
	const { field } = zone;
	const tried = Array.from({ length: TRIED }, (_, i): Zone => ({ ...zone, field: { ...field, seed: field.seed + i + 1 } as Zone['field'] }))
		.map((one) => ({ one, fault: fault(one) }))
		.sort((a, b) => a.fault - b.fault)[0]!;
	return tried.fault < 0.75 * fault(zone) ? [{ says: 'Take another like this that is more even', zone: tried.one }] : [];
}
