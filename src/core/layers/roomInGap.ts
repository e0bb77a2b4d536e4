import type { Gap } from '../piece';
import { UM_PER_MM, type Mm, type Um } from '../units';
import { isFilm } from './kinds/schema';
import type { Layer, Stack } from './stackLayers';

/** Less room than this is a warning, mm. Source: craft 2. */
export const TIGHT: Mm = 0.5;

export type RoomVerdict = 'free' | 'tight' | 'binds';

export interface GapRoom {
	readonly gap: string;
	readonly at: Gap['at'];
	readonly between: readonly [string, string];
	/** At its two ends, before anything is painted, mm. */
	readonly ends: readonly [Mm, Mm];
	/** At the narrower of them. */
	readonly mm: Mm;
	/** Film on the edges of each side when all coats are on, mm. */
	readonly film: readonly [Mm, Mm];
	/** Taken off both edges by sanding, mm. */
	readonly eased: Mm;
	/** What is left at the narrower end. */
	readonly left: Mm;
	/** What is left at its two ends. */
	readonly leftAtEnds: readonly [Mm, Mm];
	readonly verdict: RoomVerdict;
	/** What is left, at the narrower end, after every step of the order. */
	readonly stages: readonly Mm[];
	/** The step after which it is first as tight as in the end; null: it is from the start, or stays free. */
	readonly closesAt: string | null;
}

/** Film that one layer leaves on the edges of a surface, micrometres: what is masked takes none, nor does what goes through an arrangement: what stands up there stands forward, and what hangs over an edge is wiped off while it is wet. */
export function filmOnEdge({ coat, film, surfaces, openings }: Layer, surface: string): Um {
	if (!surfaces.has(surface) || !isFilm(coat) || coat.edges === 'none') return 0;
	if (openings !== null) return 0;
	return coat.edges === 'one' ? film / coat.times : film;
}

/** Film on the edges of a surface after one more step, mm: what is sanded to bare goes off its edges too. */
function filmAfter(layer: Layer, surface: string, film: Mm): Mm {
	return layer.traits.bares && layer.surfaces.has(surface) ? 0 : film + filmOnEdge(layer, surface) / UM_PER_MM;
}

/** Room to move in a gap: what is left of it between the films on the edges of its two sides, at both its ends and at every stage. Source: methods 12. */
export function roomInGap(stack: Stack, gap: Gap): GapRoom {
	let film: readonly [Mm, Mm] = [0, 0];
	let eased = 0;
	const stages = stack.layers.map((layer) => {
		film = [filmAfter(layer, gap.between[0], film[0]), filmAfter(layer, gap.between[1], film[1])];
		for (const surface of gap.between) if (layer.surfaces.has(surface)) eased += layer.traits.eases;
		return gap.mm + eased - film[0] - film[1];
	});
	const change = eased - film[0] - film[1];
	const left = gap.mm + change;
	const verdict = verdictOf(left);
	const first = verdict === 'free' || verdictOf(gap.mm) === verdict ? -1 : stages.findIndex((room) => verdictOf(room) === verdict);
	return {
		gap: gap.id,
		at: gap.at,
		between: gap.between,
		ends: gap.ends,
		mm: gap.mm,
		film,
		eased,
		left,
		leftAtEnds: [gap.ends[0] + change, gap.ends[1] + change],
		verdict,
		stages,
		closesAt: first < 0 ? null : stack.layers[first]!.coat.id
	};
}

export function verdictOf(left: Mm): RoomVerdict {
	return left < 0 ? 'binds' : left < TIGHT ? 'tight' : 'free';
}
