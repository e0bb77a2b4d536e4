import { SCHOOLS, type SchoolId, type Schools } from '$core/layers';

/** Of a school nothing is said. */
export const NO_SIDE = '-';

interface Side {
	readonly way: string;
	readonly says: string;
	readonly speaksFor: string;
	readonly costs: string;
}

export function waysOf(id: SchoolId): Side[] {
	return Object.entries(SCHOOLS[id].ways).map(([way, side]) => ({ way, ...(side as Omit<Side, 'way'>) }));
}

/** The schools with one side taken, or given up. */
export function chooseSide(schools: Schools, id: SchoolId, way: string): Schools {
	const next: Record<string, unknown> = { ...schools };
	if (way === NO_SIDE) delete next[id];
	else next[id] = way;
	return next as Schools;
}
