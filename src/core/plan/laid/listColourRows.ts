import type { Quantities } from '../../materials';
import type { Unmeasured } from '../types';

/** All that is to be known of one colour before work: what to pour for which coats, and what its jar must hold. */
export interface ColourRow {
	readonly colour: string;
	/** One for each material that it is poured out as. */
	readonly pours: readonly (Quantities['paints'][0] & {
		/** What faces that nobody measured would take besides. */ readonly more: number | null;
	})[];
	/** Null for a mix: its parts come from their own jars. */
	readonly jar: Quantities['jars'][0] | null;
	/** Taken by mixes, ml. */
	readonly inMixes: number;
	/** Of a mix: made besides, and kept back for touching up, ml; 0: nothing. */
	readonly keep: number;
}

/** Every colour once, in the order in which the coats need it; those that are only mixed in after them, then those that only unmeasured faces take. */
export function listColourRows(
	{ paints, jars, keptBack }: Pick<Quantities, 'paints' | 'jars' | 'keptBack'>,
	unmeasured: Unmeasured | null
): ColourRow[] {
	const more = unmeasured?.paints ?? [];
	const colours = new Set([...paints, ...jars, ...more].map(({ colour }) => colour));
	return [...colours].map((colour): ColourRow => {
		const own = paints.filter((row) => row.colour === colour);
		const jar = jars.find((one) => one.colour === colour) ?? null;
		const only = more.filter((row) => row.colour === colour && !own.some(({ material }) => material === row.material));
		return {
			colour,
			pours: [
				...own.map((row) => ({ ...row, more: more.find((one) => one.colour === colour && one.material === row.material)?.ml ?? null })),
				...only.map(({ material, ml }) => ({ colour, material, area: 0, ml: 0, uses: [], more: ml }))
			],
			jar,
			keep: keptBack.find((one) => one.colour === colour)?.ml ?? 0,
			inMixes: jar ? Math.max(0, jar.ml - own.reduce((sum, { ml }) => sum + ml, 0)) : 0
		};
	});
}
