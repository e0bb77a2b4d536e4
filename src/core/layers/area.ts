import { openingsOverlap, type OpeningsOn } from '../layout';

/** Where a layer lies. */
export interface Area {
	/** Ids of surfaces: a part, or a face for its carcass. */
	readonly surfaces: ReadonlySet<string>;
	/** What it covers of them, where it goes through an arrangement; null: all of each. */
	readonly openings: OpeningsOn | null;
}

/** The surfaces on which two layers really overlap: where both go through an arrangement, where their openings do. */
export function surfacesInCommon(a: Area, b: Area): string[] {
	const shared = [...a.surfaces].filter((surface) => b.surfaces.has(surface));
	const [first, second] = [a.openings, b.openings];
	if (first === null || second === null || first === second) return shared;
	return shared.filter((surface) => openingsOverlap(first, second, surface));
}
