import type { Mm, Um } from '../units';
import type { Gap } from '../piece';
import type { Stack } from './stackLayers';

const UM_PER_MM = 1000;
/** Less room than this is a warning, mm. Source: craft 2. */
export const TIGHT: Mm = 0.5;

export interface GapRoom {
	readonly gap: string;
	readonly at: Gap['at'];
	readonly between: readonly [string, string];
	readonly mm: Mm;
	/** Film on each side when all coats are on, mm. */
	readonly film: readonly [Mm, Mm];
	readonly left: Mm;
	readonly verdict: 'free' | 'tight' | 'binds';
}

/** Dry film on one surface, micrometres, after so many steps. Stencils stay clear of the edges. Source: methods 12. */
export function sumFilm(stack: Stack, surface: string, steps = stack.layers.length): Um {
	return stack.layers
		.slice(0, steps)
		.reduce((sum, layer) => sum + (layer.surfaces.has(surface) && layer.coat.kind !== 'stencil' ? layer.film : 0), 0);
}

/** Room to move in a gap: what is left of it between the films of its two sides. Source: methods 12. */
export function roomInGap(stack: Stack, gap: Gap): GapRoom {
	const film = gap.between.map((surface) => sumFilm(stack, surface) / UM_PER_MM) as [Mm, Mm];
	const left = gap.mm - film[0] - film[1];
	return {
		gap: gap.id,
		at: gap.at,
		between: gap.between,
		mm: gap.mm,
		film,
		left,
		verdict: left < 0 ? 'binds' : left < TIGHT ? 'tight' : 'free'
	};
}
