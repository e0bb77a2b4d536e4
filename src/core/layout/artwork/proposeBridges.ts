import { isInRings, nearestOnSegment, type Ring } from '../../geometry';
import type { Mm } from '../../units';
import type { Island } from './readArtwork';

/** A strip that is left uncut, from an island to what holds it, mm. */
export interface Bridge {
	readonly from: { readonly x: Mm; readonly y: Mm };
	readonly to: { readonly x: Mm; readonly y: Mm };
	readonly length: Mm;
}

/** An island longer than this gets two, mm. Source: methods 6. */
const LONG: Mm = 30;

/**
 * Bridges that hold islands: shortest links first, each from an island to the sheet or to one that is held already (a spanning tree); a long one gets a
 * second, as far from the first as its links allow. `rings` are the openings; an opening inside an island goes with it. Source: methods 6.
 */
export function proposeBridges(rings: readonly Ring[], islands: readonly Island[]): Bridge[] {
	const isIsland = new Set(islands.map(({ ring }) => ring));
	const solid = rings.filter((ring) => !isIsland.has(ring));
	let held: Ring[] = [...solid];
	let loose = [...islands];
	const bridges: Bridge[] = [];
	while (loose.length > 0) {
		const links = loose.map((island) => ({
			island,
			link: shortest(
				island.ring,
				held.filter((ring) => ring !== island.ring),
				rings,
				null
			)
		}));
		const first = links.reduce((best, one) => (one.link.length < best.link.length ? one : best));
		if (!Number.isFinite(first.link.length)) break;
		bridges.push(first.link);
		if (first.island.length > LONG) {
			const second = shortest(first.island.ring, held, rings, first.link.from);
			if (Number.isFinite(second.length)) bridges.push(second);
		}
		held = [...held, first.island.ring];
		loose = loose.filter((island) => island !== first.island);
	}
	return bridges;
}

const NO_LINK: Bridge = { from: { x: 0, y: 0 }, to: { x: 0, y: 0 }, length: Infinity };

/** The shortest link across an opening from one ring to others; `away` from a point: at least a third of the island's size off it. */
function shortest(from: Ring, others: readonly Ring[], openings: readonly Ring[], away: { readonly x: Mm; readonly y: Mm } | null): Bridge {
	const apart = away === null ? 0 : extent(from) / 2;
	let best = NO_LINK;
	for (let i = 0; i < from.length; i += 2) {
		const [x, y] = [from[i]!, from[i + 1]!];
		if (away !== null && Math.hypot(x - away.x, y - away.y) < apart) continue;
		for (const ring of others)
			for (let j = 0, k = ring.length - 2; j < ring.length; k = j, j += 2) {
				const to = nearestOnSegment(x, y, ring[k]!, ring[k + 1]!, ring[j]!, ring[j + 1]!);
				const length = Math.hypot(to.x - x, to.y - y);
				if (length < best.length && isInRings((x + to.x) / 2, (y + to.y) / 2, openings)) best = { from: { x, y }, to, length };
			}
	}
	return best;
}

function extent(ring: Ring): Mm {
	let [left, top, right, bottom] = [Infinity, Infinity, -Infinity, -Infinity];
	for (let i = 0; i < ring.length; i += 2) {
		[left, right] = [Math.min(left, ring[i]!), Math.max(right, ring[i]!)];
		[top, bottom] = [Math.min(top, ring[i + 1]!), Math.max(bottom, ring[i + 1]!)];
	}
	return Math.hypot(right - left, bottom - top);
}
