import { boundsOfRings, coverRings } from '../../geometry';
import { partsOnFace, type MeasuredPiece } from '../../piece';
import type { Mm2 } from '../../units';
import type { LaidItem } from '../arrangements/types';
import type { Zone } from '../schema';
import { sharesAtDepth } from './joins';
import { depthOnPart, joinsOf, layZone, type LaidPart } from './layZone';

/** Cells along the longer side of an opening at which the field is asked. */
const CELLS = 72;

/** m2 of each colour of a zone on one part. */
export interface ZoneAreas {
	readonly zone: string;
	readonly part: string;
	/** In the order of the field. */
	readonly areas: readonly { readonly colour: string; readonly area: number }[];
}

/** What motifs let through of the colours of a zone, motif by motif; one that lies where the zone is not takes nothing. What lies on a part lies on its face too, where the zone is for the face. */
export function sharesInOpenings(zone: Zone, items: readonly LaidItem[], piece: Pick<MeasuredPiece, 'faces'>): ZoneAreas[] {
	const laid = layZone(zone, piece, items);
	const parts = new Map(piece.faces.flatMap(partsOnFace).map((part) => [part.id, part]));
	return items.flatMap((item) => {
		const known = KNOWN.get(item);
		if (known?.zone === zone && known.faces === piece.faces) return known.shares;
		const shares = sharesOfItem(item);
		KNOWN.set(item, { zone, faces: piece.faces, shares });
		return shares;
	});

	function sharesOfItem(item: LaidItem): ZoneAreas[] {
		const part = parts.get(item.part);
		const under = laid.find((one) => one.part.id === item.part) ?? laid.find((one) => part !== undefined && one.part.id === part.face);
		if (!part || !under || item.rings.length === 0) return [];
		const inside = under.part.id === part.id ? { x: 0, y: 0 } : { x: part.x, y: part.y };
		const areas = areasInItem(zone, item, under, inside);
		return [{ zone: zone.id, part: item.part, areas: zone.colours.map((colour, i) => ({ colour, area: areas[i]! / 1e6 })) }];
	}
}

/** Of motifs that were asked for before: they stay while only coats change. */
const KNOWN = new WeakMap<LaidItem, { readonly zone: Zone; readonly faces: MeasuredPiece['faces']; readonly shares: ZoneAreas[] }>();

/** mm2 of each stretch in the openings of one motif: each cell by how much of it is open. */
function areasInItem(
	zone: Zone,
	{ rings, openArea }: LaidItem,
	{ laid }: LaidPart,
	inside: { readonly x: number; readonly y: number }
): Mm2[] {
	const joins = joinsOf(zone, laid.region);
	const { left, top, right, bottom } = boundsOfRings(rings);
	const scale = CELLS / Math.max(right - left, bottom - top);
	const [width, height] = [Math.ceil((right - left) * scale), Math.ceil((bottom - top) * scale)];
	const moved = rings.map((ring) => ring.map((value, i) => value - (i % 2 === 0 ? left : top)));
	const { data } = coverRings(moved, width, height, scale);
	const sums = new Array<number>(joins.length + 1).fill(0);
	let whole = 0;
	for (let i = 0; i < data.length; i++) {
		if (data[i] === 0) continue;
		const x = left + ((i % width) + 0.5) / scale;
		const y = top + (Math.floor(i / width) + 0.5) / scale;
		sharesAtDepth(joins, depthOnPart(zone.field, laid, x + inside.x, y + inside.y)).forEach((share, s) => (sums[s]! += share * data[i]!));
		whole += data[i]!;
	}
	return sums.map((sum) => (whole === 0 ? 0 : (openArea * sum) / whole));
}
